import type { SectionPoint } from '#core/section';
import { ofFaces } from './faces';
import type { Mesh } from './mesh';
import type { Corner } from './vectors';

interface PlateAsk {
  /** How thick it is along the axis, mm. */
  thickMm: number;
  segments: number;
  /** Whether there is metal between two places of the line, and two clock angles. */
  isMetal(along: number, clock: number): boolean;
}

/** A disc along a line turned about the wheel's axis, with holes in it. */
export function plate(line: readonly SectionPoint[], { thickMm, segments, isMetal }: PlateAsk): Mesh {
  const turned = (clock: number) => ((clock % segments) + segments) % segments;
  const has = (along: number, clock: number) => along >= 0 && along < line.length - 1 && isMetal(along, turned(clock));
  const at = (along: number, clock: number, front: number): Corner => {
    const { a, r } = line[along]!;
    const angle = (2 * Math.PI * turned(clock)) / segments;
    return [a + front * thickMm, r * Math.sin(angle), r * Math.cos(angle)];
  };
  const faces: Corner[][] = [];
  for (let along = 0; along < line.length - 1; along++)
    for (let clock = 0; clock < segments; clock++) {
      if (!has(along, clock)) continue;
      const ring: readonly (readonly [number, number])[] = [
        [along, clock],
        [along + 1, clock],
        [along + 1, clock + 1],
        [along, clock + 1],
      ];
      faces.push(
        ring.map(([one, other]) => at(one, other, 1)),
        ring.toReversed().map(([one, other]) => at(one, other, 0)),
      );
      const beside = [has(along, clock - 1), has(along + 1, clock), has(along, clock + 1), has(along - 1, clock)];
      beside.forEach((joined, side) => {
        const [from, to] = [ring[side]!, ring[(side + 1) % 4]!];
        if (!joined) faces.push([at(...to, 1), at(...from, 1), at(...from, 0), at(...to, 0)]);
      });
    }
  return ofFaces(faces);
}
