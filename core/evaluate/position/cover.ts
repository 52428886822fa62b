import type { SuspensionChange } from '#core/job';
import type { Point3 } from '#core/kinematics';
import { travelRange, type Change, type SuspensionGeometry } from '#core/suspension';
import { bulgeOutMm, placementIn, type SweptSolid } from '#core/sweep';
import { COVER_ARC_DEG } from '#core/verdict';
import { solidOf, type Fitted } from '../fit';
import type { AxlePart, AxleParts } from '../parts';

/** What of the arc a lip covers. */
export interface Cover {
  /**
   * Least distance by which the lip stands further out than the wheel, mm, where it was measured; null where nothing of
   * the arc was.
   */
  leastMm: number | null;
  /** Where that is, degrees from the top, + ahead. */
  atDeg: number | null;
  /** How much of the arc nobody measured, degrees. */
  openDeg: number;
  assumed: boolean;
  /** By a lip that somebody measured, not by the present tuck. */
  measured: boolean;
}

type CoverOfLip = Omit<Cover, 'assumed' | 'measured'>;

/** How closely the arc is looked at, degrees. */
const STEP_DEG = 1;

/**
 * How far a fender's lip covers a wheel, from 30° ahead to 50° behind its center, straight ahead at rest ((EU)
 * 1009/2010, from memory). Between the points that were measured the lip is taken as straight. Lengths mm.
 * @param outerAt the outermost place of the wheel at so many degrees from the top, as it leans, mm from the hub face
 * @param riseMm how much higher the body stands after a suspension change
 */
export function coverOf(points: readonly Point3[], outerAt: (deg: number) => number, riseMm: number): CoverOfLip {
  const lip = points
    .map(({ out, fwd, up }) => ({ out, deg: (Math.atan2(fwd, up + riseMm) * 180) / Math.PI }))
    .sort((one, other) => one.deg - other.deg);
  const found: CoverOfLip = { leastMm: null, atDeg: null, openDeg: 0 };
  for (let deg = -COVER_ARC_DEG.behind; deg <= COVER_ARC_DEG.ahead; deg += STEP_DEG) {
    const after = lip.findIndex((point) => point.deg >= deg - 1e-9);
    const [to, from] = [lip[after], lip[Math.max(0, after - 1)]];
    if (!to || !from || from.deg > deg + 1e-9) {
      found.openDeg += STEP_DEG;
      continue;
    }
    const span = to.deg - from.deg;
    const out = span > 0 ? from.out + ((to.out - from.out) * (deg - from.deg)) / span : to.out;
    const mm = out - outerAt(deg);
    if (found.leastMm !== null && mm >= found.leastMm) continue;
    found.leastMm = mm;
    found.atDeg = deg;
  }
  return found;
}

/**
 * How far the lips of an axle cover a setup, the worse side; where no lip has a shape, at the top alone, by the face
 * against the fender.
 * @returns null where a wheel or every reading of the fender is missing
 */
export function axleCover({
  axleParts: { parts, resolved },
  candidate,
  change,
  pokeMm,
}: {
  axleParts: AxleParts;
  candidate: Fitted;
  change: SuspensionChange | null;
  pokeMm: number | null;
}): Cover | null {
  const { place } = candidate;
  if (!place) return null;
  const { restShiftMm } = travelRange({ bumpMm: 0, droopMm: 0 }, change);
  const solid = solidOf(candidate);
  const outerAt = solid ? leaningBulge(solid, resolved.geometry, change) : () => place.outerMm;
  const lips = parts.filter(
    (part): part is AxlePart & { obstacle: { points: Point3[] } } =>
      part.obstacle.kind === 'fender-lip' && part.obstacle.points !== undefined,
  );
  const covers = lips.map((part) => ({
    ...coverOf(part.obstacle.points, outerAt, restShiftMm),
    assumed: part.assumed,
    measured: !part.assumed,
  }));
  if (covers.length === 0 && pokeMm !== null)
    return {
      leastMm: 0 - pokeMm,
      atDeg: 0,
      openDeg: COVER_ARC_DEG.ahead + COVER_ARC_DEG.behind,
      assumed: false,
      measured: false,
    };
  return covers.sort((one, other) => (one.leastMm ?? Infinity) - (other.leastMm ?? Infinity))[0] ?? null;
}

/**
 * How far out a wheel stands at so many degrees from the top, leaning as it does where it rests after a suspension
 * change.
 */
export function leaningBulge(
  solid: SweptSolid,
  geometry: SuspensionGeometry | null,
  change: Change | null,
): (deg: number) => number {
  const { restMm } = travelRange({ bumpMm: 0, droopMm: 0 }, change);
  const placement = placementIn(geometry, { steerDeg: 0, travelMm: restMm });
  return (deg) => bulgeOutMm(solid, placement, deg);
}
