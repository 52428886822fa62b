import type { AxleParts, AxlePart } from '#core/evaluate';
import { AT_REST, toCorner, type Placement, type Point3, type Pose } from '#core/kinematics';
import { placementIn, type SweptSolid, standsOn, type Side } from '#core/sweep';
import type { SuspensionGeometry } from '#core/suspension';
import { PROJECT, reaches, type Flat, type ViewName } from './views';

/** A part as it stands in a pose, in the corner's frame. */
export interface ScenePart {
  id: string;
  label: string;
  assumed: boolean;
  edge: boolean;
  points: Point3[];
}

/** A corner in a pose: the wheel's placement and the parts around it. */
export interface Scene {
  placement: Placement;
  parts: ScenePart[];
}

/** The parts of a corner in a pose: those of the body where they are, the others moved along with the wheel. */
export function sceneOf({
  axleParts: { parts, resolved },
  side,
  pose,
  bodyRiseMm = 0,
}: {
  axleParts: AxleParts;
  side: Side;
  pose: Pose;
  bodyRiseMm?: number | undefined;
}): Scene {
  const { geometry } = resolved;
  return {
    placement: placementIn(geometry, pose),
    parts: parts
      .filter(({ obstacle, placed }) => placed !== null && standsOn(obstacle, side))
      .map((part) => partIn({ axlePart: part, geometry, pose, rise: bodyRiseMm })),
  };
}

/** The number each measured part bears, in the order they stand in the job. */
export const numbersOf = ({ parts }: Scene): Record<string, number> =>
  Object.fromEntries(parts.filter(({ assumed }) => !assumed).map(({ id }, index) => [id, index + 1]));

function partIn({
  axlePart: { obstacle, assumed, placed },
  geometry,
  pose,
  rise,
}: {
  axlePart: AxlePart;
  geometry: SuspensionGeometry | null;
  pose: Pose;
  rise: number;
}): ScenePart {
  const { xyz, mount, edge } = placed!;
  const frame =
    mount === 'body' ? null : placementIn(geometry, mount === 'arm' ? { steerDeg: 0, travelMm: pose.travelMm } : pose);
  const points: Point3[] = [];
  for (let i = 0; i < xyz.length; i += 3) {
    const point = { out: xyz[i]!, fwd: xyz[i + 1]!, up: xyz[i + 2]! };
    points.push(frame ? toCorner(frame, point) : { ...point, up: point.up + rise });
  }
  return { id: obstacle.id, label: obstacle.label ?? obstacle.id, assumed, edge, points };
}

/** Least and most of what is drawn, mm. */
export interface Extent {
  out: [number, number];
  fwd: [number, number];
  up: [number, number];
}

const MARGIN_MM = 24;
const STEP_MM = 20;

/**
 * The space three drawings show: wheels in the poses they may take, and the parts, in steps so that a nudge does not
 * move the paper.
 */
export function extentOf(
  solids: readonly SweptSolid[],
  placements: readonly Placement[],
  parts: readonly ScenePart[],
): Extent {
  const range = (key: keyof Point3): [number, number] => {
    const values = [
      ...solids.flatMap((solid) => placements.flatMap((placement) => reaches(solid, placement, key))),
      ...parts.flatMap(({ points }) => points.map((point) => point[key])),
    ];
    if (values.length === 0) return [-300, 300];
    return [
      Math.floor((Math.min(...values) - MARGIN_MM) / STEP_MM) * STEP_MM,
      Math.ceil((Math.max(...values) + MARGIN_MM) / STEP_MM) * STEP_MM,
    ];
  };
  return { out: range('out'), fwd: range('fwd'), up: range('up') };
}

/** The space of a corner: its wheels straight ahead and at either lock, and the parts around them at rest. */
export function cornerExtent(axleParts: AxleParts, side: Side, solids: readonly (SweptSolid | null)[]): Extent {
  const { geometry } = axleParts.resolved;
  const locks = geometry ? [-geometry.lockInDeg, 0, geometry.lockOutDeg] : [0];
  const placements = locks.map((steerDeg) => placementIn(geometry, { steerDeg, travelMm: 0 }));
  const known = solids.filter((one) => one !== null);
  return extentOf(known, placements, sceneOf({ axleParts, side, pose: AT_REST }).parts);
}

/** The part nearest to a place of a drawing, within so many mm. */
export function partAt({
  scene,
  view,
  place,
  within,
}: {
  scene: Scene;
  view: ViewName;
  place: Flat;
  within: number;
}): string | null {
  let best: { id: string; mm: number } | null = null;
  for (const { id, points } of scene.parts)
    for (const point of points) {
      const [x, y] = PROJECT[view](point);
      const mm = Math.hypot(x - place[0], y - place[1]);
      if (mm <= within && (!best || mm < best.mm)) best = { id, mm };
    }
  return best?.id ?? null;
}
