/** What a body as triangles is: three numbers a point, with where it faces, three indices a triangle. */
interface Mesh {
  positions: readonly number[];
  normals: readonly number[];
  indices: readonly number[];
}
type Place = [number, number, number];

const minus = (p: Place, q: Place): Place => [p[0] - q[0], p[1] - q[1], p[2] - q[2]];
const cross = (u: Place, v: Place): Place => [
  u[1] * v[2] - u[2] * v[1],
  u[2] * v[0] - u[0] * v[2],
  u[0] * v[1] - u[1] * v[0],
];
const dot = (u: Place, v: Place): number => u[0] * v[0] + u[1] * v[1] + u[2] * v[2];
const threeAt = (values: readonly number[], index: number): Place => [
  values[3 * index]!,
  values[3 * index + 1]!,
  values[3 * index + 2]!,
];

/** The points of a body. */
export const pointsOf = ({ positions }: Pick<Mesh, 'positions'>): Place[] =>
  Array.from({ length: positions.length / 3 }, (_, at) => threeAt(positions, at));

function trianglesOf({ positions, indices }: Mesh) {
  return Array.from({ length: indices.length / 3 }, (_, at) => {
    const [a, b, c] = threeAt(indices, at);
    return {
      indices: [a, b, c],
      corners: [a, b, c].map((index) => threeAt(positions, index)) as [Place, Place, Place],
    };
  });
}

/** What a closed body holds; negative where it faces inward. */
export const volumeOf = (mesh: Mesh): number =>
  trianglesOf(mesh).reduce((sum, { corners: [p, q, r] }) => sum + dot(p, cross(q, r)) / 6, 0);

/** Closed: every edge is gone along as often one way as the other. */
export function expectClosed(mesh: Mesh): void {
  const edges = new Map<string, number>();
  const key = (point: Place) => point.map((value) => Math.round(value * 1000)).join();
  for (const { corners } of trianglesOf(mesh))
    for (const [from, to] of [
      [0, 1],
      [1, 2],
      [2, 0],
    ] as const) {
      const [one, other] = [key(corners[from]), key(corners[to])];
      if (one === other) continue;
      const [name, way] = one < other ? [`${one} ${other}`, 1] : [`${other} ${one}`, -1];
      edges.set(name, (edges.get(name) ?? 0) + way);
    }
  expect([...edges.values()].filter((count) => count !== 0)).toEqual([]);
}

/** It faces outward: its points say the way its triangles face, and it holds something. */
export function expectOutward(mesh: Mesh): void {
  let inward = 0;
  for (const { indices, corners } of trianglesOf(mesh)) {
    const [p, q, r] = corners;
    const facing = cross(minus(q, p), minus(r, p));
    for (const index of indices) if (dot(facing, threeAt(mesh.normals, index)) <= 0) inward += 1;
  }
  expect(inward).toBe(0);
  expect(volumeOf(mesh)).toBeGreaterThan(0);
}
