/** Three figures of a place or a direction, in the order of a mesh. */
export type Corner = readonly [number, number, number];

const less = (one: Corner, other: Corner): Corner => [one[0] - other[0], one[1] - other[1], one[2] - other[2]];

export const cross = (u: Corner, v: Corner): Corner => [
  u[1] * v[2] - u[2] * v[1],
  u[2] * v[0] - u[0] * v[2],
  u[0] * v[1] - u[1] * v[0],
];

export const dot = (u: Corner, v: Corner): number => u[0] * v[0] + u[1] * v[1] + u[2] * v[2];

/** Where a triangle faces, as long as twice its area. */
export const normalOf = ([p, q, r]: readonly [Corner, Corner, Corner]): Corner => cross(less(q, p), less(r, p));
