import fc from 'fast-check';
import type { WindowRow } from '#core/advice/window';
import { edgeWords, placeWords, pointBox, shutWords, type Words } from './chartWords';

const x = (mm: number) => 300 + 5 * mm;
const y = (inches: number) => 500 - 40 * inches;
const edge = (label: string) => ({ label, plusMinus: 1 });
const row = (rimWidthIn: number, low: string, high: string): WindowRow =>
  ({
    rimWidthIn,
    spans: [{ fromMm: 20, toMm: 40, low: edge(low), high: edge(high) }],
    closedBy: [],
  }) as unknown as WindowRow;

test('what holds an edge is named once, amid the rows it is of, and outside the stretch', () => {
  const rows = [row(6, 'Poke', 'Strut'), row(6.5, 'Poke', 'Strut'), row(7, 'Poke', 'Strut')];
  const placed = placeWords(edgeWords(rows, { x, y }), { taken: [], from: 66, to: 700 });
  expect(placed.map(({ text, y: line, anchor }) => [text, line, anchor])).toEqual([
    ['Poke', y(6.5) + 4, 'end'],
    ['Strut', y(6.5) + 4, 'start'],
  ]);
  expect(placed[0]!.x).toBeLessThan(x(20));
  expect(placed[1]!.x).toBeGreaterThan(x(40));
});

test('a point in the way sends the words to another row, then within the stretch', () => {
  const rows = [row(6, 'Poke', 'Strut'), row(6.5, 'Poke', 'Strut')];
  const beside = (inches: number) => pointBox(x(15), y(inches));
  const [one] = placeWords(edgeWords(rows, { x, y }), { taken: [beside(6)], from: 66, to: 700 });
  expect(one).toMatchObject({ text: 'Poke', y: y(6.5) + 4, anchor: 'end' });
  const [other] = placeWords(edgeWords(rows, { x, y }), { taken: [beside(6), beside(6.5)], from: 66, to: 700 });
  expect(other).toMatchObject({ text: 'Poke', anchor: 'start' });
});

test('a row that is shut says so at an end that is free; words without room are left out', () => {
  const shut = { rimWidthIn: 8, spans: [], closedBy: ['Poke', 'Strut', 'Third'] } as unknown as WindowRow;
  const words = shutWords([shut], { y, width: 800 });
  expect(words[0]).toMatchObject({ text: 'poke, strut', kind: 'closed' });
  const atLeft = pointBox(90, y(8));
  expect(placeWords(words, { taken: [atLeft], from: 66, to: 664 })[0]).toMatchObject({ anchor: 'end' });
  expect(placeWords(words, { taken: [], from: 66, to: 100 })).toEqual([]);
});

test('placed words never lie over each other or over a point, nor leave the chart', () => {
  const place = fc.record({
    x: fc.integer({ min: 0, max: 700 }),
    y: fc.integer({ min: 0, max: 400 }),
    anchor: fc.constantFrom('start' as const, 'end' as const),
  });
  const words = fc.array(
    fc.record({
      key: fc.string(),
      text: fc.string({ minLength: 1, maxLength: 30 }),
      kind: fc.constant('edge-name' as const),
      places: fc.array(place, { minLength: 1, maxLength: 4 }),
    }),
    { maxLength: 12 },
  );
  fc.assert(
    fc.property(words, (asked: Words[]) => {
      const placed = placeWords(asked, { taken: [pointBox(300, 200)], from: 60, to: 640 });
      const boxes = placed.map(({ text, x: at, y: line, anchor }) => {
        const left = anchor === 'start' ? at : at - text.length * 6;
        return [left, line - 12, left + text.length * 6, line + 4] as const;
      });
      boxes.forEach((box, at) => {
        expect(box[0]).toBeGreaterThanOrEqual(60);
        expect(box[2]).toBeLessThanOrEqual(640);
        for (const other of [...boxes.slice(at + 1), [288, 188, 312, 212] as const])
          expect(
            Math.min(box[2], other[2]) - Math.max(box[0], other[0]) <= 0 ||
              Math.min(box[3], other[3]) - Math.max(box[1], other[1]) <= 0,
          ).toBe(true);
      });
    }),
  );
});
