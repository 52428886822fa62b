import { select, zoom, zoomIdentity, type D3ZoomEvent } from 'd3';

/** What of a drawing is in sight: its enlargement, and how far it is moved, in its units. */
export interface Sight {
  k: number;
  x: number;
  y: number;
}

/** The paper of a drawing, in its units. */
export interface Frame {
  left: number;
  top: number;
  width: number;
  height: number;
}

export interface Zoomable {
  /** Enlarges about the middle of what is in sight. */
  closer(): void;
  /** Moves what is in sight by shares of the drawing. */
  pan(across: number, down: number): void;
  whole(): void;
  end(): void;
}

const MOST = 8;
const STEP = 1.6;

/** What has a drag of its own is never moved with its drawing. */
const isHeld = ({ target }: Event): boolean => target instanceof Element && target.closest('[data-drag]') !== null;

/**
 * Lets a drawing be enlarged by two fingers, or by the wheel with Ctrl, and dragged once it is; one finger on a whole
 * drawing scrolls the page.
 */
export function zoomable(svg: SVGSVGElement, box: Frame, seen: (sight: Sight) => void): Zoomable {
  const corners: [[number, number], [number, number]] = [
    [box.left, box.top],
    [box.left + box.width, box.top + box.height],
  ];
  let isWhole = true;
  const behavior = zoom<SVGSVGElement, unknown>()
    .extent(corners)
    .translateExtent(corners)
    .scaleExtent([1, MOST])
    .filter((event: Event) => {
      if (event instanceof WheelEvent) return event.ctrlKey;
      if ('touches' in event && (event as TouchEvent).touches.length > 1) return true;
      return !isWhole && !isHeld(event) && !(event as MouseEvent).button;
    })
    .on('zoom', ({ transform }: D3ZoomEvent<SVGSVGElement, unknown>) => {
      isWhole = transform.k === 1;
      seen({ k: transform.k, x: transform.x, y: transform.y });
    });
  const on = select(svg).call(behavior).on('dblclick.zoom', null);
  return {
    closer: () => on.call(behavior.scaleBy, STEP),
    pan: (across, down) => on.call(behavior.translateBy, across * box.width, down * box.height),
    whole: () => on.call(behavior.transform, zoomIdentity),
    end() {
      on.on('.zoom', null).call(behavior.transform, zoomIdentity);
    },
  };
}
