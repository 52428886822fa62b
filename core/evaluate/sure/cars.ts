import type { SetupOnAxle } from '#core/job';
import type { SuspensionGeometry } from '#core/suspension';
import { sweep, type PlacedPart, type SweepCase, type Swept, type SweptSolid } from '#core/sweep';
import { fitCandidate, fitPresent, NO_ALLOWANCE, solidOf, type Fitted } from '../fit';
import { allowanceOf, axleParts, candidateCase, placedAnew, restingBulgeMm, type AxlePart } from '../parts';
import { type Input, type WheelOff, type Car, readingInputs, tireInputs, insideInputs, geometryInputs } from './inputs';
import { nearPoints, startsOf, nearest } from './nearest';

/** What a rough sweep shows to stay further away is not walked to, mm. */
const ROUGH_FROM_MM = 60;

const AS_READ: WheelOff = { width: 0, radius: 0, tread: 0, inside: 0 };

const isAsRead = ({ width, radius, tread, inside }: WheelOff): boolean =>
  width === 0 && radius === 0 && tread === 0 && inside === 0;

/** What the clearances of an axle's parts rest on, and what they become when all of that is off by so much. */
export interface Cars {
  placed: AxlePart[];
  inputs: Input[];
  /** The sweep of the car as it was read. */
  nominal: Swept;
  /**
   * @param walk whether the least is looked for anew; else it is looked at in the pose where it was
   * @param only the parts that are looked at; null for the others
   */
  clearances(off: readonly number[], walk: boolean, only?: ReadonlySet<string>): (number | null)[];
}

/**
 * Lays out how cars of an axle are drawn; null where nothing can be swept.
 * @param rough the sweep they begin with is made over a rough grid
 */
export function carsOf({
  job,
  setup,
  axle,
  rough = false,
}: SetupOnAxle & { rough?: boolean | undefined }): Cars | null {
  const one = candidateCase(job, setup, axle);
  if (!one) return null;
  const { parts, resolved, present: presentSolid } = axleParts(job.vehicle, axle);
  const { geometry } = resolved;
  const placed = parts.filter((part) => part.placed !== null);
  const fits = { next: fitCandidate(job.vehicle, axle, setup[axle]), now: fitPresent(job.vehicle, axle) };
  const nominal = sweep(rough ? { ...one, enoughMm: ROUGH_FROM_MM } : one);
  const inputs: Input[] = [
    ...placed.flatMap((part) => readingInputs(job.vehicle, axle, part)),
    ...tireInputs(fits),
    ...insideInputs(fits, reachesInside(one, nominal, placed)),
    ...(geometry ? geometryInputs(geometry, resolved.geometry ? resolved.assumed : []) : []),
  ];
  const starts = new Map(nominal.parts.map((part) => [part.id, startsOf(nominal, part.id)]));
  const near = new Map(
    placed.map((part) => [
      part.obstacle.id,
      nearPoints({ part: part.placed!, solid: one.solid, motion: one, nominal }),
    ]),
  );
  const allowance = allowanceOf(job.brief);
  return {
    placed,
    inputs,
    nominal,
    clearances(off, walk, only) {
      const car: Car = {
        geometry: geometry && { ...geometry },
        next: { ...AS_READ },
        now: { ...AS_READ },
        parts: new Map(),
      };
      inputs.forEach((input, i) => input.put(car, off[i]!));
      const solid = isAsRead(car.next)
        ? one.solid
        : solidOf(grown(fits.next, car.next), allowance, { offMm: car.next.inside });
      const now = isAsRead(car.now)
        ? presentSolid
        : solidOf(grown(fits.now, car.now), NO_ALLOWANCE, { offMm: car.now.inside });
      const lip =
        presentSolid && now
          ? lipShift({ before: presentSolid, geometry, now, moved: car.geometry })
          : { out: 0, up: 0 };
      return placed.map((part) => {
        if (only && !only.has(part.obstacle.id)) return null;
        const anew = solid && movedPart({ part, car, present: now, near: near.get(part.obstacle.id)!, lip });
        const from = starts.get(part.obstacle.id)!;
        return anew
          ? nearest({
              part: anew,
              solid,
              motion: { ...one, geometry: car.geometry },
              starts: walk ? from : from.slice(0, 1),
              swept: nominal,
              walk,
            })
          : null;
      });
    },
  };
}

/**
 * How far a lip that was made from the gaps at rest goes with the wheel that they were read on: its bulge, and its
 * height.
 */
function lipShift({
  before,
  geometry,
  now,
  moved,
}: {
  before: SweptSolid;
  geometry: SuspensionGeometry | null;
  now: SweptSolid;
  moved: SuspensionGeometry | null;
}) {
  return {
    out: restingBulgeMm(now, moved) - restingBulgeMm(before, geometry),
    up: now.bodies[0]!.section.radiusMm - before.bodies[0]!.section.radiusMm,
  };
}

/** Whether any part is nearest to the inside of the wheel, or was read from there. */
const reachesInside = ({ solid }: Pick<SweepCase, 'solid'>, { parts }: Swept, placed: readonly AxlePart[]): boolean =>
  placed.some(({ obstacle: { gap } }) => gap?.surface === 'barrel' || gap?.surface === 'spokes') ||
  parts.some(({ at }) => at.radiusMm < (solid.bodies[0]!.section.hollow?.backRadiusMm ?? 0));

/** A wheel whose tire is wider and taller by so much; its rim stays. */
const grown = (fitted: Fitted, { width, radius, tread }: WheelOff): Fitted => ({
  ...fitted,
  sectionWidthMm: fitted.sectionWidthMm === null ? null : fitted.sectionWidthMm + 2 * width,
  overallDiameterMm: fitted.overallDiameterMm === null ? null : fitted.overallDiameterMm + 2 * radius,
  treadWidthMm: fitted.treadWidthMm === null ? null : fitted.treadWidthMm + tread,
});

/** A part as a draw has it; null where it cannot be placed there. */
function movedPart({
  part,
  car,
  present,
  near,
  lip,
}: {
  part: AxlePart;
  car: Car;
  present: SweptSolid | null;
  near: readonly number[];
  lip: { out: number; up: number };
}): PlacedPart | null {
  const off = car.parts.get(part.obstacle.id) ?? { gap: 0, out: 0, fwd: 0, up: 0 };
  const { gap } = part.obstacle;
  if (gap) return placedAnew({ ...part.obstacle, gap: { ...gap, gapMm: gap.gapMm + off.gap } }, present, car.geometry);
  const [out, up] = part.assumed ? [off.out + lip.out, off.up + lip.up] : [off.out, off.up];
  const { xyz } = part.placed!;
  const moved = new Float64Array(near.length * 3);
  near.forEach((from, at) => {
    moved[3 * at] = xyz[3 * from]! + out;
    moved[3 * at + 1] = xyz[3 * from + 1]! + off.fwd;
    moved[3 * at + 2] = xyz[3 * from + 2]! + up;
  });
  return { ...part.placed!, xyz: moved };
}
