import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { offsetFigure, rimFigure } from '#core/units';
import type { FitWindow } from '#core/advice/window';
import { FITS } from '#core/evaluate';
import { Drawing } from '../drawing/Drawing';
import { linearScale } from '../drawing/linearScale';
import { placeOn } from '../drawing/measures';
import { useZoom } from '../drawing/useZoom';
import { useSize } from '../drawing/useSize';
import { snapped } from './axes';
import type { StockPoint } from './places';
import { Stretch, EdgeWords, Grid } from './chartParts';
import { type Place, EDGE } from './chartScale';
import { fanOf } from './fan';
import './window.css';

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

/** A setup that is dragged: where it is now, and how far from its middle it was taken. */
interface Held {
  id: string;
  place: Place;
  aside: readonly [number, number];
}

/** Half of what a finger needs to take a setup. */
const HIT_PX = 22;
/** How far a finger slips in a tap. */
const TAP_PX = 8;

/** Width against offset: rows of rim widths, the stretches that fit, and what limits them. */
export function WindowChart(props: WindowChartProps) {
  const { window, eased, setups, stock, cursor, point, pin, move, raise, make } = props;
  const { ref, size } = useSize<HTMLDivElement>({ width: 760, height: 560 });
  const zoom = useZoom(size);
  const [held, setHeld] = useState<Held | null>(null);
  const widths = window.rows.map(({ rimWidthIn }) => rimWidthIn);
  const [least, most] = [widths[0]!, widths.at(-1)!];
  const x = linearScale(window.offsetsMm, [EDGE.left, size.width - EDGE.right]);
  const y = linearScale([least - 0.25, most + 0.25], [size.height - EDGE.bottom, EDGE.top]);
  const band = y(least) - y(least + 0.5);
  // The others stand in the list.
  const stockInSight = stock.filter(
    ({ offsetMm }) => offsetMm >= window.offsetsMm[0] && offsetMm <= window.offsetsMm[1],
  );
  const fan = fanOf(setups, { x, y });
  const pressed = useRef([0, 0] as [number, number]);
  // What was dragged is the drawing.
  const isTap = ({ clientX, clientY }: PointerEvent<Element>) =>
    Math.hypot(clientX - pressed.current[0], clientY - pressed.current[1]) <= TAP_PX;
  const [first, last] = window.offsetsMm;
  /** The nearest place of the chart. */
  const within = ({ offsetMm, rimWidthIn }: Place): Place => ({
    offsetMm: Math.min(last, Math.max(first, offsetMm)),
    rimWidthIn: Math.min(most, Math.max(least, rimWidthIn)),
  });
  const onChart = (event: PointerEvent<Element>) => placeOn(ref.current!.querySelector('svg')!, event);
  const placeOf = (event: PointerEvent<Element>, aside: readonly [number, number] = [0, 0]): Place => {
    const on = onChart(event);
    const at = snapped(x.invert(on.x - aside[0]), y.invert(on.y - aside[1]));
    return within(at);
  };
  const nudged = ({ key, shiftKey }: KeyboardEvent, from: Place): Place | null => {
    const by = shiftKey ? 5 : 1;
    const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[key];
    if (!step) return null;
    const offsetMm = from.offsetMm + step[0]!;
    return { ...within({ offsetMm, rimWidthIn: from.rimWidthIn + step[1]! }), offsetMm };
  };
  // The keyboard begins where somebody pointed, or at the raised setup.
  const from: Place = cursor ??
    setups.find(({ raised }) => raised) ?? {
      offsetMm: Math.round((window.offsetsMm[0] + window.offsetsMm[1]) / 2),
      rimWidthIn: widths[Math.floor(widths.length / 2)]!,
    };
  const walk = (event: KeyboardEvent) => {
    if (event.key === 'Enter') make(from);
    const to = nudged(event, from);
    if (!to) return;
    event.preventDefault();
    point(null);
    pin(within(to));
  };
  return (
    <div className="window-chart" ref={ref}>
      <Drawing
        zoom={zoom}
        role="group"
        aria-label={`Window of the ${window.axle} axle: rim width against offset`}
        onPointerMove={(event) =>
          held ? setHeld({ ...held, place: placeOf(event, held.aside) }) : point(placeOf(event))
        }
        onPointerLeave={() => held || point(null)}
        onPointerDown={({ clientX, clientY }) => {
          pressed.current = [clientX, clientY];
        }}
        onPointerUp={(event) => {
          if (held) move(held.id, held.place);
          else if (isTap(event)) pin(placeOf(event));
          setHeld(null);
        }}
        onDoubleClick={() => cursor && make(cursor)}
      >
        <Grid x={x} y={y} widths={widths} band={band} size={size} rows={window.rows} />
        {window.rows.map((row) => (
          <g key={row.rimWidthIn}>
            {eased &&
              row.eased?.map((span) => (
                <rect
                  key={span.fromMm}
                  className="window-eased"
                  x={x(span.fromMm)}
                  width={x(span.toMm) - x(span.fromMm)}
                  y={y(row.rimWidthIn) - band / 2}
                  height={band}
                />
              ))}
            {row.spans.map((span) => (
              <Stretch
                key={span.fromMm}
                span={span}
                x={x}
                top={y(row.rimWidthIn) - band / 2}
                band={band}
                sure={window.missing.length === 0}
              />
            ))}
          </g>
        ))}
        <EdgeWords
          rows={window.rows}
          x={x}
          y={y}
          points={[...setups.map((one) => ({ ...one, byPx: fan.get(one.id) })), ...stockInSight]}
          size={size}
        />
        {cursor && !held && (
          <g className="window-cursor" aria-hidden>
            <line x1={x(cursor.offsetMm)} x2={x(cursor.offsetMm)} y1={EDGE.top} y2={size.height - EDGE.bottom} />
            <line x1={EDGE.left} x2={size.width - EDGE.right} y1={y(cursor.rimWidthIn)} y2={y(cursor.rimWidthIn)} />
          </g>
        )}
        <rect
          className="window-place"
          x={EDGE.left}
          y={EDGE.top}
          width={Math.max(0, size.width - EDGE.left - EDGE.right)}
          height={Math.max(0, size.height - EDGE.top - EDGE.bottom)}
          role="application"
          tabIndex={0}
          aria-label="Place in the window: arrow keys move it, Enter makes a setup there"
          aria-description={`${rimFigure(from.rimWidthIn)} in, offset ${offsetFigure(from.offsetMm)}`}
          onKeyDown={walk}
        />
        {stockInSight.map((wheel) => (
          <path
            key={wheel.name}
            className={`window-stock is-${wheel.verdict}`}
            data-verdict={wheel.verdict}
            d="M0,-5.5L5.5,0L0,5.5L-5.5,0Z"
            transform={`translate(${x(wheel.offsetMm)},${y(wheel.rimWidthIn)})`}
          >
            <title>{`${wheel.name}: ${[FITS[wheel.verdict], ...wheel.held].join(', ').toLowerCase()}`}</title>
          </path>
        ))}
        {/* The raised one lies on top of those in the same place. */}
        {[...setups]
          .sort((one, other) => Number(one.raised) - Number(other.raised))
          .map((setup) => {
            const place = held?.id === setup.id ? held.place : setup;
            const fanned = held?.id === setup.id ? 0 : (fan.get(setup.id) ?? 0);
            return (
              <g
                key={setup.id}
                className="window-setup"
                data-drag
                data-raised={setup.raised}
                data-setup={setup.id}
                transform={`translate(${x(place.offsetMm)},${y(place.rimWidthIn) + fanned})`}
                tabIndex={0}
                role="button"
                aria-label={
                  `Setup ${setup.id.toUpperCase()}, ${rimFigure(setup.rimWidthIn)} in, offset` +
                  ` ${offsetFigure(setup.offsetMm)}: arrow keys move it`
                }
                onPointerDown={(event) => {
                  (event.currentTarget as Element).closest('svg')!.setPointerCapture(event.pointerId);
                  raise(setup.id);
                  const on = onChart(event);
                  const aside = [on.x - x(setup.offsetMm), on.y - y(setup.rimWidthIn)] as const;
                  setHeld({ id: setup.id, place: setup, aside });
                }}
                onKeyDown={(event) => {
                  if (event.key === 'Enter' || event.key === ' ') raise(setup.id);
                  const to = nudged(event, setup);
                  if (!to) return;
                  event.preventDefault();
                  move(setup.id, to);
                }}
              >
                {fanned !== 0 && <line className="window-fanned" y2={-fanned} />}
                <circle r={HIT_PX} className="window-hit" />
                <circle r={11} />
                <text y={4} textAnchor="middle">
                  {setup.id.toUpperCase()}
                </text>
                <title>{setup.title}</title>
              </g>
            );
          })}
      </Drawing>
    </div>
  );
}
