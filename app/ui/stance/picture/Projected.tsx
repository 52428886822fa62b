import { useFrame } from '@react-three/fiber';
import { Vector3, type Camera } from 'three';
import type { Mark } from '../marks';
import type { SeenMark } from '../seenMarks';

interface ProjectedProps {
  marks: readonly Mark[];
  show(seen: readonly SeenMark[]): void;
}

/** Tells where the marks are on the picture, whenever it is drawn. */
export function Projected({ marks, show }: ProjectedProps) {
  useFrame(({ camera, size }) => show(seenBy(camera, size, marks)));
  return null;
}

/** What a camera sees of marks: those in front of it, whose side of the car faces it. */
export function seenBy(camera: Camera, size: { width: number; height: number }, marks: readonly Mark[]): SeenMark[] {
  camera.updateMatrixWorld();
  const flat = (place: readonly [number, number, number]) => {
    const at = new Vector3(...place).project(camera);
    return at.z > 1 ? null : ([((at.x + 1) / 2) * size.width, ((1 - at.y) / 2) * size.height] as const);
  };
  return marks.flatMap(({ key, text, beside, from, to, out }) => {
    // A little past the fender's plane from inside it is still seen.
    if (out * (camera.position.z - from[2]) < -SEEN_INSIDE_MM) return [];
    const [start, end] = [flat(from), flat(to)];
    return start && end ? [{ key, text, beside, from: start, to: end }] : [];
  });
}

/** From behind a car both sides' figures are seen, though it looks along them. */
const SEEN_INSIDE_MM = 1000;
