/** A stroke of a letter: places on a field 4 wide and 6 high, from its lower left corner. */
type Stroke = readonly (readonly [number, number])[];

const O: Stroke = [
  [1, 0],
  [3, 0],
  [4, 1],
  [4, 5],
  [3, 6],
  [1, 6],
  [0, 5],
  [0, 1],
  [1, 0],
];
const line = (...places: Stroke): Stroke => places;

/** Plain letters of strokes: what the size of a tire is written with. */
const STROKES: Readonly<Record<string, readonly Stroke[]>> = {
  '0': [O],
  '1': [line([1, 5], [2, 6], [2, 0])],
  '2': [line([0, 5], [1, 6], [3, 6], [4, 5], [4, 4], [0, 0], [4, 0])],
  '3': [line([0, 6], [4, 6], [2, 3.5], [3, 3.5], [4, 2.5], [4, 1], [3, 0], [1, 0], [0, 1])],
  '4': [line([3, 0], [3, 6], [0, 2], [4, 2])],
  '5': [line([4, 6], [0, 6], [0, 3.5], [3, 3.5], [4, 2.5], [4, 1], [3, 0], [0, 0])],
  '6': [line([3.5, 6], [1.5, 6], [0, 4], [0, 1], [1, 0], [3, 0], [4, 1], [4, 2.5], [3, 3.5], [0, 3])],
  '7': [line([0, 6], [4, 6], [1.5, 0])],
  '8': [
    line([1, 3.3], [0.3, 4], [0.3, 5.3], [1, 6], [3, 6], [3.7, 5.3], [3.7, 4], [3, 3.3], [1, 3.3]),
    line([1, 3.3], [0, 2.3], [0, 1], [1, 0], [3, 0], [4, 1], [4, 2.3], [3, 3.3]),
  ],
  '9': [line([0.5, 0], [2.5, 0], [4, 2], [4, 5], [3, 6], [1, 6], [0, 5], [0, 3.5], [1, 2.5], [4, 3])],
  '/': [line([0, 0], [4, 6])],
  '-': [line([0.5, 3], [3.5, 3])],
  '.': [line([1.7, 0], [2.3, 0])],
  B: [line([0, 3.3], [3, 3.3], [4, 4.3], [4, 5], [3, 6], [0, 6], [0, 0], [3, 0], [4, 1], [4, 2.3], [3, 3.3])],
  C: [line([4, 5], [3, 6], [1, 6], [0, 5], [0, 1], [1, 0], [3, 0], [4, 1])],
  D: [line([0, 0], [0, 6], [2.5, 6], [4, 4.5], [4, 1.5], [2.5, 0], [0, 0])],
  F: [line([4, 6], [0, 6], [0, 0]), line([0, 3.2], [3, 3.2])],
  L: [line([0, 6], [0, 0], [4, 0])],
  P: [line([0, 0], [0, 6], [3, 6], [4, 5], [4, 3.8], [3, 2.8], [0, 2.8])],
  R: [line([0, 0], [0, 6], [3, 6], [4, 5], [4, 3.8], [3, 2.8], [0, 2.8]), line([2, 2.8], [4, 0])],
  S: [line([4, 5], [3, 6], [1, 6], [0, 5], [0, 4], [1, 3], [3, 3], [4, 2], [4, 1], [3, 0], [1, 0], [0, 1])],
  T: [line([0, 6], [4, 6]), line([2, 6], [2, 0])],
  X: [line([0, 0], [4, 6]), line([0, 6], [4, 0])],
  Z: [line([0, 6], [4, 6], [0, 0], [4, 0])],
};

const WIDTH = 4;
const GAP = 1.8;
export const LETTER_HEIGHT = 6;

/** A straight piece of a written text, from its middle on, on the scale of its letters. */
export interface Piece {
  from: readonly [number, number];
  to: readonly [number, number];
}

/** The pieces of a text, its middle at 0; signs that no size is written with are a gap. */
export function written(text: string): Piece[] {
  const signs = [...text.toUpperCase()];
  const whole = signs.length * (WIDTH + GAP) - GAP;
  return signs.flatMap((sign, nth) => {
    const left = nth * (WIDTH + GAP) - whole / 2;
    return (STROKES[sign] ?? []).flatMap((stroke) =>
      stroke.slice(1).map(([x, y], at): Piece => {
        const [fromX, fromY] = stroke[at]!;
        return { from: [left + fromX, fromY], to: [left + x, y] };
      }),
    );
  });
}
