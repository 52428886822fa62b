import type { Point3 } from '#core/kinematics';
import { emptyMesh, type Mesh } from './mesh';
import type { Corner } from './vectors';

/**
 * A sheet through rows of points of one length, smooth all over and seen from both sides. Where its points fall
 * together no direction is told: there it faces as the whole does.
 * @param toward a direction that its outside faces
 */
export function sheet(rows: readonly (readonly Point3[])[], toward: Corner): Mesh {
  const mesh = emptyMesh();
  const wide = rows[0]?.length ?? 0;
  const { positions, indices } = mesh;
  for (const row of rows) for (const { out, fwd, up } of row) positions.push(out, fwd, up);
  mesh.normals = directionsOf(positions, { wide, toward });
  const isTurned = mesh.normals.length > 0 && runsBack(positions, mesh.normals, wide);
  for (let row = 1; row < rows.length; row++)
    for (let place = 1; place < wide; place++) {
      const t = row * wide + place;
      const [p, q, s] = [t - wide - 1, t - 1, t - wide];
      if (isTurned) indices.push(t, q, p, s, t, p);
      else indices.push(p, q, t, p, t, s);
    }
  return mesh;
}

/** Where each point of a grid faces, by its neighbors; this is drawn anew while a car moves, and makes nothing else. */
function directionsOf(positions: readonly number[], { wide, toward }: { wide: number; toward: Corner }): number[] {
  const count = positions.length / 3;
  const directions = new Array<number>(positions.length).fill(0);
  let sum = 0;
  for (let at = 0; at < count; at++) {
    const [before, after] = [at - wide < 0 ? at : at - wide, at + wide >= count ? at : at + wide];
    const [left, right] = [at % wide === 0 ? at : at - 1, at % wide === wide - 1 ? at : at + 1];
    const between = (one: number, other: number, along: number) =>
      positions[3 * one + along]! - positions[3 * other + along]!;
    const [ax, ay, az] = [between(after, before, 0), between(after, before, 1), between(after, before, 2)];
    const [bx, by, bz] = [between(right, left, 0), between(right, left, 1), between(right, left, 2)];
    const [x, y, z] = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx];
    const length = Math.sqrt(x * x + y * y + z * z);
    if (length < 1e-9) continue;
    directions[3 * at] = x / length;
    directions[3 * at + 1] = y / length;
    directions[3 * at + 2] = z / length;
    sum += x * toward[0] + y * toward[1] + z * toward[2];
  }
  const way = sum < 0 ? -1 : 1;
  for (let at = 0; at < directions.length; at += 3) {
    const isNone = directions[at] === 0 && directions[at + 1] === 0 && directions[at + 2] === 0;
    for (let along = 0; along < 3; along++)
      directions[at + along] = isNone ? toward[along]! : way * directions[at + along]!;
  }
  return directions;
}

/** Whether the triangles of a grid, taken along its rows, face against the directions of its points. */
function runsBack(positions: readonly number[], directions: readonly number[], wide: number): boolean {
  let sum = 0;
  for (let at = wide + 1; 3 * at < positions.length; at++) {
    if (at % wide === 0) continue;
    const [p, q] = [3 * (at - wide - 1), 3 * (at - 1)];
    const t = 3 * at;
    const [ux, uy, uz] = [
      positions[q]! - positions[p]!,
      positions[q + 1]! - positions[p + 1]!,
      positions[q + 2]! - positions[p + 2]!,
    ];
    const [vx, vy, vz] = [
      positions[t]! - positions[p]!,
      positions[t + 1]! - positions[p + 1]!,
      positions[t + 2]! - positions[p + 2]!,
    ];
    sum +=
      (uy * vz - uz * vy) * directions[t]! +
      (uz * vx - ux * vz) * directions[t + 1]! +
      (ux * vy - uy * vx) * directions[t + 2]!;
  }
  return sum < 0;
}
