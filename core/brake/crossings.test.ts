import fc from 'fast-check';
import { firstCrossing, type AxialPoint } from '#core/brake';
import { at, segments } from '#support/outlines';

/** Every pair by flatten-js; neighbours by whole-number arithmetic, whether they turn back on themselves. */
function firstByPairs(points: readonly AxialPoint[], closed: boolean): [number, number] | null {
  const pieces = segments([...points], closed);
  const ends = pieces.map((_, index) => [points[index]!, points[(index + 1) % points.length]!] as const);
  for (let first = 0; first < pieces.length; first++)
    for (let second = first + 1; second < pieces.length; second++) {
      const around = closed && first === 0 && second === pieces.length - 1;
      if (second - first === 1 || around) {
        const [[p, q], [, t]] = around ? [ends[second]!, ends[first]!] : [ends[first]!, ends[second]!];
        const [da, dr, ea, er] = [q.a - p.a, q.r - p.r, t.a - q.a, t.r - q.r];
        if (da * er - dr * ea === 0 && da * ea + dr * er < 0) return [first, second];
      } else if (pieces[first]!.intersect(pieces[second]!).length > 0) return [first, second];
    }
  return null;
}

/** Corners on a coarse grid: touches, shared corners and pieces on one line are as usual as crossings. */
const gridLine = (most: number, corners: number) =>
  fc
    .array(fc.tuple(fc.nat(most), fc.nat(most)), { minLength: 4, maxLength: corners })
    .map((places) =>
      places
        .map(([a, r]) => at(a, r))
        .filter(({ a, r }, index, all) => index === 0 || a !== all[index - 1]!.a || r !== all[index - 1]!.r),
    )
    .filter((all) => all.length > 3 && (all[0]!.a !== all.at(-1)!.a || all[0]!.r !== all.at(-1)!.r));

// Source: @flatten-js/core, pair by pair.
test.each([
  [4, 7],
  [12, 9],
  [60, 24],
])('the first two pieces that meet, on a grid of %i', (most, corners) => {
  fc.assert(
    fc.property(gridLine(most, corners), fc.boolean(), (line, closed) => {
      expect(firstCrossing(line, closed)).toEqual(firstByPairs(line, closed));
    }),
    { numRuns: 1500 },
  );
});
test('walks that only turn right never meet themselves, until one corner is pushed across', () => {
  fc.assert(
    fc.property(fc.integer({ min: 12, max: 300 }), fc.nat(), (corners, pick) => {
      const spiral = Array.from({ length: corners }, (_, index) => {
        const angle = index * 0.4;
        return at(50 * angle * Math.cos(angle), 50 * angle * Math.sin(angle));
      });
      expect(firstCrossing(spiral, false)).toBeNull();
      const inner = 1 + (pick % (corners - 2));
      const pushed = spiral.with(inner, at(-1e6, spiral[inner]!.r));
      expect(firstCrossing(pushed, false)).toEqual(firstByPairs(pushed, false));
    }),
    { numRuns: 60 },
  );
});
test('combs, whose teeth lie beside each other all the way, closed and open', () => {
  const comb = (teeth: number) => {
    const line: AxialPoint[] = [];
    for (let tooth = 0; tooth < teeth; tooth++)
      line.push(at(2 * tooth, 0), at(2 * tooth, 900), at(2 * tooth + 1, 900), at(2 * tooth + 1, 0));
    return line;
  };
  expect(firstCrossing(comb(1250), false)).toBeNull();
  // Closed, its last piece runs along the feet of all teeth: the first to meet it is the one that ends in the second.
  expect(firstCrossing(comb(3), true)).toEqual([2, 11]);
  expect(firstCrossing([...comb(1250), at(2499, -1), at(0, -1)], true)).toBeNull();
});
