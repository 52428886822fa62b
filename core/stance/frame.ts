import { fitPresent } from '#core/evaluate';
import { AXLES, type AxleName, type Vehicle } from '#core/job';
import type { Side } from '#core/sweep';
import type { Mesh } from './mesh';

/** What a car is taken to be where nobody said, mm (common practice, no source). */
const USUAL_WHEELBASE_MM = 2650;
const USUAL_TRACK_MM = 1520;

/** Where the hubs of a car stand, mm; what nobody said is assumed. */
export interface CarFrame {
  /** From the front axle back. */
  wheelbaseMm: number;
  /** From the car's middle to the hub face. */
  hubFaceMm: Record<AxleName, number>;
  /** What was assumed, as it is said. */
  assumed: string[];
}

/**
 * The frame of a car: x forward, y up, z to the right, from the ground midway between the front hub faces. A track is
 * read between the middles of the present tires, so a hub face stands half of it plus the present effective offset out.
 */
export function carFrame(vehicle: Vehicle): CarFrame {
  const assumed: string[] = [];
  const orUsual = (value: number | null | undefined, usual: number, name: string): number => {
    if (value != null) return value;
    assumed.push(`${name} ${usual} mm`);
    return usual;
  };
  const wheelbaseMm = orUsual(vehicle.wheelbaseMm, USUAL_WHEELBASE_MM, 'wheelbase');
  const half = (axle: AxleName): number =>
    orUsual(vehicle[axle]?.trackMm, USUAL_TRACK_MM, `${axle} track`) / 2 +
    (fitPresent(vehicle, axle).effectiveOffsetMm ?? 0);
  const hubFaceMm = Object.fromEntries(AXLES.map((axle) => [axle, half(axle)])) as Record<AxleName, number>;
  return { wheelbaseMm, hubFaceMm, assumed };
}

/** A corner of the car, and how high over the ground its frame stands. */
export interface CornerAt {
  axle: AxleName;
  side: Side;
  heightMm: number;
}

/** A body of a corner's frame in the car's: the left side is the right one's mirror image. */
export function inCar(
  { positions, normals, indices }: Mesh,
  frame: CarFrame,
  { axle, side, heightMm }: CornerAt,
): Mesh {
  const z = frame.hubFaceMm[axle];
  const x = axle === 'front' ? 0 : -frame.wheelbaseMm;
  const way = side === 'right' ? 1 : -1;
  const turned = (values: readonly number[], [dx, dy, dz]: readonly [number, number, number]): number[] => {
    const into: number[] = [];
    for (let at = 0; at < values.length; at += 3)
      into.push(values[at + 1]! + dx, values[at + 2]! + dy, way * (values[at]! + dz));
    return into;
  };
  return {
    positions: turned(positions, [x, heightMm, z]),
    normals: turned(normals, [0, 0, 0]),
    // Seen in a mirror a triangle runs the other way round.
    indices: way === 1 ? indices : indices.map((_, at) => indices[at - (at % 3) + [0, 2, 1][at % 3]!]!),
  };
}
