import { Vector3, type Camera } from 'three';
import type { Mark } from '../figureMarks';
import type { SeenMark } from '../seenMarks';

const SHORTEST_PX = 12;

/** What a camera sees of marks: those in front of it, whose side of the car faces it. */
export function seenBy(camera: Camera, size: { width: number; height: number }, marks: readonly Mark[]): SeenMark[] {
  camera.updateMatrixWorld();
  const flat = (place: readonly [number, number, number]) => {
    const at = new Vector3(...place).project(camera);
    return at.z > 1 ? null : ([((at.x + 1) / 2) * size.width, ((1 - at.y) / 2) * size.height] as const);
  };
  const middle = (Math.min(...marks.map(({ from }) => from[0])) + Math.max(...marks.map(({ from }) => from[0]))) / 2;
  const far = camera.position.x > middle ? (x: number) => x < middle : (x: number) => x > middle;
  return marks.flatMap(({ key, text, beside, from, to, out, always }) => {
    if (isHidden(camera.position, from, { out, far })) return [];
    const [start, end] = [flat(from), flat(to)];
    if (!start || !end) return [];
    // Seen from its end a line says nothing.
    if (!always && Math.hypot(end[0] - start[0], end[1] - start[1]) < SHORTEST_PX) return [];
    return [{ key, text, beside, from: start, to: end }];
  });
}

/**
 * Whether the car itself stands before a place at its side: it is on the far side; or the camera looks along the car
 * from between its sides, and it belongs to the far axle.
 */
function isHidden(
  { x, z }: Vector3,
  [placeX, , placeZ]: readonly [number, number, number],
  { out, far }: { out: 1 | -1; far(x: number): boolean },
): boolean {
  if (Math.abs(z) < Math.abs(placeZ)) return far(placeX) && Math.abs(x - placeX) > FAR_MM;
  return out * z < 0;
}

/** Nearer than this a far axle is seen, as from above. */
const FAR_MM = 2000;
