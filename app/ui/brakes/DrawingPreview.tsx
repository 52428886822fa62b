import type { AxialPoint } from '#core/brake';
import { line } from 'd3';
import { formatNumber } from '#core/units';
import { Ruler } from '../sheet/Ruler';
import { drawingFrame } from '../drawing/measures';
import { fitScale } from '../sheet/scale';
import './brakes.css';

interface DrawingPreviewProps {
  lines: readonly { points: AxialPoint[]; closed: boolean }[];
  /** The brake that is known already, for comparison. */
  other: readonly AxialPoint[];
}

const SIZE = { width: 330, height: 340 };
const MARGINS = { left: 16, right: 16, top: 14, bottom: 44 };

/** What the chosen lines come to, on the hub's face and axis, with how large it is. */
export function DrawingPreview({ lines, other }: DrawingPreviewProps) {
  const all = [...lines.flatMap(({ points }) => points), ...other];
  const [as, rs] = [
    [...all.map(({ a }) => a), -20, 20],
    [...all.map(({ r }) => r), 40],
  ];
  const scale = fitScale(
    { left: Math.min(...as), right: Math.max(...as), bottom: 0, top: Math.max(...rs) },
    SIZE,
    MARGINS,
  );
  const { x, y } = scale;
  const draw = line<AxialPoint>(
    ({ a }) => x(a),
    ({ r }) => y(r),
  );
  const foot = SIZE.height - MARGINS.bottom;
  const drawn = lines.flatMap(({ points }) => points);
  const size = (of: (point: AxialPoint) => number) =>
    `${formatNumber(Math.min(...drawn.map(of)))} to ${formatNumber(Math.max(...drawn.map(of)))} mm`;
  return (
    <figure className="sheet drawing-preview">
      <svg {...drawingFrame(SIZE)} role="img" aria-label="How the lines would lie on hub face and axis">
        <Ruler scale={scale} y={foot} grid={false} />
        <line className="hub-face" x1={x(0)} x2={x(0)} y1={y(60)} y2={foot} />
        {other.length > 0 && <path className="brake-outline" d={`${draw(other) ?? ''}Z`} />}
        {lines.map(({ points, closed }, index) => (
          <path key={index} className="brake-line" d={`${draw(points) ?? ''}${closed ? 'Z' : ''}`} />
        ))}
      </svg>
      <figcaption className="soft figure">
        {drawn.length > 0 ? (
          <>
            from face {size(({ a }) => a)}
            <br />
            from axis {size(({ r }) => r)}
          </>
        ) : (
          'choose a line'
        )}
      </figcaption>
    </figure>
  );
}
