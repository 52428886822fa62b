import type { AxleName, Job, Setup, Vehicle } from '#core/job';
import { AT_REST, type Pose } from '#core/kinematics';
import {
  ASSUMED_SPAN,
  GEOMETRY_KEYS,
  GEOMETRY_NAMES,
  STOPS,
  travelRange,
  type GeometryKey,
  type SuspensionGeometry,
} from '#core/suspension';
import {
  coarseMinima,
  lookAt,
  poseRange,
  poseRegions,
  refine,
  standBefore,
  sweep,
  type Found,
  type Motion,
  type PlacedPart,
  type PoseGrid,
  type PoseRange,
  type SweepCase,
  type Swept,
  type SweptSolid,
} from '#core/sweep';
import { INSTRUMENT_UNCERTAINTY_MM, type Contribution } from '#core/uncertainty';
import { fitCandidate, fitPresent, NO_ALLOWANCE, solidOf, type Fitted } from '../fit';
import { allowanceOf, axleParts, candidateCase, placedAnew, restingBulgeMm, type AxlePart } from '../parts';
import { gapSpread, halfDiameter, halfWidth, insideSpread, readingSpread, sameTireAndRim, sameWheel, treadSpread } from '../spread'; // prettier-ignore

/** What a rough sweep shows to stay further away is not walked to, mm. */
const ROUGH_FROM_MM = 60;
/** What was measured of a suspension is off by this share of what an assumed value may be (common practice, no source). */
const MEASURED_SHARE = 0.25;
/** Points of an edge that stay this much further away than its nearest are left out of the draws, mm. */
const NEAR_MM = 25;
const WALK = { from: 0.5, to: 0.1 };
const STARTS = 2;
/** A low that begins this much further away than the lowest so far is not walked down: a low falls by less than half a step of the grid, mm. */
const WALK_WITHIN_MM = 12;
/** A low so few steps of the grid from where the edge was nearest is the same low. */
const BESIDE_STEPS = 2;

/** One thing that may be off, and what being off by so much does to the car. */
interface Input extends Contribution {
  /** The part a reading belongs to; left out for what all parts rest on. */
  of?: string;
  put(into: Car, off: number): void;
}

/** How far off the dimensions of a wheel and its tire are: half widths, half diameter, tread width, and how far in its inside stands; mm. */
interface WheelOff {
  width: number;
  radius: number;
  tread: number;
  inside: number;
}
const AS_READ: WheelOff = { width: 0, radius: 0, tread: 0, inside: 0 };

const isAsRead = ({ width, radius, tread, inside }: WheelOff): boolean =>
  width === 0 && radius === 0 && tread === 0 && inside === 0;

/** A car as one draw has it. */
interface Car {
  geometry: SuspensionGeometry | null;
  next: WheelOff;
  now: WheelOff;
  /** How far off each part was read: its gap, or its place. */
  parts: Map<string, { gap: number; out: number; fwd: number; up: number }>;
}

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
export function carsOf({ job, setup, axle, rough = false }: { job: Job; setup: Setup; axle: AxleName; rough?: boolean | undefined }): Cars | null {
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
  const near = new Map(placed.map((part) => [part.obstacle.id, nearPoints({ part: part.placed!, solid: one.solid, motion: one, nominal })]));
  const allowance = allowanceOf(job.brief);
  return {
    placed,
    inputs,
    nominal,
    clearances(off, walk, only) {
      const car: Car = { geometry: geometry && { ...geometry }, next: { ...AS_READ }, now: { ...AS_READ }, parts: new Map() };
      inputs.forEach((input, i) => input.put(car, off[i]!));
      const solid = isAsRead(car.next) ? one.solid : solidOf(grown(fits.next, car.next), allowance, { offMm: car.next.inside });
      const now = isAsRead(car.now) ? presentSolid : solidOf(grown(fits.now, car.now), NO_ALLOWANCE, { offMm: car.now.inside });
      const lip = presentSolid && now ? lipShift({ before: presentSolid, geometry, now, moved: car.geometry }) : { out: 0, up: 0 };
      return placed.map((part) => {
        if (only && !only.has(part.obstacle.id)) return null;
        const anew = solid && movedPart({ part, car, present: now, near: near.get(part.obstacle.id)!, lip });
        const from = starts.get(part.obstacle.id)!;
        return anew ? nearest({ part: anew, solid, motion: { ...one, geometry: car.geometry }, starts: walk ? from : from.slice(0, 1), swept: nominal, walk }) : null;
      });
    },
  };
} // prettier-ignore

/** How far a lip that was made from the gaps at rest goes with the wheel that they were read on: its bulge, and its height. */
function lipShift({ before, geometry, now, moved }: { before: SweptSolid; geometry: SuspensionGeometry | null; now: SweptSolid; moved: SuspensionGeometry | null }) {
  return {
    out: restingBulgeMm(now, moved) - restingBulgeMm(before, geometry),
    up: now.bodies[0]!.section.radiusMm - before.bodies[0]!.section.radiusMm,
  };
} // prettier-ignore

/** Whether any part is nearest to the inside of the wheel, or was read from there. */
const reachesInside = ({ solid }: Pick<SweepCase, 'solid'>, { parts }: Swept, placed: readonly AxlePart[]): boolean =>
  placed.some(({ obstacle: { gap } }) => gap?.surface === 'barrel' || gap?.surface === 'spokes') ||
  parts.some(({ at }) => at.radiusMm < (solid.bodies[0]!.section.hollow?.backRadiusMm ?? 0));

function readingInputs(vehicle: Vehicle, axle: AxleName, { obstacle, assumed }: AxlePart): Input[] {
  const { id, gap } = obstacle;
  const vehicleAxle = vehicle[axle] ?? {};
  const name = obstacle.label ?? id;
  const put = (key: 'gap' | 'out' | 'fwd' | 'up') => (car: Car, off: number) => {
    const one = car.parts.get(id) ?? { gap: 0, out: 0, fwd: 0, up: 0 };
    one[key] += off;
    car.parts.set(id, one);
  };
  if (gap) {
    return [{ of: id, ...readingSpread(vehicleAxle, `gap to ${name}`, gap.uncertaintyMm), put: put('gap') }];
  }
  if (assumed)
    return [
      { of: id, ...gapSpread(vehicleAxle, 'outboardGapMm'), put: put('out') },
      { of: id, ...gapSpread(vehicleAxle, 'archGapMm'), put: put('up') },
      { of: id, name: 'the shape of the lip', plusMinus: INSTRUMENT_UNCERTAINTY_MM.assumed!, assumed: true, put: put('up') },
    ];
  return (['out', 'fwd', 'up'] as const).map((key) => ({
    of: id,
    ...readingSpread(vehicleAxle, `place of ${name}, ${key}`),
    put: put(key),
  }));
} // prettier-ignore

type Fits = Record<'next' | 'now', Fitted>;
type What = readonly [off: keyof WheelOff, spread: (fitted: Fitted, of: string) => Contribution[]];

/** The same thing now and then is off by the same on both. */
function wheelInputs(fits: Fits, same: boolean, what: readonly What[]): Input[] {
  const of = (which: 'next' | 'now', words: string): Input[] =>
    what.flatMap(([key, spread]) =>
      spread(fits[which], words).map((one) => ({
        ...one,
        put(car: Car, off: number) {
          car[which][key] += off;
          if (same) car.now[key] += off;
        },
      })),
    );
  return same ? of('next', 'present') : [...of('next', 'new'), ...of('now', 'present')];
}

/** The tires; one tire on one rim falls out. */
const tireInputs = (fits: Fits): Input[] =>
  wheelInputs(fits, sameTireAndRim(fits.next, fits.now), [
    ['width', halfWidth],
    ['radius', halfDiameter],
    ['tread', treadSpread],
  ]);

/** Barrel and spokes, where a part is near them. */
const insideInputs = (fits: Fits, reached: boolean): Input[] =>
  reached ? wheelInputs(fits, sameWheel(fits.next, fits.now), [['inside', insideSpread]]) : [];

const geometryInputs = (geometry: SuspensionGeometry, assumed: readonly GeometryKey[]): Input[] =>
  GEOMETRY_KEYS
    // What an axle does not do is its kind, not a value that may be off.
    .filter((key) => assumed.includes(key) || geometry[key] !== 0)
    .map((key) => ({
      name: GEOMETRY_NAMES[key],
      plusMinus: ASSUMED_SPAN[key] * (assumed.includes(key) ? 1 : MEASURED_SHARE),
      assumed: assumed.includes(key),
      put(car, off) {
        const value = geometry[key] + off;
        car.geometry![key] = STOPS.has(key) ? Math.max(0, value) : value;
      },
    }));

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

/** The points of an edge that can come nearest in a draw: those near the wheel in the pose where the edge was nearest. */
function nearPoints({ part, solid, motion, nominal }: { part: PlacedPart; solid: SweptSolid; motion: Motion; nominal: Swept }): number[] {
  const count = part.xyz.length / 3;
  const found = nominal.parts.find(({ id }) => id === part.id)!;
  const placement = standBefore(motion, part.mount).stand(found.pose);
  const mm = Array.from({ length: count }, (_, i) => lookAt({ ...part, xyz: part.xyz.slice(3 * i, 3 * i + 3), edge: false }, solid).points(placement));
  const most = Math.min(...mm) + NEAR_MM;
  const inside = mm.flatMap((value, i) => (value <= most ? [i] : []));
  // Without gaps, so that neighbours stay neighbours.
  return Array.from({ length: inside.at(-1)! - inside[0]! + 1 }, (_, i) => inside[0]! + i);
} // prettier-ignore

/** Where the sweep of the car as it was read came low: where it was nearest, and lows elsewhere. */
function startsOf({ grid, parts }: Swept, id: string): Pose[] {
  const part = parts.find((one) => one.id === id)!;
  if (!grid || !part.map) return [part.pose];
  const beside = (value: number, other: number, values: readonly number[]) =>
    values.length < 2 || Math.abs(value - other) <= BESIDE_STEPS * (values[1]! - values[0]!);
  const elsewhere = coarseMinima(part.map, grid, NEAR_MM)
    .map(({ pose }) => pose)
    .filter(
      ({ steerDeg, travelMm }) =>
        !beside(steerDeg, part.pose.steerDeg, grid.steers) || !beside(travelMm, part.pose.travelMm, grid.travels),
    );
  return [part.pose, ...elsewhere.slice(0, STARTS)];
}

/** Least distance of a part in one draw. */
function nearest({
  part,
  solid,
  motion,
  starts,
  swept: { grid, restTravelMm },
  walk,
}: {
  part: PlacedPart;
  solid: SweptSolid;
  motion: Motion;
  starts: readonly Pose[];
  swept: Swept;
  walk: boolean;
}): number {
  const { geometry, change, poses = 'all' } = motion;
  const looker = lookAt(part, solid);
  const { moves, stand } = standBefore(motion, part.mount);
  if (!moves || !grid || !geometry) return looker.exact(stand(AT_REST));
  const travel = travelRange(geometry, change);
  const range = poseRange(geometry, travel);
  // A pose stays in its range of poses: what the rule leaves out as the car was read it leaves out in every draw.
  const before = poseRegions(grid, restTravelMm, poses);
  const after = poseRegions(range, travel.restMm, poses);
  let least: Found | null = null;
  for (const pose of starts) {
    const at = Math.max(
      0,
      before.findIndex((region) => holds(region, pose)),
    );
    const [from, to] = [before[at]!, after[Math.min(at, after.length - 1)]!];
    const start = within(to, pose, from);
    const look = (one: Pose): number => looker.points(stand(one));
    const mm = look(start);
    if (least && mm > least.mm + WALK_WITHIN_MM) continue;
    const low: Found = walk ? refine({ start, grid: stepped(to, grid), walk: WALK, look }) : { pose: start, mm };
    if (!least || low.mm < least.mm) least = low;
  }
  return looker.exact(stand(least!.pose));
}

const holds = ({ steer, travel }: PoseRange, { steerDeg, travelMm }: Pose): boolean =>
  steerDeg >= steer[0] - 1e-6 && steerDeg <= steer[1] + 1e-6 && travelMm >= travel[0] - 1e-6 && travelMm <= travel[1] + 1e-6; // prettier-ignore

/** A range of poses with steps as large as the grid's. */
function stepped(range: PoseRange, grid: PoseGrid): PoseGrid {
  const few = (values: readonly number[], [from, to]: readonly [number, number]) =>
    values.length > 1 && to > from ? [from, from + values[1]! - values[0]!] : [from];
  return { ...range, steers: few(grid.steers, range.steer), travels: few(grid.travels, range.travel) };
}

/** A pose at the same share of another range: a lock stays a lock. */
function within(range: PoseRange, { steerDeg, travelMm }: Pose, grid: PoseRange): Pose {
  const moved = (value: number, [from, to]: readonly [number, number], [least, most]: readonly [number, number]) =>
    to > from ? least + ((value - from) / (to - from)) * (most - least) : least;
  return {
    steerDeg: moved(steerDeg, grid.steer, range.steer),
    travelMm: moved(travelMm, grid.travel, range.travel),
  };
}
