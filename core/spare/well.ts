import type { Verdict } from '#core/verdict';

/** A well for the spare, mm. */
export interface Well {
  /** Across its rim. */
  diameterMm: number | null;
  /** Across its floor; as across its rim where nobody said it tapers. */
  floorDiameterMm?: number | null;
  depthMm: number | null;
  /** Room above the well's rim: to a floor that may stand higher, or to what lies on it. */
  roomAboveMm: number | null;
}

/** How a spare lies in its well. Margins in mm, negative where it does not go in. */
export interface WellFit {
  /** Well diameter less overall diameter. */
  playMm: number | null;
  /**
   * How high over the floor the taper of the well holds it; 0 where it lies on the floor, null where that is not known.
   */
  ridesMm: number | null;
  /** How far it sticks out above the well; 0 where it lies below. */
  proudMm: number | null;
  /** What is missing in diameter may be won by letting the tire down. */
  deflate: boolean;
  verdict: Verdict;
}

/** A wheel lying in a well, mm. */
export interface LyingSpare {
  overallDiameterMm: number | null;
  widthMm: number | null;
  /** Radii of its tire at heights over its lower side. */
  outline?: readonly { heightMm: number; radiusMm: number }[] | undefined;
}

/** How closely the height is looked for, mm. */
const CLOSE_MM = 0.01;

/**
 * How high over the floor of a tapering well a wheel rides: the least height at which its tire is within the wall
 * everywhere, by halving.
 */
function ridesOver(
  { diameterMm, floorDiameterMm, depthMm }: Well,
  { overallDiameterMm, widthMm, outline }: LyingSpare,
): number | null {
  if (floorDiameterMm == null || diameterMm === null || floorDiameterMm >= diameterMm) return 0;
  if (depthMm === null || overallDiameterMm === null || widthMm === null) return null;
  const radius = overallDiameterMm / 2;
  const tire = outline ?? [
    { heightMm: 0, radiusMm: radius },
    { heightMm: widthMm, radiusMm: radius },
  ];
  const wall = (height: number) =>
    height >= depthMm ? Infinity : (floorDiameterMm + ((diameterMm - floorDiameterMm) * height) / depthMm) / 2;
  const goesIn = (rides: number) => tire.every(({ heightMm, radiusMm }) => radiusMm <= wall(rides + heightMm) + 1e-9);
  if (goesIn(0)) return 0;
  let [low, high] = [0, depthMm];
  while (high - low > CLOSE_MM) {
    const middle = (low + high) / 2;
    if (goesIn(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * Play around a spare that lets it in without force, and what a tire let down to about 100 kPa yields in diameter
 * (common practice, no source).
 */
export const WELL_MM = { play: 5, yields: 15 } as const;

/**
 * How a wheel and tire lie in a well. Too large by no more than a tire let down yields: `caution`; by more: `fail`.
 * Proud of the rim: `ok` within the room above, `fail` beyond it, `caution` while that room is not known. In a well
 * that tapers a wheel rides as high as its tire meets the wall.
 * @param spare overall diameter and the wider of section and overall rim width, mm; the outline of its tire over its
 *   lower side, where it is known: a cylinder stands in
 */
export function wellFit(well: Well, spare: LyingSpare): WellFit {
  const playMm =
    well.diameterMm === null || spare.overallDiameterMm === null ? null : well.diameterMm - spare.overallDiameterMm;
  const ridesMm = ridesOver(well, spare);
  const over =
    well.depthMm === null || spare.widthMm === null || ridesMm === null ? null : ridesMm + spare.widthMm - well.depthMm;
  const proudMm = over === null ? null : Math.max(0, over);
  const deflate = playMm !== null && playMm < 0 && playMm >= -WELL_MM.yields;
  return { playMm, ridesMm, proudMm, deflate, verdict: wellVerdict(playMm, proudMm, well.roomAboveMm) };
}

function wellVerdict(playMm: number | null, proudMm: number | null, roomAboveMm: number | null): Verdict {
  if (playMm !== null && playMm < -WELL_MM.yields) return 'fail';
  if (proudMm !== null && roomAboveMm !== null && proudMm > roomAboveMm) return 'fail';
  if (playMm === null || proudMm === null) return 'unknown';
  if (playMm < WELL_MM.play) return 'caution';
  return proudMm > 0 && roomAboveMm === null ? 'caution' : 'ok';
}
