import { fitPresent } from '#core/evaluate';
import { AXLES, type AxleName, type Vehicle } from '#core/job';
import type { Point3 } from '#core/kinematics';
import type { Side } from '#core/sweep';
import type { Mesh } from './mesh';

/** What a car is taken to be where nobody said, mm and degrees (common practice, no source). */
export const USUAL_FRAME = { wheelbaseMm: 2650, trackMm: 1520, panelFallDeg: 8 } as const;

/** Where the hubs of a car stand, mm. */
export interface CarFrame {
  /** From the front axle back. */
  wheelbaseMm: number;
  /** From the car's middle to the hub face. */
  hubFaceMm: Record<AxleName, number>;
}

/**
 * The frame of a car: x forward, y up, z to the right, from the ground midway between the front hub faces. A track is
 * read between the middles of the present tires, so a hub face stands half of it plus the present effective offset out.
 */
export function carFrame(vehicle: Vehicle): CarFrame {
  const half = (axle: AxleName): number =>
    (vehicle[axle]?.trackMm ?? USUAL_FRAME.trackMm) / 2 + (fitPresent(vehicle, axle).effectiveOffsetMm ?? 0);
  return {
    wheelbaseMm: vehicle.wheelbaseMm ?? USUAL_FRAME.wheelbaseMm,
    hubFaceMm: Object.fromEntries(AXLES.map((axle) => [axle, half(axle)])) as Record<AxleName, number>,
  };
}

/** A corner of the car, and how high over the ground its frame stands. */
export interface CornerAt {
  axle: AxleName;
  side: Side;
  heightMm: number;
}

/** A place of the scene: x forward, y up, z to the right of the car's middle; mm. */
export type ScenePlace = readonly [x: number, y: number, z: number];

const wayOf = (side: Side): number => (side === 'right' ? 1 : -1);

/** A place of a corner's frame in its side's: out from the car's middle, ahead of the front axle, over the ground. */
export const onSide = (
  { out, fwd, up }: Point3,
  frame: CarFrame,
  { axle, heightMm }: Omit<CornerAt, 'side'>,
): Point3 => ({
  out: out + frame.hubFaceMm[axle],
  fwd: fwd + axleFwd(frame, axle),
  up: up + heightMm,
});

/** How far ahead of the front axle an axle stands, mm. */
export const axleFwd = ({ wheelbaseMm }: CarFrame, axle: AxleName): number => (axle === 'front' ? 0 : -wheelbaseMm);

/** A place of a side's frame in the car's. */
export const inScene = ({ out, fwd, up }: Point3, side: Side): ScenePlace => [fwd, up, wayOf(side) * out];

/** A body of a side's frame in the car's: the left side is the right one's mirror image. */
export function meshInScene({ positions, normals, indices }: Mesh, side: Side): Mesh {
  const way = wayOf(side);
  const turned = (values: readonly number[]): number[] => {
    const into: number[] = [];
    for (let at = 0; at < values.length; at += 3) into.push(values[at + 1]!, values[at + 2]!, way * values[at]!);
    return into;
  };
  return {
    positions: turned(positions),
    normals: turned(normals),
    // Seen in a mirror a triangle runs the other way round.
    indices: way === 1 ? indices : indices.map((_, at) => indices[at - (at % 3) + [0, 2, 1][at % 3]!]!),
  };
}
