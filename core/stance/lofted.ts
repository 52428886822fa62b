import type { Point3 } from '#core/kinematics';
import { ofFaces } from './faces';
import type { Mesh } from './mesh';
import { cross, type Corner } from './vectors';

export type Quad = readonly [Corner, Corner, Corner, Corner];

/** A body through four-cornered sections, one after the other, closed at both ends; its faces are flat. */
export function lofted(sections: readonly Quad[]): Mesh {
  const faces: Corner[][] = [];
  for (let at = 1; at < sections.length; at++)
    for (let side = 0; side < 4; side++) {
      const next = (side + 1) % 4;
      faces.push([sections[at - 1]![side]!, sections[at - 1]![next]!, sections[at]![next]!, sections[at]![side]!]);
    }
  return ofFaces([...faces, [...sections[0]!].reverse(), [...sections.at(-1)!]]);
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
