import type { SectionPoint } from './point';

/**
 * The inside of a hollow wheel: air from the inboard flange to the back of the spokes, inside the barrel. At each
 * radius what is left of the solid is one stretch of the axis, for a wheel goes on along its axis: behind the narrowest
 * place of the barrel nothing wider can stand. Lengths mm; a from the rim centerline, + outboard.
 */
export interface Hollow {
  /** The innermost metal at each radius, from the back of the barrel to the axis; r falls. */
  line: readonly SectionPoint[];
  /** The barrel as a gap to it is read; from the back flange outward. */
  barrel: readonly SectionPoint[];
  /** Radius of the barrel at its back, and where it is narrowest. */
  backRadiusMm: number;
  throatRadiusMm: number;
  /** Nobody measured it: it is as its family usually is. */
  assumed: boolean;
}

/**
 * A barrel from the back flange outward, the back of the spokes from rim to pad, and where the pad stands; mm from the
 * rim centerline.
 */
export interface Inside {
  barrel: readonly SectionPoint[];
  spoke: readonly SectionPoint[];
  padMm: number;
  assumed: boolean;
  /** The barrel alone was not measured. */
  barrelAssumed: boolean;
}

/** What is left of a step when two lines are compared at its ends, mm. */
const STEP_MM = 1e-7;

/**
 * The hollow of a wheel. The innermost metal at a radius r is where the barrel first comes down to r, or the back of
 * the spokes, whichever stands further inboard; never further inboard than the flange, never beyond the outboard one.
 * @param halfRimMm half the overall rim width
 * @param flangeRadiusMm top of the flange: no barrel is wider
 */
export function hollowOf(
  { barrel, spoke, padMm, assumed, barrelAssumed }: Inside,
  halfRimMm: number,
  flangeRadiusMm: number,
): Hollow | null {
  const wall = narrowing(barrel, flangeRadiusMm);
  const [back, throat] = [wall[0], wall.at(-1)];
  if (!back || !throat || spoke.length === 0) return null;
  const pad = Math.min(padMm, spoke.at(-1)!.a);
  const spokeAt = (r: number): number => spokeA(spoke, pad, r);
  const wallAt = (r: number): number => wallA(wall, r);
  const radii = [...new Set([...wall, ...spoke].map(({ r }) => r).concat(0))]
    .filter((r) => r <= back.r)
    .sort((one, other) => other - one);
  const line: SectionPoint[] = [];
  const put = (a: number, r: number) => line.push({ a: Math.min(halfRimMm, Math.max(-halfRimMm, a)), r });
  put(-halfRimMm, back.r);
  radii.slice(0, -1).forEach((high, i) => {
    const low = radii[i + 1]!;
    const [s0, w0, s1, w1] = [
      spokeAt(high - STEP_MM),
      wallAt(high - STEP_MM),
      spokeAt(low + STEP_MM),
      wallAt(low + STEP_MM),
    ];
    put(Math.min(s0, w0), high);
    if (Number.isFinite(w0 + w1) && s0 < w0 !== s1 < w1) {
      const share = (w0 - s0) / (w0 - s0 + s1 - w1);
      put(s0 + (s1 - s0) * share, high + (low - high) * share);
    }
    put(Math.min(s1, w1), low);
  });
  return { line, barrel: barrelAssumed ? wall : barrel, backRadiusMm: back.r, throatRadiusMm: throat.r, assumed };
}

/** A barrel as what must pass sees it: no wider than its narrowest place so far. */
function narrowing(barrel: readonly SectionPoint[], mostMm: number): SectionPoint[] {
  const outward = [...barrel].sort((one, other) => one.a - other.a).map(({ a, r }) => ({ a, r: Math.min(r, mostMm) }));
  const wall = outward.slice(0, 1);
  outward.slice(1).forEach((to, i) => {
    const [from, least] = [outward[i]!, wall.at(-1)!.r];
    if (to.r >= least) return;
    if (from.r > least) wall.push({ a: from.a + ((to.a - from.a) * (least - from.r)) / (to.r - from.r), r: least });
    wall.push(to);
  });
  return wall;
}

/** The first place, going outboard, at which a narrowing barrel is down to a radius; Infinity where it never is. */
function wallA(wall: readonly SectionPoint[], r: number): number {
  const next = wall.findIndex((point) => point.r <= r);
  if (next < 0) return Infinity;
  const [from, to] = [wall[next - 1], wall[next]!];
  return !from || from.r === to.r ? to.a : from.a + ((to.a - from.a) * (r - from.r)) / (to.r - from.r);
}

/** The back of the spokes at a radius: level beyond its outer end, the pad inside its inner one. */
function spokeA(spoke: readonly SectionPoint[], padMm: number, r: number): number {
  if (r >= spoke[0]!.r) return spoke[0]!.a;
  const next = spoke.findIndex((point) => point.r <= r);
  if (next < 0) return padMm;
  const [from, to] = [spoke[next - 1]!, spoke[next]!];
  return from.r === to.r ? Math.min(from.a, to.a) : from.a + ((to.a - from.a) * (r - from.r)) / (to.r - from.r);
}

/** The innermost metal at a radius no larger than the back of the barrel, mm. */
export function hollowAt({ line }: Hollow, radiusMm: number): number {
  for (let i = 1; i < line.length; i++) {
    const to = line[i]!;
    if (to.r > radiusMm) continue;
    const from = line[i - 1]!;
    const drop = from.r - to.r;
    return drop === 0 ? to.a : from.a + ((to.a - from.a) * (from.r - radiusMm)) / drop;
  }
  return line.at(-1)!.a;
}

/** Radius of the barrel where a gap to it is read, mm: at a place along the axis, or its narrowest. */
export function barrelPlace({ barrel, throatRadiusMm }: Hollow, axialMm: number | null): SectionPoint {
  if (axialMm === null) {
    const least = Math.min(...barrel.map(({ r }) => r));
    const narrow = barrel.filter(({ r }) => r - least < 0.5);
    return { a: (narrow[0]!.a + narrow.at(-1)!.a) / 2, r: throatRadiusMm };
  }
  const outward = [...barrel].sort((one, other) => one.a - other.a);
  const next = outward.findIndex(({ a }) => a >= axialMm);
  if (next < 0) return { a: axialMm, r: outward.at(-1)!.r };
  const [from, to] = [outward[next - 1] ?? outward[next]!, outward[next]!];
  const span = to.a - from.a;
  return { a: axialMm, r: span === 0 ? to.r : from.r + ((to.r - from.r) * (axialMm - from.a)) / span };
}
