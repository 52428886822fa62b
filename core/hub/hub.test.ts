import fc from 'fast-check';
import { create, all, type MathJsInstance } from 'mathjs';
import { DomainError } from '#core/errors';
import {
  boltCircleMm,
  centersMm,
  countFault,
  chordMm,
  decidedPattern,
  decidingReadings,
  fiveStudShortcutMm,
  kindOf,
  KNOWN_PATTERNS,
  knownCirclesMm,
  matchPattern,
  measuredCircle,
  patternCandidates,
  stepsBetween,
  stepsOf,
  widestSteps,
  type PatternReading,
} from '#core/hub';

const math = create(all!, { number: 'BigNumber', precision: 40 }) as MathJsInstance;

const reading = (part: Partial<PatternReading>): PatternReading => ({
  kind: 'widest',
  from: 'centres',
  valueMm: 100,
  ...part,
});
const found = (lugCount: number, ...readings: PatternReading[]) => {
  const circle = measuredCircle(readings, lugCount)!;
  return { circle, candidates: patternCandidates(circle, lugCount) };
};

describe('chords', () => {
  const pairs = Array.from({ length: 8 }, (_, index) => index + 3).flatMap((n) =>
    Array.from({ length: widestSteps(n) }, (_, index) => [n, index + 1] as const),
  );
  test.each(pairs)('%i studs, %i apart: against 40-digit trigonometry of mathjs', (n, k) => {
    // The two studs as points of the circle, and the distance between them: not the formula under test.
    const by = (expression: string) =>
      Number(math.evaluate(expression, { n: math.bignumber(n), k: math.bignumber(k) }));
    const expected = by('sqrt((57.15 * cos(2 * k * pi / n) - 57.15)^2 + (57.15 * sin(2 * k * pi / n))^2)');
    expect(chordMm(114.3, n, k)).toBeCloseTo(expected, 9);
    expect(boltCircleMm(expected, n, k)).toBeCloseTo(114.3, 9);
  });

  // Ratios as trade tables print them (common practice, no source).
  test.each([
    [3, 1, 0.866],
    [4, 1, 0.7071],
    [4, 2, 1],
    [5, 1, 0.5878],
    [5, 2, 0.9511],
    [6, 1, 0.5],
    [6, 2, 0.866],
    [6, 3, 1],
    [8, 1, 0.3827],
    [8, 4, 1],
    [10, 1, 0.309],
    [10, 5, 1],
  ])('%i studs, %i apart: %f of the circle', (n, k, ratio) => expect(chordMm(1, n, k)).toBeCloseTo(ratio, 4));

  test('opposite studs are exactly the circle', () => {
    for (const n of [4, 6, 8, 10]) expect(chordMm(139.7, n, n / 2)).toBe(139.7);
  });
  test('a pair that is not there, and counts nobody has, are refused with the field', () => {
    expect(() => chordMm(100, 5, 3)).toThrow('of 5 studs two are 1 to 2 steps apart');
    expect(() => chordMm(100, 5, 0)).toThrow('both ends are the same stud');
    expect(() => chordMm(100, 2, 1)).toThrow('must be 3 to 10');
    expect(() => chordMm(100, 11, 1)).toThrow(DomainError);
    expect(() => stepsOf({ kind: 'opposite' }, 5)).toThrow('of 5 studs none are opposite');
    expect(() => stepsOf({ kind: 'apart', steps: 4 }, 6)).toThrow('at most 3 steps');
    expect(() => stepsOf({ kind: 'apart' }, 6)).toThrow('needs the number of steps');
  });
  test('readings that cannot be on another count are named', () => {
    const pair = (kind: PatternReading['kind'], steps?: number) => [reading({ kind, steps })];
    expect(countFault(pair('opposite'), 5)).toBe(
      'of 5 studs none are opposite: read the widest pair; remove that reading first',
    );
    expect(countFault(pair('apart', 3), 5)).toContain('at most 2 steps apart');
    expect(countFault([...pair('opposite'), ...pair('widest')], 6)).toBeNull();
  });
  test('steps between two clicked studs run the shorter way round, whichever comes first', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 10 }), fc.nat(9), fc.nat(9), (n, a, b) => {
        const [one, other] = [a % n, b % n];
        const steps = stepsBetween(n, one, other);
        expect(steps).toBe(stepsBetween(n, other, one));
        expect(steps).toBeLessThanOrEqual(widestSteps(n));
        if (steps > 0) expect(stepsOf(kindOf(n, steps), n)).toBe(steps);
      }),
    );
  });
});

describe('where the rule lay', () => {
  test('same edges are centres; outer edges less, inner edges plus the stud', () => {
    expect(centersMm(reading({ from: 'centres', valueMm: 108.7 }))).toBe(108.7);
    expect(centersMm(reading({ from: 'same-edge', valueMm: 108.7 }))).toBe(108.7);
    expect(centersMm(reading({ from: 'outer-edges', valueMm: 120.7, studDiameterMm: 12 }))).toBeCloseTo(108.7, 9);
    expect(centersMm(reading({ from: 'inner-edges', valueMm: 96.7, studDiameterMm: 12 }))).toBeCloseTo(108.7, 9);
  });
  test('edges need the stud, and a reading must be longer than it', () => {
    // From the middle of one stud to the far edge of the other: half a stud more than from center to center.
    expect(centersMm(reading({ from: 'center-to-far-edge', valueMm: 114.7, studDiameterMm: 12 }))).toBeCloseTo(
      108.7,
      9,
    );
    expect(() => centersMm(reading({ from: 'center-to-far-edge' }))).toThrow('stud or hole diameter is needed');
    expect(() => centersMm(reading({ from: 'outer-edges' }))).toThrow('stud or hole diameter is needed');
    expect(() => centersMm(reading({ from: 'outer-edges', valueMm: 11, studDiameterMm: 12 }))).toThrow(
      'no longer than',
    );
  });
  test('all four ways lead to one circle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 95, max: 225, noNaN: true }),
        fc.integer({ min: 3, max: 10 }),
        fc.integer({ min: 10, max: 16 }),
        (pcd, n, d) => {
          const c = chordMm(pcd, n, 1);
          const ways: PatternReading[] = [
            { kind: 'neighbours', from: 'centres', valueMm: c },
            { kind: 'neighbours', from: 'same-edge', valueMm: c },
            { kind: 'neighbours', from: 'outer-edges', valueMm: c + d, studDiameterMm: d },
            { kind: 'neighbours', from: 'inner-edges', valueMm: c - d, studDiameterMm: d },
          ];
          for (const way of ways) expect(measuredCircle([way], n)!.boltCircleMm).toBeCloseTo(pcd, 8);
        },
      ),
    );
  });
});

describe("the five-stud shortcut beside the exact circle (domain's figures: common practice, no source)", () => {
  test('4.5 in: shortcut 4.75, exact 4.73: a rule leaves the choice between 5 × 120 and 5 × 120.65', () => {
    const widest = 4.5 * 25.4;
    expect(fiveStudShortcutMm(widest, 'in') / 25.4).toBeCloseTo(4.75, 9);
    const { circle, candidates } = found(5, reading({ valueMm: widest, uncertaintyMm: 0.5 }));
    expect(circle.boltCircleMm / 25.4).toBeCloseTo(4.73, 2);
    expect(candidates.slice(0, 2).map(({ boltCircleMm: mm }) => mm)).toEqual([120, 120.65]);
    expect(decidedPattern(candidates)).toBeNull();
  });
  test('115 mm: shortcut 121, exact 120.9; snaps to 5 × 120.65', () => {
    expect(fiveStudShortcutMm(115)).toBe(121);
    const { circle, candidates } = found(5, reading({ valueMm: 115, uncertaintyMm: 0.5 }));
    expect(circle.boltCircleMm).toBeCloseTo(120.9, 1);
    expect(candidates[0]!.boltCircleMm).toBe(120.65);
  });
});

describe('which pattern it is', () => {
  test('an exact reading of any known pattern finds it, from any pair, with a caliper', () => {
    for (const { lugCount, boltCircleMm: known } of KNOWN_PATTERNS)
      for (let k = 1; k <= widestSteps(lugCount); k++) {
        const { candidates } = found(lugCount, {
          ...kindOf(lugCount, k),
          from: 'centres',
          valueMm: chordMm(known, lugCount, k),
          uncertaintyMm: 0.1,
        });
        expect(candidates[0]!.boltCircleMm).toBe(known);
        expect(candidates[0]!.residualMm).toBeCloseTo(0, 9);
      }
  });
  test('shares add up to 1, best first', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(4, 5, 6, 8),
        fc.double({ min: 95, max: 212, noNaN: true }),
        fc.constantFrom(0.1, 0.5, 1.5),
        (n, pcd, u) => {
          const { candidates } = found(n, {
            kind: 'widest',
            from: 'centres',
            valueMm: chordMm(pcd, n, widestSteps(n)),
            uncertaintyMm: u,
          });
          const shares = candidates.map(({ probability }) => probability);
          if (shares.length > 0) expect(shares.reduce((a, b) => a + b)).toBeCloseTo(1, 9);
          expect(shares).toEqual([...shares].sort((a, b) => b - a));
        },
      ),
    );
  });
  test('a tape cannot tell 5 × 114.3 from 5 × 115; a caliper can', () => {
    const valueMm = chordMm(114.3, 5, 2);
    const tape = found(5, reading({ valueMm, uncertaintyMm: 1.5 })).candidates;
    expect(decidedPattern(tape)).toBeNull();
    expect(
      tape
        .filter(({ probability }) => probability > 0.2)
        .map(({ boltCircleMm: mm }) => mm)
        .sort(),
    ).toEqual([114.3, 115]);
    expect(decidedPattern(found(5, reading({ valueMm, uncertaintyMm: 0.1 })).candidates)).toMatchObject({
      boltCircleMm: 114.3,
    });
  });
  test('several readings together are sharper than each, and contradicting ones are told', () => {
    const rule = reading({ valueMm: chordMm(110, 5, 2), uncertaintyMm: 0.5 });
    const one = found(5, rule).circle;
    const four = found(5, rule, rule, rule, rule).circle;
    expect(four.uncertaintyMm).toBeCloseTo(one.uncertaintyMm / 2, 9);
    expect(four.contradict).toBe(false);
    expect(found(5, rule, reading({ valueMm: 110, uncertaintyMm: 0.5 })).circle.contradict).toBe(true);
  });
  test('nothing known within 3 mm leaves no candidate', () => {
    expect(found(5, reading({ valueMm: chordMm(144.8, 5, 2), uncertaintyMm: 0.1 })).candidates).toEqual([]);
    expect(found(7, reading({ valueMm: 120 })).candidates).toEqual([]);
    expect(knownCirclesMm(9)).toEqual([]);
  });
  test('a reading without a stated uncertainty counts as a steel rule’s, and says so', () => {
    const { circle } = found(4, reading({ kind: 'opposite', valueMm: 108 }));
    expect(circle.uncertaintyMm).toBeCloseTo(0.5, 9);
    expect(circle.readings[0]!.assumed).toBe(true);
  });

  test('shares are those of a Monte Carlo run with a fixed seed', () => {
    // Every known pattern of five alike; readings of the widest pair with a tape and of neighbours with a rule; of all
    // runs that look like the readings in hand, the share in which each pattern was the one drawn.
    const random = mulberry32(20260301);
    const [sigmaWide, sigmaNear] = [1.5 / 1.959964, 0.5 / 1.959964];
    const [wide, near] = [chordMm(114.7, 5, 2), chordMm(114.9, 5, 1)];
    // Patterns more than 8 mm away are never drawn: none of their readings would look like these.
    const drawn = knownCirclesMm(5).filter((mm) => Math.abs(mm - 115) < 8);
    const chords = drawn.map((mm) => [chordMm(mm, 5, 2), chordMm(mm, 5, 1)] as const);
    const hits = drawn.map(() => 0);
    let kept = 0;
    for (let run = 0; run < 900_000; run++) {
      const pick = Math.floor(random() * drawn.length);
      const [a, b] = normals(random);
      const [c2, c1] = chords[pick]!;
      const [x, y] = [(c2 + a * sigmaWide - wide) / 0.2, (c1 + b * sigmaNear - near) / 0.1];
      if (x * x + y * y > 1) continue;
      kept += 1;
      hits[pick]! += 1;
    }
    const { candidates } = found(
      5,
      reading({ kind: 'widest', valueMm: wide, uncertaintyMm: 1.5 }),
      reading({ kind: 'neighbours', valueMm: near, uncertaintyMm: 0.5 }),
    );
    expect(kept).toBeGreaterThan(4000);
    for (const { boltCircleMm: mm, probability } of candidates) {
      // Three standard errors of the run, and what the width of the window blurs.
      const error = 3 * Math.sqrt((probability * (1 - probability)) / kept) + 0.005;
      expect(Math.abs((hits[drawn.indexOf(mm)] ?? 0) / kept - probability)).toBeLessThan(error);
    }
  });
});

describe('what reading would decide', () => {
  test('0.7 mm of circle: a caliper over the widest pair, once; a rule only several times', () => {
    const ways = decidingReadings({ lugCount: 5, boltCircleMm: 114.3 }, { lugCount: 5, boltCircleMm: 115 });
    expect(ways[0]).toMatchObject({ kind: 'widest', instrument: 'caliper', times: 1 });
    expect(ways.find(({ instrument, kind }) => instrument === 'steel-rule' && kind === 'widest')?.times).toBe(3);
    expect(ways.some(({ instrument }) => instrument === 'tape')).toBe(false);
  });
  test('2 mm of circle: a steel rule does, once', () =>
    expect(decidingReadings({ lugCount: 5, boltCircleMm: 110 }, { lugCount: 5, boltCircleMm: 112 })).toContainEqual(
      expect.objectContaining({ kind: 'widest', instrument: 'steel-rule', times: 1 }),
    ));
  test('what it proposes does decide: such readings of either pattern leave at least 95 %', () => {
    for (const n of [4, 5, 6, 8])
      knownCirclesMm(n).forEach((mm, index, circles) => {
        const next = circles[index + 1];
        if (next === undefined) return;
        for (const { times, instrument, apartMm: _, ...pair } of decidingReadings(
          { lugCount: n, boltCircleMm: mm },
          { lugCount: n, boltCircleMm: next },
        )) {
          const one: PatternReading = {
            ...pair,
            from: 'centres',
            valueMm: chordMm(mm, n, stepsOf(pair, n)),
            uncertaintyMm: instrument === 'caliper' ? 0.1 : 0.5,
          };
          const { candidates } = found(n, ...Array.from({ length: times }, () => one));
          const [a, b] = [mm, next].map(
            (circle) => candidates.find(({ boltCircleMm: known }) => known === circle)?.probability ?? 0,
          );
          expect(a! / (a! + b!)).toBeGreaterThan(0.95);
        }
      });
  });
});

// A near pattern is one within 1.0 mm: common practice, no source.
describe('wheel against hub', () => {
  const hub = { lugCount: 5, boltCircleMm: 114.3 };
  test.each([
    [{ lugCount: 5, boltCircleMm: 114.3 }, 'ok', 0],
    [{ lugCount: 5, boltCircleMm: 115 }, 'caution', 0.7],
    [{ lugCount: 5, boltCircleMm: 115.3 }, 'caution', 1],
    [{ lugCount: 5, boltCircleMm: 112 }, 'fail', -2.3],
    [{ lugCount: 4, boltCircleMm: 114.3 }, 'fail', 0],
    [{ boltCircleMm: 114.3 }, 'unknown', 0],
    [{ boltCircleMm: 120 }, 'fail', 5.7],
    [{ lugCount: 5 }, 'unknown', null],
    [{ lugCount: 6 }, 'fail', null],
  ] as const)('%j on 5 × 114.3: %s', (wheel, verdict, delta) => {
    const match = matchPattern(wheel, hub, 'care');
    expect(match.verdict).toBe(verdict);
    if (delta === null) expect(match.deltaMm).toBeNull();
    else expect(match.deltaMm).toBeCloseTo(delta, 9);
  });
  test('a shop that refuses near patterns fails them', () =>
    expect(matchPattern({ lugCount: 5, boltCircleMm: 115 }, hub, 'refuse').verdict).toBe('fail'));
});

/** A small generator with a fixed seed (public domain algorithm), so that the run is the same every time. */
function mulberry32(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

function normals(random: () => number): [number, number] {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  const angle = 2 * Math.PI * random();
  return [radius * Math.cos(angle), radius * Math.sin(angle)];
}
