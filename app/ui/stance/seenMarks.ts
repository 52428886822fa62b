/** A mark as the camera sees it, px. */
export interface SeenMark {
  key: string;
  text: string;
  beside?: string | undefined;
  from: readonly [number, number];
  to: readonly [number, number];
}

/** How far beside a line its figure is written, and how far apart two lines of letters stand, px. */
const BESIDE_PX = 8;
export const LETTERS_PX = 16;

/** Where a figure stands: the foot of its letters, and which of their ends. */
export interface LabelPlace {
  x: number;
  y: number;
  anchor: 'middle' | 'start';
}

/** Where the figure of a mark is written: beside a line that stands upright, over any other. */
export function labelPlace({ from, to }: Pick<SeenMark, 'from' | 'to'>): LabelPlace {
  const [dx, dy] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])];
  const x = (from[0] + to[0]) / 2;
  if (dy > 2 * dx && dy > 2 * LETTERS_PX)
    return { x: x + BESIDE_PX, y: (from[1] + to[1]) / 2 + LETTERS_PX / 3, anchor: 'start' };
  return { x, y: Math.min(from[1], to[1]) - BESIDE_PX, anchor: 'middle' };
}

/** Whether a picture shows the same marks at the same places. */
export const isSameSeen = (one: readonly SeenMark[], other: readonly SeenMark[]): boolean =>
  one.length === other.length && one.every((mark, at) => isSameMark(mark, other[at]!));

/** By less than this nothing is seen to move, px. */
const STILL_PX = 0.25;

function isSameMark(one: SeenMark, other: SeenMark): boolean {
  const [places, others] = [one, other].map(({ from, to }) => [...from, ...to]) as [number[], number[]];
  return (
    one.key === other.key &&
    one.text === other.text &&
    one.beside === other.beside &&
    places.every((value, nth) => Math.abs(value - others[nth]!) < STILL_PX)
  );
}
