import { placeLabels, type Marked } from './labels';

const SIZE = { width: 320, height: 320 };
const boxes = (marks: readonly Marked[]) =>
  placeLabels(marks, SIZE).map(([x, y], at) => ({ x, y, right: x + marks[at]!.width }));

test('thirty numbers in a heap do not lie over each other, and stay on the paper', () => {
  const marks = Array.from({ length: 30 }, (_, at) => ({
    x: 150 + 30 * Math.cos(at),
    y: 150 + 60 * Math.sin(at * 1.7),
    width: 15,
  }));
  const placed = boxes(marks);
  for (const [at, one] of placed.entries()) {
    expect([one.x >= 0, one.right <= SIZE.width, one.y >= 0, one.y <= SIZE.height]).toEqual([true, true, true, true]);
    for (const other of placed.slice(at + 1))
      expect(Math.abs(one.y - other.y) >= 13 || one.right <= other.x || other.right <= one.x).toBe(true);
  }
});

test.each<[string, Marked, (place: { x: number; right: number }) => boolean]>([
  ['alone: right of its mark', { x: 100, y: 100, width: 15 }, ({ x }) => x > 100],
  ['at the right edge: left of it', { x: 312, y: 100, width: 15 }, ({ right }) => right < 312],
  ['a long one that fits on one side', { x: 180, y: 100, width: 150 }, ({ right }) => right < 180],
])('%s', (_, mark, holds) => expect(boxes([mark]).every(holds)).toBe(true));

test('the first has the first choice', () => {
  const [first, second] = placeLabels(
    [
      { x: 100, y: 100, width: 20 },
      { x: 101, y: 100, width: 20 },
    ],
    SIZE,
  );
  expect(first![0]).toBe(106);
  expect(second).not.toEqual([107, 95]);
});
