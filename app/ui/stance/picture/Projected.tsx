import { useFrame } from '@react-three/fiber';
import type { Mark } from '../figureMarks';
import type { SeenMark } from '../seenMarks';
import { seenBy } from './seenBy';

interface ProjectedProps {
  marks: readonly Mark[];
  show(seen: readonly SeenMark[]): void;
}

/** Tells where the marks are on the picture, whenever it is drawn. */
export function Projected({ marks, show }: ProjectedProps) {
  useFrame(({ camera, size }) => show(seenBy(camera, size, marks)));
  return null;
}
