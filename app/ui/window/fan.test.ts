import fc from 'fast-check';
import { fanOf } from './fan';

const x = (mm: number) => 300 + 5 * mm;
const at = (id: string, offsetMm: number, rimWidthIn = 7) => ({ id, offsetMm, rimWidthIn });

test('a point that would hide another makes way; the others stay', () => {
  const y = (inches: number) => 500 - 80 * inches;
  expect([...fanOf([at('a', 20), at('b', 21), at('c', 60), at('d', 20, 8)], { x, y })]).toEqual([['b', -22]]);
  expect(fanOf([], { x, y }).size).toBe(0);
});

test('no point lies over another, however many there are and however low their rows', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 10, max: 80 }),
      fc.array(fc.tuple(fc.integer({ min: -10, max: 10 }), fc.integer({ min: 10, max: 20 })), { maxLength: 40 }),
      (rowPx, places) => {
        const y = (inches: number) => 900 - rowPx * 2 * inches;
        const points = places.map(([offset, halves], index) => at(String(index), offset, halves / 2));
        const fan = fanOf(points, { x, y });
        const shown = points.map(
          (point) => [x(point.offsetMm), y(point.rimWidthIn) + (fan.get(point.id) ?? 0)] as const,
        );
        shown.forEach(([across, up], index) => {
          for (const [other, high] of shown.slice(index + 1))
            expect(Math.max(Math.abs(across - other), Math.abs(up - high))).toBeGreaterThanOrEqual(22);
        });
      },
    ),
  );
});
