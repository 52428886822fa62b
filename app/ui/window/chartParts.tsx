import { useId } from 'react';
import { formatNumber, offsetFigure } from '#core/units';
import type { WindowRow, WindowSpan } from '#core/advice/window';
import type { LinearScale } from '../drawing/linearScale';
import { isNamed } from '../drawing/ticks';
import { type Place, EDGE } from './chartScale';
import { edgeWords, placeWords, pointBox, shutWords } from './chartWords';
import './window.css';

interface Scales {
  /** Offsets, mm. */
  x: LinearScale;
  /** Rim widths, in. */
  y: LinearScale;
}

/** A stretch whose ends are as soft as they are unsure. */
export function Stretch({
  span,
  x,
  top,
  band,
  sure,
}: {
  span: WindowSpan;
  x: Scales['x'];
  top: number;
  band: number;
  sure: boolean;
}) {
  const id = useId();
  const soft = (end: 'low' | 'high') => span[end]?.plusMinus ?? 0;
  const [from, to] = [span.fromMm - soft('low'), span.toMm + soft('high')];
  const share = (mm: number) => Math.min(1, Math.max(0, (mm - from) / (to - from)));
  const stops = [
    [share(from), 0],
    [share(Math.min(span.fromMm + soft('low'), (span.fromMm + span.toMm) / 2)), 1],
    [share(Math.max(span.toMm - soft('high'), (span.fromMm + span.toMm) / 2)), 1],
    [share(to), 0],
  ] as const;
  return (
    <g className="window-span" data-sure={sure}>
      <defs>
        <linearGradient id={id}>
          {stops.map(([offset, opacity], n) => (
            <stop key={n} offset={offset} stopOpacity={opacity} />
          ))}
        </linearGradient>
      </defs>
      <rect x={x(from)} width={x(to) - x(from)} y={top} height={band} fill={`url(#${id})`} />
      {span.low && <line className="window-edge" x1={x(span.fromMm)} x2={x(span.fromMm)} y1={top} y2={top + band} />}
      {span.high && <line className="window-edge" x1={x(span.toMm)} x2={x(span.toMm)} y1={top} y2={top + band} />}
    </g>
  );
}

/** What holds each edge, and what keeps a row shut; words that find no room are in the list of rows alone. */
export function EdgeWords({ rows, x, y, points, size }: Scales & EdgeWordsProps) {
  const asked = [...edgeWords(rows, { x, y }), ...shutWords(rows, { y, width: size.width })];
  const taken = points.map(({ offsetMm, rimWidthIn, byPx = 0 }) => pointBox(x(offsetMm), y(rimWidthIn) + byPx));
  const placed = placeWords(asked, { taken, from: EDGE.left, to: size.width - EDGE.right });
  return placed.map(({ key, text, kind, x: at, y: line, anchor }) => (
    <text key={key} className={`window-${kind}`} x={at} y={line} textAnchor={anchor}>
      {text}
    </text>
  ));
}

interface EdgeWordsProps {
  rows: readonly WindowRow[];
  /** What words keep off, each by how far it is moved from its row. */
  points: readonly (Place & { byPx?: number | undefined })[];
  size: { width: number };
}

/** Less room than this has no place for whole words at both ends of the offsets, px. */
const WORDS_PX = 260;

/** Rim widths as rows, offsets as ticks, and the tire of every row. */
export function Grid({
  x,
  y,
  widths,
  band,
  size,
  rows,
}: Scales & {
  widths: readonly number[];
  band: number;
  size: { width: number; height: number };
  rows: readonly WindowRow[];
}) {
  const foot = size.height - EDGE.bottom;
  const [from, to] = [Math.ceil(x.invert(EDGE.left) / 10) * 10, x.invert(size.width - EDGE.right)];
  const ticks = Array.from({ length: Math.floor((to - from) / 10) + 1 }, (_, n) => from + 10 * n);
  const named = isNamed({ step: 10, unitPx: x(1) - x(0) });
  // Three words share the line under the chart.
  const further = size.width - EDGE.left - EDGE.right < WORDS_PX ? '' : 'further ';
  return (
    <g className="window-grid">
      {widths.map((width) => (
        <g key={width}>
          <line
            x1={EDGE.left}
            x2={size.width - EDGE.right}
            y1={y(width) + band / 2}
            y2={y(width) + band / 2}
            className={Number.isInteger(width - 0.5) ? 'grid-inch' : ''}
          />
          <text x={EDGE.left - 10} y={y(width) + 4} textAnchor="end">
            {formatNumber(width)}
          </text>
        </g>
      ))}
      {rows.map(({ rimWidthIn, tire }, at) => (
        <text key={rimWidthIn} className="window-tire" x={size.width - EDGE.right + 10} y={y(rimWidthIn) + 4}>
          {/* Wider rims stand over narrower ones: a tire is named once for all that take it. */}
          {at < rows.length - 1 && rows[at + 1]!.tire === tire ? '″' : (tire ?? 'no tire')}
        </text>
      ))}
      {ticks.map((mm) => (
        <g key={mm}>
          <line x1={x(mm)} x2={x(mm)} y1={EDGE.top} y2={foot} />
          {named(mm) && (
            <text x={x(mm)} y={foot + 16} textAnchor="middle">
              {offsetFigure(mm)}
            </text>
          )}
        </g>
      ))}
      <text className="window-axis" x={EDGE.left - 10} y={EDGE.top - 12} textAnchor="end">
        rim, in
      </text>
      <text className="window-axis" x={size.width - EDGE.right + 10} y={EDGE.top - 12}>
        tire
      </text>
      <text className="window-axis" x={EDGE.left} y={foot + 34}>
        ← {further}out
      </text>
      <text className="window-axis" x={(EDGE.left + size.width - EDGE.right) / 2} y={foot + 34} textAnchor="middle">
        offset, mm
      </text>
      <text className="window-axis" x={size.width - EDGE.right} y={foot + 34} textAnchor="end">
        {further}in →
      </text>
    </g>
  );
}
