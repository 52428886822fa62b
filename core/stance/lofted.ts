import type { Point3 } from '#core/kinematics';
import { addPoint, emptyMesh, type Mesh } from './mesh';

type Corner = readonly [number, number, number];
type Quad = readonly [Corner, Corner, Corner, Corner];

/** A body through four-cornered sections, one after the other, closed at both ends; its faces are flat. */
export function lofted(sections: readonly Quad[]): Mesh {
  const faces: Corner[][] = [];
  for (let at = 1; at < sections.length; at++)
    for (let side = 0; side < 4; side++) {
      const next = (side + 1) % 4;
      faces.push([sections[at - 1]![side]!, sections[at - 1]![next]!, sections[at]![next]!, sections[at]![side]!]);
    }
  faces.push([...sections[0]!].reverse(), [...sections.at(-1)!]);
  const isInsideOut = faces.reduce((sum, face) => sum + volumeUnder(face), 0) < 0;
  const mesh = emptyMesh();
  for (const face of faces) {
    const corners = isInsideOut ? face.toReversed() : face;
    for (const [one, other] of [
      [1, 2],
      [2, 3],
    ] as const) {
      const triangle = [corners[0]!, corners[one]!, corners[other]!] as const;
      const direction = normalOf(triangle);
      if (Math.hypot(...direction) < 1e-9) continue;
      mesh.indices.push(...triangle.map((corner) => addPoint(mesh, corner, direction)));
    }
  }
  return mesh;
}

const less = (one: Corner, other: Corner): Corner => [one[0] - other[0], one[1] - other[1], one[2] - other[2]];
const cross = (u: Corner, v: Corner): Corner => [
  u[1] * v[2] - u[2] * v[1],
  u[2] * v[0] - u[0] * v[2],
  u[0] * v[1] - u[1] * v[0],
];
const dot = (u: Corner, v: Corner): number => u[0] * v[0] + u[1] * v[1] + u[2] * v[2];
const normalOf = ([p, q, r]: readonly [Corner, Corner, Corner]): Corner => cross(less(q, p), less(r, p));

/** Six times the volume between a face and the origin; positive where it faces away from it. */
function volumeUnder(face: readonly Corner[]): number {
  const [first, ...others] = face;
  return others.slice(1).reduce((sum, corner, at) => sum + dot(first!, cross(others[at]!, corner)), 0);
}

/** A bar along a line of points, so wide along the axle and so high across it and the line, mm. */
export function bar(points: readonly Point3[], { wide, high }: { wide: number; high: number }): Mesh {
  return lofted(
    points.map(({ out, fwd, up }, at): Quad => {
      const [before, after] = [points[Math.max(0, at - 1)]!, points[Math.min(points.length - 1, at + 1)]!];
      const along: Corner = [after.out - before.out, after.fwd - before.fwd, after.up - before.up];
      const across = cross(along, [1, 0, 0]);
      const length = Math.hypot(...across) || 1;
      const [w, h] = [wide / 2, high / 2 / length];
      const corner = (side: number, height: number): Corner => [
        out + side * w,
        fwd + across[1] * height * h,
        up + across[2] * height * h,
      ];
      return [corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)];
    }),
  );
}
