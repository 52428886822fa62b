import { verdictWord } from '#core/evaluate';
import { line } from 'd3';
import { useRef, type PointerEvent } from 'react';
import type { BrakeRoom, AxialPoint } from '#core/brake';
import { clearanceVerdict } from '#core/verdict';
import { useLengths } from '../../preferences/PreferencesContext';
import { Dimension } from '../sheet/Dimension';
import { Ruler } from '../sheet/Ruler';
import { fitScale, type SheetScale } from '../sheet/scale';
import { Drawing } from '../drawing/Drawing';
import { placeOn } from '../drawing/measures';
import { useZoom } from '../drawing/useZoom';
import { useSize } from '../drawing/useSize';
import { nearPlaces, type BrakeScene } from './scene';
import './brakes.css';

interface BrakeSheetProps {
  scene: BrakeScene;
  room: BrakeRoom | null;
  limits: { spokeMm: number; barrelMm: number };
  boreMm: number | null;
  assumed: boolean;
  /** Moves the wheel by hand: the stack behind it in mm. */
  move?: ((stackMm: number) => void) | undefined;
  description: string;
}

const MARGINS = { left: 30, right: 40, top: 26, bottom: 52 };
/** A letter of the figures on it. */
const LETTER_PX = 8;
/** How far the hub is drawn out, mm. */
const HUB_MM = 72;

/**
 * The half section: the brake on its hub, the wheel's inner face around it, limits as bands, the nearest places with
 * their distances.
 */
export function BrakeSheet({ scene, room, limits, boreMm, assumed, move, description }: BrakeSheetProps) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 760, height: 600 });
  const zoom = useZoom(size);
  const scale = fitScale(scene.range, size, MARGINS);
  const { x, y } = scale;
  const path = pathOn(scale);
  const drag = useDrag(scene.stackMm, scale.k, move);
  const { outline, barrel, spoke, weights, metal, stackMm } = scene;
  const foot = size.height - MARGINS.bottom;
  return (
    <div className="sheet brake-sheet" ref={ref}>
      <Drawing zoom={zoom} role="img" aria-label={description}>
        <defs>
          <clipPath id="brake-metal">{metal && <path d={path(metal, true)} />}</clipPath>
          <pattern id="brake-touch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" x2="0" y1="0" y2="6" className="brake-touch-line" />
          </pattern>
        </defs>
        <Ruler scale={scale} y={foot} />
        <g className="brake-hub">
          <rect x={x(-34)} y={y(HUB_MM)} width={x(0) - x(-34)} height={foot - y(HUB_MM)} />
          {boreMm !== null && <rect x={x(0)} y={y(boreMm / 2)} width={12 * scale.k} height={foot - y(boreMm / 2)} />}
          <line className="hub-face" x1={x(0)} x2={x(0)} y1={y(HUB_MM)} y2={foot} />
          {stackMm > 0 && (
            <rect
              className="brake-stack"
              x={x(0)}
              y={y(HUB_MM)}
              width={stackMm * scale.k}
              height={y(boreMm === null ? 0 : boreMm / 2) - y(HUB_MM)}
            />
          )}
          <line className="axis" x1={0} x2={size.width} y1={foot} y2={foot} />
        </g>
        <g
          className={`brake-wheel ${assumed ? 'is-assumed' : ''} ${move ? 'can-move' : ''}`}
          data-drag={move !== undefined || undefined}
          {...drag}
        >
          {barrel && <path className="brake-band" d={path(barrel)} strokeWidth={2 * limits.barrelMm * scale.k} />}
          {spoke && <path className="brake-band" d={path(spoke)} strokeWidth={2 * limits.spokeMm * scale.k} />}
          {metal && <path className="brake-metal" d={path(metal, true)} />}
          {barrel && <path className="brake-line" d={path(barrel)} />}
          {spoke && <path className="brake-line" d={path(spoke)} />}
          {weights.map((weight) => (
            <path key={path(weight)} className="brake-weight" d={path(weight, true)} />
          ))}
          {(metal ?? scene.flangeA !== null) && (
            <line className="brake-pad" x1={x(stackMm)} x2={x(stackMm)} y1={y(HUB_MM)} y2={y(18)} />
          )}
        </g>
        {outline && <path className="brake-outline" d={path(outline, true)} />}
        {outline && metal && <path className="brake-touches" d={path(outline, true)} clipPath="url(#brake-metal)" />}
        {scene.flangeA !== null && (
          <g className="brake-flange">
            <line x1={x(scene.flangeA)} x2={x(scene.flangeA)} y1={18} y2={foot} />
            <text x={x(scene.flangeA) + 4} y={14}>
              back flange
            </text>
          </g>
        )}
        {outline && (
          <text className="brake-name" x={x(middle(outline).a)} y={y(middle(outline).r)} textAnchor="middle">
            brake
          </text>
        )}
        {room && <Nearest room={room} scale={scale} limits={limits} />}
      </Drawing>
    </div>
  );
}

const pathOn = ({ x, y }: SheetScale) => {
  const draw = line<AxialPoint>(
    ({ a }) => Math.round(x(a) * 100) / 100,
    ({ r }) => Math.round(y(r) * 100) / 100,
  );
  return (points: readonly AxialPoint[], closed = false): string => (draw(points) ?? '') + (closed ? 'Z' : '');
};

const middle = (outline: readonly AxialPoint[]): AxialPoint => ({
  a: (Math.min(...outline.map(({ a }) => a)) + Math.max(...outline.map(({ a }) => a))) / 2,
  r: (Math.min(...outline.map(({ r }) => r)) + Math.max(...outline.map(({ r }) => r))) / 2,
});

/** The wheel is taken by its metal and moved along the axis, in steps of half a millimeter. */
function useDrag(stackMm: number, k: number, move?: (stackMm: number) => void) {
  const from = useRef<{ x: number; stackMm: number } | null>(null);
  if (!move) return {};
  return {
    onPointerDown(event: PointerEvent<SVGGElement>) {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = { x: placeOn(event.currentTarget.ownerSVGElement!, event).x, stackMm };
    },
    onPointerMove(event: PointerEvent<SVGGElement>) {
      if (!from.current) return;
      const { x } = placeOn(event.currentTarget.ownerSVGElement!, event);
      const by = Math.round((2 * (x - from.current.x)) / k) / 2;
      move(Math.max(0, from.current.stackMm + by));
    },
    onPointerUp: () => {
      from.current = null;
    },
    onPointerCancel: () => {
      from.current = null;
    },
  };
}

/**
 * The least distance to each part, as a dimension where it is; its figure stands clear of the drawing, outside the
 * brake.
 */
function Nearest({ room, scale, limits }: { room: BrakeRoom; scale: SheetScale; limits: BrakeSheetProps['limits'] }) {
  const lengths = useLengths();
  const { x, y, width } = scale;
  return nearPlaces(room).map(({ part, mm, caliper, wheel }) => {
    const limit = part === 'spoke' ? limits.spokeMm : limits.barrelMm;
    const verdict = clearanceVerdict(mm, limit);
    const word = verdictWord({ code: `brake-${part}`, verdict });
    const from = [x(caliper.a), y(caliper.r)] as const;
    const to = [x(wheel.a), y(wheel.r)] as const;
    const [midX, midY] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
    // Figures stand where there is nothing else: outside the spokes, and beside the line to the barrel.
    const [labelX, labelY, anchor] = (
      part === 'spoke'
        ? [x(Math.max(caliper.a, wheel.a)) + 30, to[1] + 4, 'start']
        : part === 'barrel'
          ? [midX + 10, midY + 12, 'start']
          : [midX - 12, midY + 14, 'end']
    ) as [number, number, 'start' | 'end'];
    const said = [lengths.text(mm), part === 'weight' ? 'weight' : '', word].filter(Boolean).join(' ');
    const wide = said.length * LETTER_PX;
    // On a narrow sheet they come in from its edge.
    const textX = anchor === 'start' ? Math.min(labelX, width - wide) : Math.max(labelX, wide);
    return (
      <g key={part} className={`brake-near is-${verdict}`}>
        <Dimension from={from} to={to} tone={`is-${verdict}`} />
        <circle cx={from[0]} cy={from[1]} r={2.4} />
        <circle cx={to[0]} cy={to[1]} r={2.4} />
        {part === 'spoke' && <line className="brake-lead" x1={to[0]} y1={to[1]} x2={labelX - 3} y2={to[1]} />}
        <text className={`is-${verdict}`} x={textX} y={labelY} textAnchor={anchor}>
          {said}
        </text>
      </g>
    );
  });
}
