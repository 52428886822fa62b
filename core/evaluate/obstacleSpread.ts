import type { AxleName, Job, Setup, Vehicle } from '#core/job';
import { atOnce, type Steps } from '#core/progress';
import {
  coarseMinima,
  lookAt,
  poseRange,
  refine,
  standBefore,
  sweep,
  type Motion,
  type PlacedPart,
  type PoseGrid,
  type Swept,
  type SweptSolid,
} from '#core/sweep';
import { AT_REST, type Pose } from '#core/kinematics';
import {
  GEOMETRY_KEYS,
  GEOMETRY_NAMES,
  travelRange,
  type Change,
  type GeometryKey,
  type SuspensionGeometry,
} from '#core/suspension';
import { drawSteps, INSTRUMENT_UNCERTAINTY_MM, seededChance, type Contribution, type Drawn } from '#core/uncertainty';
import { fitCandidate, fitPresent, type Fitted } from './fitted';
import { axleParts, placedAnew, type AxlePart } from './parts';
import { solidOf } from './solid';
import { ASSUMED_SPAN, STOPS } from './sensitivity';
import { gapSpread, halfDiameter, halfWidth, readingSpread, sameTireAndRim } from './spread';
import { allowanceOf, candidateCase } from './sweeps';

/** How sure the clearance of each part is, by its id. */
export type ObstacleSpreads = Readonly<Record<string, Drawn>>;

/** How many cars are drawn, and the seed they are drawn by. */
const DRAWS = 256;
const SEED = 20_261;
/** What was measured of a suspension is off by this share of what an assumed value may be (common practice, no source). */
const MEASURED_SHARE = 0.25;
/** Points of an edge that stay this much further away than its nearest are left out of the draws, mm. */
const NEAR_MM = 25;
const WALK = { from: 0.5, to: 0.1 };
const STARTS = 2;
/** A low so few steps of the grid from where the edge was nearest is the same low. */
const BESIDE_STEPS = 2;

/** One thing that may be off, and what being off by so much does to the car. */
interface Input extends Contribution {
  /** The part a reading belongs to; left out for what all parts rest on. */
  of?: string;
  put(into: Car, off: number): void;
}

/** A car as one draw has it. */
interface Car {
  geometry: SuspensionGeometry | null;
  /** Half widths and half diameters of the new and the present tire, more by so much, mm. */
  tire: { newWidth: number; newRadius: number; nowWidth: number; nowRadius: number };
  /** How far off each part was read: its gap, or its place. */
  parts: Map<string, { gap: number; out: number; fwd: number; up: number }>;
}

/**
 * How sure the clearances of an axle's parts are: cars are drawn with every reading and every assumed value off by chance, and the parts
 * placed, and the wheel swept, anew in each. The sweep of a draw begins where the sweep of the car as it was read came nearest.
 * @returns a generator that yields the share done; what cannot be placed or swept is left out
 */
export function* obstacleSpreadSteps(job: Job, setup: Setup, axle: AxleName): Steps<ObstacleSpreads> {
  const one = candidateCase(job, setup, axle);
  if (!one) return {};
  const { parts, resolved } = axleParts(job.vehicle, axle);
  const placed = parts.filter((part) => part.placed !== null);
  const candidate = fitCandidate(job.vehicle, axle, setup[axle]);
  const present = fitPresent(job.vehicle, axle);
  const inputs = inputsOf(job.vehicle, axle, placed, resolved.geometry, resolved.geometry ? resolved.assumed : [], candidate, present);
  const nominal = sweep(one);
  yield 0.05;
  const starts = new Map(nominal.parts.map((part) => [part.id, startsOf(nominal, part.id)]));
  const near = new Map(placed.map((part) => [part.obstacle.id, nearPoints(part.placed!, one.solid, one, nominal)]));
  const allowance = allowanceOf(job.brief);
  const chance = seededChance(SEED);
  const clearances = (off: readonly number[]): (number | null)[] => {
    const car: Car = {
      geometry: resolved.geometry && { ...resolved.geometry },
      tire: { newWidth: 0, newRadius: 0, nowWidth: 0, nowRadius: 0 },
      parts: new Map(),
    };
    inputs.forEach((input, i) => input.put(car, off[i]!));
    const solid = solidOf(grown(candidate, car.tire.newWidth, car.tire.newRadius), allowance);
    const now = solidOf(grown(present, car.tire.nowWidth, car.tire.nowRadius));
    return placed.map((part) => {
      const anew = solid && movedPart(part, car, now, near.get(part.obstacle.id)!);
      return anew ? nearest(anew, solid, car.geometry, one.change, starts.get(part.obstacle.id)!, nominal) : null;
    });
  };
  const drawn = yield* drawSteps(inputs, clearances, chance, DRAWS);
  return Object.fromEntries(placed.flatMap(({ obstacle }, i) => (drawn[i] ? [[obstacle.id, onlyOf(drawn[i], inputs, obstacle.id)]] : [])));
} // prettier-ignore

/** The same at one go. */
export const obstacleSpreads = (job: Job, setup: Setup, axle: AxleName): ObstacleSpreads =>
  atOnce(obstacleSpreadSteps(job, setup, axle));

/** What one part rests on: readings of other parts have no part in it. */
const onlyOf = (drawn: Drawn, inputs: readonly Input[], id: string): Drawn => ({
  ...drawn,
  parts: drawn.parts.filter(({ plusMinus }, i) => (inputs[i]!.of ?? id) === id && plusMinus > LEAST_MM),
});
const LEAST_MM = 0.02;

function inputsOf(
  vehicle: Vehicle,
  axle: AxleName,
  placed: readonly AxlePart[],
  geometry: SuspensionGeometry | null,
  assumed: readonly GeometryKey[],
  candidate: Fitted,
  present: Fitted,
): Input[] {
  return [
    ...placed.flatMap((part) => readingInputs(vehicle, axle, part)),
    ...tireInputs(candidate, present),
    ...(geometry ? geometryInputs(geometry, assumed) : []),
  ];
}

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

/** The tires; one tire on one rim, now and then, is off by the same on both. */
function tireInputs(candidate: Fitted, present: Fitted): Input[] {
  const same = sameTireAndRim(candidate, present);
  const of = (fitted: Fitted, words: string, width: keyof Car['tire'], radius: keyof Car['tire'], both: boolean): Input[] => [
    ...halfWidth(fitted, words).map((one) => ({ ...one, put: (car: Car, off: number) => {
      car.tire[width] += off;
      if (both) car.tire.nowWidth += off;
    } })),
    ...halfDiameter(fitted, words).map((one) => ({ ...one, put: (car: Car, off: number) => {
      car.tire[radius] += off;
      if (both) car.tire.nowRadius += off;
    } })),
  ];
  return [
    ...of(candidate, same ? 'present' : 'new', 'newWidth', 'newRadius', same),
    ...(same ? [] : of(present, 'present', 'nowWidth', 'nowRadius', false)),
  ];
} // prettier-ignore

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
const grown = (fitted: Fitted, halfWidthMm: number, radiusMm: number): Fitted => ({
  ...fitted,
  sectionWidthMm: fitted.sectionWidthMm === null ? null : fitted.sectionWidthMm + 2 * halfWidthMm,
  overallDiameterMm: fitted.overallDiameterMm === null ? null : fitted.overallDiameterMm + 2 * radiusMm,
});

/** A part as a draw has it; null where it cannot be placed there. */
function movedPart(part: AxlePart, car: Car, present: SweptSolid | null, near: readonly number[]): PlacedPart | null {
  const off = car.parts.get(part.obstacle.id) ?? { gap: 0, out: 0, fwd: 0, up: 0 };
  const { gap } = part.obstacle;
  if (gap) return placedAnew({ ...part.obstacle, gap: { ...gap, gapMm: gap.gapMm + off.gap } }, present, car.geometry);
  const { xyz } = part.placed!;
  const moved = new Float64Array(near.length * 3);
  near.forEach((from, at) => {
    moved[3 * at] = xyz[3 * from]! + off.out;
    moved[3 * at + 1] = xyz[3 * from + 1]! + off.fwd;
    moved[3 * at + 2] = xyz[3 * from + 2]! + off.up;
  });
  return { ...part.placed!, xyz: moved };
}

/** The points of an edge that can come nearest in a draw: those near the wheel in the pose where the edge was nearest. */
function nearPoints(part: PlacedPart, solid: SweptSolid, motion: Motion, nominal: Swept): number[] {
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
function nearest(
  part: PlacedPart,
  solid: SweptSolid,
  geometry: SuspensionGeometry | null,
  change: Change | null,
  starts: readonly Pose[],
  { grid }: Swept,
): number {
  const looker = lookAt(part, solid);
  const { moves, stand } = standBefore({ geometry, change }, part.mount);
  if (!moves || !grid || !geometry) return looker.exact(stand(AT_REST));
  const range = rangeOf(grid, geometry, change);
  const walked = starts.map((pose) => refine(within(range, pose, grid), range, WALK, (at) => looker.points(stand(at))));
  const best = walked.reduce((least, one) => (one.mm < least.mm ? one : least));
  return looker.exact(stand(best.pose));
}

/** Where steer and travel run in a draw, with steps as large as the grid's. */
function rangeOf(grid: PoseGrid, geometry: SuspensionGeometry, change: Change | null): PoseGrid {
  const range = poseRange(geometry, travelRange(geometry, change));
  const few = (values: readonly number[], [from, to]: readonly [number, number]) =>
    values.length > 1 && to > from ? [from, from + (to - from) / (values.length - 1)] : [from];
  return { ...range, steers: few(grid.steers, range.steer), travels: few(grid.travels, range.travel) };
}

/** A pose at the same share of another range: a lock stays a lock. */
function within(range: PoseGrid, { steerDeg, travelMm }: Pose, grid: PoseGrid): Pose {
  const moved = (value: number, [from, to]: readonly [number, number], [least, most]: readonly [number, number]) =>
    to > from ? least + ((value - from) / (to - from)) * (most - least) : least;
  return {
    steerDeg: moved(steerDeg, grid.steer, range.steer),
    travelMm: moved(travelMm, grid.travel, range.travel),
  };
}
