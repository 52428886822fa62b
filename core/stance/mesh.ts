import { toCorner, type Placement, type Point3 } from '#core/kinematics';

/**
 * A body as triangles: three numbers a point (out, fwd, up; mm) with the direction it faces, three indices a triangle,
 * counterclockwise as seen from outside.
 */
export interface Mesh {
  positions: number[];
  normals: number[];
  indices: number[];
}

export const emptyMesh = (): Mesh => ({ positions: [], normals: [], indices: [] });

/** Adds a point with the direction it faces. @returns its index */
export function addPoint({ positions, normals }: Mesh, at: readonly number[], facing: readonly number[]): number {
  const index = positions.length / 3;
  positions.push(at[0]!, at[1]!, at[2]!);
  const length = Math.hypot(facing[0]!, facing[1]!, facing[2]!) || 1;
  normals.push(facing[0]! / length, facing[1]! / length, facing[2]! / length);
  return index;
}

/** Several bodies as one. */
export function merged(meshes: readonly Mesh[]): Mesh {
  const into = emptyMesh();
  for (const { positions, normals, indices } of meshes) {
    const first = into.positions.length / 3;
    for (const value of positions) into.positions.push(value);
    for (const value of normals) into.normals.push(value);
    for (const index of indices) into.indices.push(first + index);
  }
  return into;
}

/** A body moved as a whole. */
export function moved(mesh: Mesh, placement: Placement): Mesh {
  const turn = (values: readonly number[], withShift: boolean): number[] => {
    const origin = withShift ? { out: 0, fwd: 0, up: 0 } : toCorner(placement, { out: 0, fwd: 0, up: 0 });
    const into: number[] = [];
    for (let at = 0; at < values.length; at += 3) {
      const { out, fwd, up } = toCorner(placement, { out: values[at]!, fwd: values[at + 1]!, up: values[at + 2]! });
      into.push(out - origin.out, fwd - origin.fwd, up - origin.up);
    }
    return into;
  };
  return { positions: turn(mesh.positions, true), normals: turn(mesh.normals, false), indices: mesh.indices };
}

/** A body moved along, mm. */
export const shifted = ({ positions, ...mesh }: Mesh, { out = 0, fwd = 0, up = 0 }: Partial<Point3>): Mesh => ({
  ...mesh,
  positions: positions.map((value, at) => value + [out, fwd, up][at % 3]!),
});
