import { useEffect, useMemo, useState } from 'react';
import type { Frame, Sight, Zoomable } from './zoomable';

const WHOLE: Sight = { k: 1, x: 0, y: 0 };

/** How a drawing is enlarged now, and what enlarges it. */
export interface Zoom {
  take(svg: SVGSVGElement | null): void;
  box: Frame;
  sight: Sight;
  isWhole: boolean;
  closer(): void;
  pan(across: number, down: number): void;
  whole(): void;
}

/** Enlarges a drawing of a size; its middle is its origin where it says so. */
export function useZoom({ width, height }: { width: number; height: number }, centered = false): Zoom {
  const [svg, take] = useState<SVGSVGElement | null>(null);
  const [hand, setHand] = useState<Zoomable | null>(null);
  const [sight, setSight] = useState(WHOLE);
  const box = useMemo(
    () => ({ left: centered ? -width / 2 : 0, top: centered ? -height / 2 : 0, width, height }),
    [width, height, centered],
  );
  useEffect(() => {
    if (!svg) return;
    let isGone = false;
    let made: Zoomable | null = null;
    // What enlarges is no part of the first sight of a page.
    void import('./zoomable').then(({ zoomable }) => {
      if (isGone) return;
      made = zoomable(svg, box, setSight);
      setHand(made);
    });
    return () => {
      isGone = true;
      made?.end();
    };
  }, [svg, box]);
  return {
    take,
    box,
    sight,
    isWhole: sight.k === 1,
    closer: () => hand?.closer(),
    pan: (across, down) => hand?.pan(across, down),
    whole: () => hand?.whole(),
  };
}
