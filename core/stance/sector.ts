import type { SectionPoint } from '#core/section';
import { ofFaces } from './faces';
import type { Mesh } from './mesh';
import { cutInTriangles } from './triangles';
import type { Corner } from './vectors';

interface SectorAsk {
  fromDeg: number;
  toDeg: number;
  steps: number;
}

/** A closed line turned part of the way about the wheel's axis, closed at both ends; clock 0 on top, + to the front. */
export function sector(line: readonly SectionPoint[], { fromDeg, toDeg, steps }: SectorAsk): Mesh {
  const at = (index: number, step: number): Corner => {
    const { a, r } = line[index % line.length]!;
    const angle = ((fromDeg + ((toDeg - fromDeg) * step) / steps) * Math.PI) / 180;
    return [a, r * Math.sin(angle), r * Math.cos(angle)];
  };
  const faces: Corner[][] = [];
  for (let index = 0; index < line.length; index++)
    for (let step = 0; step < steps; step++)
      faces.push([at(index, step), at(index + 1, step), at(index + 1, step + 1), at(index, step + 1)]);
  const end = cutInTriangles(line);
  for (const triangle of end)
    faces.push(
      triangle.toReversed().map((index) => at(index, 0)),
      triangle.map((index) => at(index, steps)),
    );
  return ofFaces(faces);
}
