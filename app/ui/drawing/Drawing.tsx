import type { KeyboardEvent, SVGProps } from 'react';
import { drawingLength } from './measures';
import type { Zoom } from './useZoom';
import './drawing.css';

/** A drawing that can be looked at closely: its frame, what is on it, and the way back to the whole. */
export function Drawing({ zoom, children, ...svg }: { zoom: Zoom } & Omit<SVGProps<SVGSVGElement>, 'ref'>) {
  const { take, ...hand } = zoom;
  const { box, sight, isWhole } = hand;
  return (
    <>
      <svg
        {...svg}
        ref={take}
        className="drawing"
        data-whole={isWhole}
        width={drawingLength(box.width)}
        height={drawingLength(box.height)}
        viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
      >
        <g data-sight transform={isWhole ? undefined : `translate(${sight.x} ${sight.y}) scale(${sight.k})`}>
          {children}
        </g>
      </svg>
      <ZoomTools {...hand} />
    </>
  );
}

/** A tenth of the drawing at each key. */
const PAN = 0.1;

/** In sight once the drawing is enlarged, and for the keyboard. */
function ZoomTools({ closer, pan, whole, isWhole }: Omit<Zoom, 'take'>) {
  const walk = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [PAN, 0], ArrowRight: [-PAN, 0], ArrowUp: [0, PAN], ArrowDown: [0, -PAN] }[event.key];
    if (!by || isWhole) return;
    pan(by[0]!, by[1]!);
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div className="zoom-tools" role="group" aria-label="Size of the drawing" data-whole={isWhole} onKeyDown={walk}>
      <button type="button" onClick={closer} aria-description="Arrow keys move it once it is closer">
        Closer
      </button>
      <button type="button" onClick={whole} disabled={isWhole}>
        Whole drawing
      </button>
    </div>
  );
}
