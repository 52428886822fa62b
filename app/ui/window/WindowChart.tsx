import { scaleLinear } from 'd3';
import { useId, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { formatNumber, offsetFigure, rimFigure } from '#core/units';
import type { FitWindow, WindowRow, WindowSpan } from '#core/advice/window';
import { useSize } from '../sheet/useSize';
import { snapped } from './axes';
import type { StockPoint } from './places';

export interface Place {
  offsetMm: number;
  rimWidthIn: number;
}

/** A setup as a point that can be moved. */
export interface SetupPoint extends Place {
  id: string;
  title: string;
  raised: boolean;
}

interface WindowChartProps {
  window: FitWindow;
  eased: boolean;
  setups: readonly SetupPoint[];
  stock: readonly StockPoint[];
  cursor: Place | null;
  /** Where the pointer is, and where it was clicked. */
  point(place: Place | null): void;
  pin(place: Place): void;
  move(id: string, place: Place): void;
  raise(id: string): void;
  make(place: Place): void;
}

const EDGE = { left: 66, right: 136, top: 30, bottom: 44 };

/** Width against offset: rows of rim widths, the stretches in which every limit holds, and what holds their ends. */
export function WindowChart(props: WindowChartProps) {
  const { window, eased, setups, stock, cursor, point, pin, move, raise, make } = props;
  const { ref, size } = useSize<HTMLDivElement>({ width: 760, height: 560 });
  const [held, setHeld] = useState<{ id: string; place: Place } | null>(null);
  const widths = window.rows.map(({ rimWidthIn }) => rimWidthIn);
  const [least, most] = [widths[0]!, widths.at(-1)!];
  const x = scaleLinear(window.offsetsMm, [EDGE.left, size.width - EDGE.right]);
  const y = scaleLinear([least - 0.25, most + 0.25], [size.height - EDGE.bottom, EDGE.top]);
  const band = y(least) - y(least + 0.5);
  // The others stand in the list.
  const stockInSight = stock.filter(({ offsetMm }) => offsetMm >= window.offsetsMm[0] && offsetMm <= window.offsetsMm[1]);
  const placeOf = (event: PointerEvent<Element>): Place => {
    const box = ref.current!.getBoundingClientRect();
    const at = snapped(x.invert(event.clientX - box.left), y.invert(event.clientY - box.top));
    return {
      offsetMm: Math.min(window.offsetsMm[1], Math.max(window.offsetsMm[0], at.offsetMm)),
      rimWidthIn: Math.min(most, Math.max(least, at.rimWidthIn)),
    };
  };
  const nudged = ({ key, shiftKey }: KeyboardEvent, from: Place): Place | null => {
    const by = shiftKey ? 5 : 1;
    const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[key];
    return step ? { offsetMm: from.offsetMm + step[0]!, rimWidthIn: Math.min(most, Math.max(least, from.rimWidthIn + step[1]!)) } : null;
  };
  return (
    <div className="window-chart" ref={ref}>
      <svg
        width={size.width}
        height={size.height}
        role="group"
        aria-label={`Window of the ${window.axle} axle: rim width against offset`}
        onPointerMove={(event) => (held ? setHeld({ ...held, place: placeOf(event) }) : point(placeOf(event)))}
        onPointerLeave={() => held || point(null)}
        onPointerUp={(event) => {
          if (held) move(held.id, held.place);
          else pin(placeOf(event));
          setHeld(null);
        }}
        onDoubleClick={() => cursor && make(cursor)}
      >
        <Grid x={x} y={y} widths={widths} band={band} size={size} rows={window.rows} />
        {window.rows.map((row) => (
          <g key={row.rimWidthIn}>
            {eased && row.eased?.map((span) => (
              <rect key={span.fromMm} className="window-eased" x={x(span.fromMm)} width={x(span.toMm) - x(span.fromMm)} y={y(row.rimWidthIn) - band / 2} height={band} />
            ))}
            {row.spans.map((span) => (
              <Stretch key={span.fromMm} span={span} x={x} top={y(row.rimWidthIn) - band / 2} band={band} sure={window.missing.length === 0} />
            ))}
            {row.spans.length === 0 && <ClosedRow row={row} x={x} y={y} offsetsMm={window.offsetsMm} points={[...setups, ...stockInSight]} />}
          </g>
        ))}
        <EdgeNames rows={window.rows} x={x} y={y} points={[...setups, ...stockInSight]} />
        {cursor && !held && (
          <g className="window-cursor" aria-hidden>
            <line x1={x(cursor.offsetMm)} x2={x(cursor.offsetMm)} y1={EDGE.top} y2={size.height - EDGE.bottom} />
            <line x1={EDGE.left} x2={size.width - EDGE.right} y1={y(cursor.rimWidthIn)} y2={y(cursor.rimWidthIn)} />
          </g>
        )}
        {stockInSight.map((wheel) => (
          <path key={wheel.name} className={`window-stock is-${wheel.verdict}`} data-verdict={wheel.verdict} d="M0,-5.5L5.5,0L0,5.5L-5.5,0Z" transform={`translate(${x(wheel.offsetMm)},${y(wheel.rimWidthIn)})`}>
            <title>{`${wheel.name}: ${STOCK_WORDS[wheel.verdict]}${wheel.held.length > 0 ? `, ${wheel.held.join(', ').toLowerCase()}` : ''}`}</title>
          </path>
        ))}
        {/* The raised one lies on top of those in the same place. */}
        {[...setups].sort((one, other) => Number(one.raised) - Number(other.raised)).map((setup) => {
          const place = held?.id === setup.id ? held.place : setup;
          return (
            <g
              key={setup.id}
              className="window-setup"
              data-raised={setup.raised}
              data-setup={setup.id}
              transform={`translate(${x(place.offsetMm)},${y(place.rimWidthIn)})`}
              tabIndex={0}
              role="button"
              aria-label={`Setup ${setup.id.toUpperCase()}, ${rimFigure(setup.rimWidthIn)} in, offset ${offsetFigure(setup.offsetMm)}: arrow keys move it`}
              onPointerDown={(event) => {
                (event.currentTarget as Element).closest('svg')!.setPointerCapture(event.pointerId);
                raise(setup.id);
                setHeld({ id: setup.id, place: setup });
              }}
              onKeyDown={(event) => {
                if (event.key === 'Enter' || event.key === ' ') raise(setup.id);
                const to = nudged(event, setup);
                if (!to) return;
                event.preventDefault();
                move(setup.id, to);
              }}
            >
              <circle r={11} />
              <text y={4} textAnchor="middle">
                {setup.id.toUpperCase()}
              </text>
              <title>{setup.title}</title>
            </g>
          );
        })}
      </svg>
    </div>
  );
} // prettier-ignore

const STOCK_WORDS = {
  ok: 'every limit holds',
  caution: 'with care',
  fail: 'does not fit',
  unknown: 'not all is known',
} as const;

interface Scales {
  x: (mm: number) => number;
  y: (inches: number) => number;
}

/** A stretch whose ends are as soft as they are unsure. */
function Stretch({ span, x, top, band, sure }: { span: WindowSpan; x: Scales['x']; top: number; band: number; sure: boolean }) {
  const id = useId();
  const soft = (end: 'low' | 'high') => (span[end]?.plusMinus ?? 0);
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
} // prettier-ignore

/** What keeps a row shut, at the end of it where no point stands. */
function ClosedRow({ row, x, y, offsetsMm, points }: Scales & { row: WindowRow; offsetsMm: readonly [number, number]; points: readonly Place[] }) {
  const [left, right] = [x(offsetsMm[0]), x(offsetsMm[1])];
  const at = points.filter(({ rimWidthIn }) => rimWidthIn === row.rimWidthIn).map(({ offsetMm }) => x(offsetMm));
  const atRight = at.some((px) => px < left + WORDS_PX.shut) && !at.some((px) => px > right - WORDS_PX.shut);
  return (
    <text className="window-closed" x={atRight ? right - 8 : left + 8} y={y(row.rimWidthIn) + 4} textAnchor={atRight ? 'end' : 'start'}>
      {row.closedBy.slice(0, 2).join(', ').toLowerCase()}
    </text>
  );
} // prettier-ignore
/** How far the words at an edge or in a shut row reach. */
const WORDS_PX = { edge: 130, shut: 200 };

/** The name of what holds an edge, once for all rows that it holds on, in one where no point stands in its way. */
function EdgeNames({ rows, x, y, points }: Scales & { rows: readonly WindowRow[]; points: readonly Place[] }) {
  const ends = (['low', 'high'] as const).flatMap((end) => {
    const held = rows.flatMap((row) => {
      const span = end === 'low' ? row.spans[0] : row.spans.at(-1);
      const edge = span?.[end];
      return span && edge ? [{ row, edge, mm: end === 'low' ? span.fromMm : span.toMm }] : [];
    });
    const labels = [...new Set(held.map(({ edge }) => edge.label))];
    return labels.map((label) => {
      const mine = held.filter(({ edge }) => edge.label === label);
      const free = mine.filter(({ row, mm }) =>
        points.every((point) => {
          const beyond = (x(point.offsetMm) - x(mm)) * (end === 'low' ? -1 : 1);
          return point.rimWidthIn !== row.rimWidthIn || beyond < 0 || beyond > WORDS_PX.edge;
        }),
      );
      const among = free.length > 0 ? free : mine;
      const middle = among[Math.floor((among.length - 1) / 2)]!;
      return { end, label, mm: middle.mm, rimWidthIn: middle.row.rimWidthIn, soft: middle.edge.plusMinus ?? 0 };
    });
  });
  return ends.map(({ end, label, mm, rimWidthIn, soft }) => (
    <text
      key={`${end}${label}`}
      className="window-edge-name"
      x={x(end === 'low' ? mm - soft : mm + soft) + (end === 'low' ? -6 : 6)}
      y={y(rimWidthIn) + 4}
      textAnchor={end === 'low' ? 'end' : 'start'}
    >
      {label}
    </text>
  ));
}

/** Rim widths as rows, offsets as ticks, and the tire of every row. */
function Grid({ x, y, widths, band, size, rows }: Scales & { widths: readonly number[]; band: number; size: { width: number; height: number }; rows: readonly WindowRow[] }) {
  const foot = size.height - EDGE.bottom;
  const [from, to] = [Math.ceil(xInverse(x, EDGE.left) / 10) * 10, xInverse(x, size.width - EDGE.right)];
  const ticks = Array.from({ length: Math.floor((to - from) / 10) + 1 }, (_, n) => from + 10 * n);
  return (
    <g className="window-grid">
      {widths.map((width) => (
        <g key={width}>
          <line x1={EDGE.left} x2={size.width - EDGE.right} y1={y(width) + band / 2} y2={y(width) + band / 2} className={Number.isInteger(width - 0.5) ? 'grid-inch' : ''} />
          <text x={EDGE.left - 10} y={y(width) + 4} textAnchor="end">
            {formatNumber(width)}
          </text>
        </g>
      ))}
      {rows.map(({ rimWidthIn, tire }) => (
        <text key={rimWidthIn} className="window-tire" x={size.width - EDGE.right + 10} y={y(rimWidthIn) + 4}>
          {tire ?? 'no tire'}
        </text>
      ))}
      {ticks.map((mm) => (
        <g key={mm}>
          <line x1={x(mm)} x2={x(mm)} y1={EDGE.top} y2={foot} />
          <text x={x(mm)} y={foot + 16} textAnchor="middle">
            {offsetFigure(mm)}
          </text>
        </g>
      ))}
      <text className="window-axis" x={EDGE.left - 10} y={EDGE.top - 12} textAnchor="end">
        rim, in
      </text>
      <text className="window-axis" x={size.width - EDGE.right + 10} y={EDGE.top - 12}>
        tire
      </text>
      <text className="window-axis" x={EDGE.left} y={foot + 34}>
        ← further out
      </text>
      <text className="window-axis" x={(EDGE.left + size.width - EDGE.right) / 2} y={foot + 34} textAnchor="middle">
        offset, mm
      </text>
      <text className="window-axis" x={size.width - EDGE.right} y={foot + 34} textAnchor="end">
        further in →
      </text>
    </g>
  );
} // prettier-ignore

const xInverse = (x: (mm: number) => number, pixel: number): number => {
  const [zero, ten] = [x(0), x(10)];
  return ((pixel - zero) / (ten - zero)) * 10;
};
