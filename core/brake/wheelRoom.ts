import type { AxialPoint, InnerFace, WeightZone } from './records';
import { clearanceOf, type Clearance } from './clearance';

/**
 * The room a brake has in a wheel: to the spokes, to the barrel, and to the balance weights on it. Null for a part
 * nobody measured.
 */
export interface BrakeRoom {
  spoke: Clearance | null;
  barrel: Clearance | null;
  weight: Clearance | null;
  /** The brake reaches nearer to the hub, or farther out, than the spokes were measured: by so much, mm. */
  spokeUnseenMm: number;
  /** It stands further inboard than the barrel was measured. */
  barrelUnseenMm: number;
}

/**
 * What little a brake may reach beyond a measured line before that counts as not measured, mm (common practice, no
 * source).
 */
export const UNSEEN_MM = 3;

/**
 * The room of a brake behind a wheel on a stack of a thickness: the wheel's face moves outboard by it. Lengths mm;
 * figures are geometry of half sections, both turning around the hub's axis.
 */
export function brakeRoom(outline: readonly AxialPoint[], face: InnerFace, stackMm: number): BrakeRoom {
  const moved = outline.map(({ a, r }) => ({ a: a - stackMm, r }));
  const back = (clearance: Clearance): Clearance => ({
    mm: clearance.mm,
    caliper: { a: clearance.caliper.a + stackMm, r: clearance.caliper.r },
    wheel: { a: clearance.wheel.a + stackMm, r: clearance.wheel.r },
  });
  const { spoke, barrel } = face;
  const weights = barrel
    ? (face.weights ?? []).map((zone) => clearanceOf(moved, weightLine(barrel, zone), 'outward'))
    : [];
  const weight = weights.sort((one, other) => one.mm - other.mm)[0];
  return {
    spoke: spoke ? back(clearanceOf(moved, spoke, 'outboard')) : null,
    barrel: barrel ? back(clearanceOf(moved, barrel, 'outward')) : null,
    weight: weight ? back(weight) : null,
    ...unseen(moved, face),
  };
}

function unseen(moved: readonly AxialPoint[], { spoke, barrel }: InnerFace) {
  const [radii, places] = [moved.map(({ r }) => r), moved.map(({ a }) => a)];
  const seen = spoke?.map(({ r }) => r) ?? [];
  // Where there is a barrel it closes the way outward.
  const outer = barrel ? 0 : Math.max(...radii) - Math.max(...seen);
  return {
    spokeUnseenMm: spoke ? Math.max(0, Math.min(...seen) - Math.min(...radii), outer) : 0,
    barrelUnseenMm: barrel ? Math.max(0, Math.min(...barrel.map(({ a }) => a)) - Math.min(...places)) : 0,
  };
}

/** Radius of a barrel at a place along the axis, mm. */
export function barrelRadiusMm(barrel: readonly AxialPoint[], a: number): number {
  const rising = barrel[0]!.a <= barrel.at(-1)!.a ? barrel : barrel.toReversed();
  const next = rising.findIndex((point) => point.a >= a);
  if (next <= 0) return next === 0 ? rising[0]!.r : rising.at(-1)!.r;
  const [from, to] = [rising[next - 1]!, rising[next]!];
  return from.r + ((to.r - from.r) * (a - from.a)) / (to.a - from.a);
}

/**
 * The inner line of the weights of a zone: the barrel there, nearer to the axis by their height, and their two ends.
 */
export function weightLine(barrel: readonly AxialPoint[], { fromMm, toMm, heightMm }: WeightZone): AxialPoint[] {
  const on = [
    { a: fromMm, r: barrelRadiusMm(barrel, fromMm) },
    ...barrel.filter(({ a }) => a > fromMm && a < toMm).sort((one, other) => one.a - other.a),
    { a: toMm, r: barrelRadiusMm(barrel, toMm) },
  ];
  return [on[0]!, ...on.map(({ a, r }) => ({ a, r: r - heightMm })), on.at(-1)!];
}
