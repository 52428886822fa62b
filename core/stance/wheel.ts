import { insideOf, solidOf, type Fitted } from '#core/evaluate';
import type { Hub } from '#core/hub';
import { rimOutline, SPOKE_MM, tireOutline, type Inside, type Section, type SectionPoint } from '#core/section';
import { mmFromInches } from '#core/units';
import { lofted } from './lofted';
import { merged, shifted, type Mesh } from './mesh';
import { revolved } from './revolved';

/** How finely a wheel is turned, and its tire's curves are drawn. */
const SEGMENTS = 72;
const TIRE_STEPS = 6;
/** Of a wheel of which nobody said more (common practice, no source). */
const SPOKES = 10;
const SPOKE_WIDTH_MM = 38;
/** How far a rim's flange falls off toward its seat, as it is drawn, mm. */
const FLANGE_DROP_MM = 2;
/** The pad of a wheel and the flange of a hub, for orientation, mm. */
const PAD = { fromMm: 30, toMm: 82, thickMm: 24 };
const HUB_FLANGE = { radiusMm: 68, thickMm: 12 };
/** How far a stack reaches from the axis, mm. */
const STACK_RADIUS_MM = 76;

/** The bodies of a wheel in its hub's frame; one that cannot be made is left out. */
export interface WheelBodies {
  tire: Mesh;
  rim: Mesh;
  spokes: Mesh | null;
}

/** The wheels of a side, the inner one of a pair first; none while a dimension or the offset is missing. */
export function wheelBodies(fitted: Fitted): WheelBodies[] {
  const { rimWidthIn } = fitted.wheel;
  const inside = insideOf(fitted);
  if (rimWidthIn == null) return [];
  return (solidOf(fitted)?.bodies ?? []).map(({ section, centerOut, turned }) => {
    const along = { out: centerOut };
    return {
      tire: shifted(revolved(closedTire(section, mmFromInches(rimWidthIn) / 2), SEGMENTS), along),
      rim: shifted(revolved(rimOutline(section, rimWidthIn), SEGMENTS), along),
      spokes: inside && shifted(spokesOf(inside, turned ?? false), along),
    };
  });
}

/** A tire from bead to bead, and straight across between them; its beads lie against the flanges from inside. */
function closedTire(section: Section, halfMm: number): SectionPoint[] {
  const { rimRadiusMm: seat, flangeRadiusMm } = section;
  const bead = [
    { a: halfMm, r: flangeRadiusMm - FLANGE_DROP_MM },
    { a: halfMm, r: seat },
  ];
  return [...tireOutline(section, TIRE_STEPS), ...bead, ...bead.map(({ a, r }) => ({ a: -a, r })).toReversed()];
}

/** Spokes along the back that they have, and the pad that they stand on. */
function spokesOf({ spoke, padMm }: Inside, turned: boolean): Mesh {
  const way = turned ? -1 : 1;
  const line = spoke.map(({ a, r }) => ({ a: way * a, r }));
  const bodies = Array.from({ length: SPOKES }, (_, at) => {
    const angle = (2 * Math.PI * at) / SPOKES;
    const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
    const at3 = (a: number, r: number, side: number) => [a, r * sin + side * cos, r * cos - side * sin] as const;
    const half = SPOKE_WIDTH_MM / 2;
    return lofted(
      line.map(({ a, r }) => [
        at3(a, r, -half),
        at3(a, r, half),
        at3(a + way * SPOKE_MM, r, 0.7 * half),
        at3(a + way * SPOKE_MM, r, -0.7 * half),
      ]),
    );
  });
  const pad = way * padMm;
  return merged([...bodies, revolved(box([pad, pad + way * PAD.thickMm], [PAD.fromMm, PAD.toMm]), SEGMENTS)]);
}

const box = ([from, to]: [number, number], [least, most]: [number, number]): SectionPoint[] => [
  { a: from, r: least },
  { a: from, r: most },
  { a: to, r: most },
  { a: to, r: least },
];

/** A hub with its centering lip, in its own frame. */
export function hubBody({ boreMm, lipHeightMm }: Pick<Hub, 'boreMm' | 'lipHeightMm'>): Mesh {
  const { radiusMm, thickMm } = HUB_FLANGE;
  const lip = boreMm != null && lipHeightMm != null && lipHeightMm > 0 ? { r: boreMm / 2, a: lipHeightMm } : null;
  return revolved(
    [
      { a: -thickMm, r: 0 },
      { a: -thickMm, r: radiusMm },
      { a: 0, r: radiusMm },
      ...(lip
        ? [
            { a: 0, r: lip.r },
            { a: lip.a, r: lip.r },
            { a: lip.a, r: 0 },
          ]
        : [{ a: 0, r: 0 }]),
    ],
    SEGMENTS,
  );
}

/** What stands between hub and wheel; null where nothing does. */
export const stackBody = ({ stackMm }: Fitted, { boreMm }: Pick<Hub, 'boreMm'>): Mesh | null =>
  stackMm === null || stackMm <= 0
    ? null
    : revolved(box([0, stackMm], [Math.min(boreMm ?? 0, 2 * STACK_RADIUS_MM - 20) / 2 + 1, STACK_RADIUS_MM]), SEGMENTS);

/** A point of a part, as a ball. */
export const ball = (radiusMm: number): Mesh =>
  revolved(
    Array.from({ length: 9 }, (_, at) => {
      const angle = (Math.PI * at) / 8;
      return { a: -radiusMm * Math.cos(angle), r: at % 8 === 0 ? 0 : radiusMm * Math.sin(angle) };
    }),
    16,
  );
