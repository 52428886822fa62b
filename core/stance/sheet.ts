import type { Point3 } from '#core/kinematics';
import { addPoint, emptyMesh, type Mesh } from './mesh';
import { cross, dot, less, type Corner } from './vectors';

/**
 * A sheet through rows of points of one length, smooth all over and seen from both sides.
 * @param toward a direction that its outside faces
 */
export function sheet(rows: readonly (readonly Point3[])[], toward: Corner): Mesh {
  const at = (row: number, place: number): Corner => {
    const { out, fwd, up } = rows[row]![place]!;
    return [out, fwd, up];
  };
  const last = { row: rows.length - 1, place: (rows[0]?.length ?? 0) - 1 };
  const within = (value: number, most: number) => Math.min(most, Math.max(0, value));
  const facing = (row: number, place: number): Corner => {
    const along = less(at(within(row + 1, last.row), place), at(within(row - 1, last.row), place));
    const across = less(at(row, within(place + 1, last.place)), at(row, within(place - 1, last.place)));
    return cross(along, across);
  };
  // Where points fall together no direction is told: there it faces as the whole does.
  const directions = rows.map((points, row) =>
    points.map((_, place) => {
      const direction = facing(row, place);
      return Math.hypot(...direction) < 1e-9 ? null : direction;
    }),
  );
  const way =
    directions.flat().reduce((sum, direction) => sum + (direction ? dot(direction, toward) : 0), 0) < 0 ? -1 : 1;
  const mesh = emptyMesh();
  const indices = rows.map((points, row) =>
    points.map((_, place) => {
      const direction = directions[row]![place]?.map((value) => way * value) ?? toward;
      return addPoint(mesh, at(row, place), direction);
    }),
  );
  const add = (...triangle: readonly [number, number, number]) =>
    mesh.indices.push(...(way > 0 ? triangle : triangle.toReversed()));
  for (let row = 0; row < last.row; row++)
    for (let place = 0; place < last.place; place++) {
      const [p, q] = [indices[row]![place]!, indices[row + 1]![place]!];
      const [s, t] = [indices[row + 1]![place + 1]!, indices[row]![place + 1]!];
      add(p, q, s);
      add(p, s, t);
    }
  return mesh;
}
