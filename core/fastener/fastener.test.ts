import fc from 'fast-check';
import { create, all } from 'mathjs';
import { DomainError } from '#core/errors';
import type { SetupAxle } from '#core/job';
import {
  clearanceHoleMm,
  engagementMm,
  fasteningLines,
  fasteningOf,
  lugHoleFor,
  metricStressAreaMm2,
  pocketTakes,
  readThread,
  standardLengthMm,
  starOrder,
  thinnestAdapterMm,
  THREADS,
  torqueStages,
  turnsOf,
  type Fastener,
} from '#core/fastener';
import { wordsIn } from '#core/units';

const math = create(all!, {});

describe('threads', () => {
  // Stress areas, mm²: ISO 898-1, tables of coarse and fine pitch threads (from memory).
  test.each([
    [8, 1.25, 36.6],
    [10, 1.5, 58.0],
    [10, 1.25, 61.2],
    [10, 1, 64.5],
    [12, 1.75, 84.3],
    [12, 1.5, 88.1],
    [12, 1.25, 92.1],
    [14, 2, 115],
    [14, 1.5, 125],
    [16, 2, 157],
    [16, 1.5, 167],
    [18, 2.5, 192],
    [18, 1.5, 216],
    [20, 2.5, 245],
    [20, 1.5, 272],
    [22, 2.5, 303],
    [22, 1.5, 333],
    [24, 3, 353],
    [24, 2, 384],
  ])('M%f × %f: %f mm²', (diameter, pitch, area) => {
    const made = metricStressAreaMm2(diameter, pitch);
    expect(Number(made.toPrecision(3))).toBeCloseTo(area, area < 100 ? 1 : 0);
    expect(readThread(`M${diameter}x${pitch}`).stressAreaMm2).toBe(made);
  });

  // The same area from pitch and minor diameters of the basic profile, d₂ = d − 0.6495 P, d₃ = d − 1.2269 P (ISO 724,
  // ISO 898-1).
  test('the short formula is that of pitch and minor diameter', () => {
    for (const { diameterMm, pitchMm, stressAreaMm2, name } of THREADS) {
      if (!name.startsWith('M')) continue;
      const area = math.evaluate('pi / 4 * ((d - 0.649519 * p + d - 1.226869 * p) / 2)^2', {
        d: diameterMm,
        p: pitchMm,
      });
      expect(stressAreaMm2 / area).toBeCloseTo(1, 3);
    }
  });
  // Tensile stress areas, in²: ASME B1.1 (from memory).
  test.each([
    ['7/16-20', 0.1187],
    ['1/2-20', 0.1599],
    ['9/16-18', 0.203],
    ['5/8-18', 0.256],
    ['3/4-16', 0.373],
  ])('%s: %f in²', (name, area) => expect(readThread(name).stressAreaMm2 / 25.4 ** 2).toBeCloseTo(area, 3));

  test.each([
    ['M12x1.5', 'M12x1.5'],
    ['m12 × 1,5', 'M12x1.5'],
    ['M14-1.5', 'M14x1.5'],
    ['M 12 x 1.25 RH', 'M12x1.25'],
    ['1/2-20 UNF', '1/2-20'],
    ['1/2" x 20', '1/2-20'],
    ['M14x2', 'M14x2'],
  ])('%s is %s', (text, name) => expect(readThread(text).name).toBe(name));
  test.each([
    ['M13x1.4', 'no wheel is fastened with M13'],
    ['M12x1.4', 'nobody makes M12x1.4: M12 has a pitch of 1.25, 1.5, 1.75 mm'],
    ['M12', 'after M12 the pitch is missing: 1.25, 1.5, 1.75 mm'],
    ['1/2-13', '7/16-20, 1/2-20, 9/16-18, 5/8-18, 3/4-16 are known'],
    ['twelve', '“twelve” is not a thread: write it like M12x1.5'],
    ['', 'is not a thread'],
  ])('“%s”: %s', (text, message) => expect(() => readThread(text)).toThrow(message));
  test('any text at all is a thread of the table or a message', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        try {
          expect(THREADS).toContain(readThread(text));
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError);
        }
      }),
    );
  });
});

const stud: Fastener = { kind: 'stud', thread: 'M12x1.5', lengthMm: 38, seat: 'cone60' };
const bolt: Fastener = { kind: 'bolt', thread: 'M12x1.25', lengthMm: 26, threadDepthMm: 18, seat: 'cone60' };
const wheel = (part: object = {}): SetupAxle => ({ wheel: { padThicknessMm: 11, ...part } });
const spacer = (mm: number) => ({ kind: 'slip-on' as const, thicknessMm: mm });
const adapter = (part: object = {}) => ({ kind: 'bolt-on' as const, thicknessMm: 25, seatThicknessMm: 12, ...part });

// One thread diameter of engagement, pockets a millimeter deeper, kept lengths: common practice, no source. The sums
// are worked by hand.
describe('engagement, worked by hand', () => {
  test('stud 38, no stack, pad 11: 27 mm, 18 turns of 1.5', () => {
    const made = fasteningOf(stud, wheel());
    expect(made).toMatchObject({ verdict: 'ok', engagementMm: 27, turns: 18, requiredLengthMm: 23, studProudMm: null });
  });
  test('the same behind 15 mm: 12 mm is just one diameter; behind 16 mm it no longer holds, 45 mm studs do', () => {
    expect(fasteningOf(stud, { ...wheel(), stack: [spacer(15)] })).toMatchObject({ verdict: 'ok', engagementMm: 12 });
    const made = fasteningOf(stud, { ...wheel(), stack: [spacer(10), spacer(6)] });
    expect(made).toMatchObject({ verdict: 'fail', engagementMm: 11, requiredLengthMm: 39, standardLengthMm: 40 });
    expect(fasteningLines(made, wordsIn('mm')).join('\n')).toContain('needed: 39.0 mm; next standard length 40.0 mm');
    expect(fasteningOf(stud, { ...wheel(), stack: [spacer(16)], fastener: { lengthMm: 45 } })).toMatchObject({
      verdict: 'ok',
      engagementMm: 18,
    });
  });
  test('a bolt grows by exactly the stack', () => {
    expect(fasteningOf(bolt, wheel({ padThicknessMm: 9 }))).toMatchObject({
      verdict: 'ok',
      engagementMm: 17,
      requiredLengthMm: 26,
    });
    const made = fasteningOf(bolt, { ...wheel({ padThicknessMm: 9 }), stack: [spacer(8)] });
    expect(made).toMatchObject({ verdict: 'fail', engagementMm: 9, requiredLengthMm: 34, standardLengthMm: 34 });
  });
  test('a bolt too long for its hub fails by what it is too long, and only the hub’s thread counts', () => {
    const made = fasteningOf(bolt, { ...wheel({ padThicknessMm: 9 }), fastener: { lengthMm: 34 } });
    expect(made).toMatchObject({ verdict: 'fail', engagementMm: 18 });
    expect(made.joints[0]!.tooLongMm).toBe(7);
    expect(fasteningLines(made, wordsIn('mm')).join('\n')).toContain("7.0 mm longer than the hub's thread is deep");
  });
  test('no standard length between enough thread and the hub’s depth', () => {
    expect(standardLengthMm('bolt', 32.5, 33.5)).toBeNull();
    expect(standardLengthMm('bolt', 32.5)).toBe(34);
    expect(standardLengthMm('stud', 200)).toBeNull();
  });
  test('what is missing leaves it open, and is named', () => {
    const made = fasteningOf({ ...stud, lengthMm: null }, { stack: [{ kind: 'slip-on' }] });
    expect(made).toMatchObject({ verdict: 'unknown', engagementMm: null, requiredLengthMm: null });
    expect(fasteningLines(made, wordsIn('mm')).join()).toBe(
      'not known: stud length and spacer thickness and thickness under the lug seat',
    );
    expect(fasteningOf({ kind: 'stud', lengthMm: 38 }, wheel())).toMatchObject({
      verdict: 'unknown',
      engagementMm: 27,
      turns: null,
    });
    expect(fasteningOf({}, {})).toMatchObject({ verdict: 'unknown' });
  });
  test('a negative length or thickness is refused', () => {
    expect(() => engagementMm(-1, 5)).toThrow(DomainError);
    expect(() => engagementMm(38, -5)).toThrow('a thickness cannot be negative');
    expect(turnsOf(-3, 1.5)).toBe(0);
  });
  test('thicker stacks never hold better', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (t, more) => {
          const [thin, thick] = [t, t + more].map(
            (mm) => fasteningOf(stud, { ...wheel(), stack: [spacer(mm)] }).engagementMm!,
          );
          expect(thick).toBeLessThanOrEqual(thin! + 1e-9);
        },
      ),
    );
  });
});

describe('bolt-on adapters', () => {
  test('engagement counts its own seat; the stud sticks out Ls − t and needs pockets a millimeter deeper', () => {
    const proud = fasteningOf(stud, { ...wheel({ pocketDepthMm: 0 }), stack: [adapter()] });
    expect(proud).toMatchObject({
      verdict: 'fail',
      engagementMm: 26,
      studProudMm: 13,
      trimMm: 13,
      thinnestAdapterMm: 38,
    });
    expect(fasteningOf(stud, { ...wheel({ pocketDepthMm: 13 }), stack: [adapter()] }).verdict).toBe('fail');
    expect(fasteningOf(stud, { ...wheel({ pocketDepthMm: 14 }), stack: [adapter()] }).verdict).toBe('ok');
    expect(fasteningOf(stud, { ...wheel(), stack: [adapter()] }).verdict).toBe('unknown');
    expect(fasteningOf(stud, { ...wheel(), stack: [adapter({ thicknessMm: 38 })] })).toMatchObject({
      verdict: 'ok',
      studProudMm: 0,
    });
  });
  test('trimming is offered only where the adapter’s nuts still hold', () => {
    const made = fasteningOf(stud, {
      ...wheel({ pocketDepthMm: 0 }),
      stack: [adapter({ thicknessMm: 20, seatThicknessMm: 12 })],
    });
    expect(made).toMatchObject({ verdict: 'fail', studProudMm: 18, trimMm: null });
  });
  test('its own studs are a second joint once they are measured', () => {
    const thick = adapter({ thicknessMm: 40, thread: 'M14x1.5', studLengthMm: 20 });
    const made = fasteningOf(stud, { ...wheel(), stack: [thick] });
    expect(made.joints).toMatchObject([
      { in: 'hub', verdict: 'ok' },
      { in: 'adapter', engagementMm: 9, limitMm: 14, verdict: 'fail' },
    ]);
    expect(made.verdict).toBe('fail');
    const longer = fasteningOf(stud, { ...wheel(), stack: [{ ...thick, studLengthMm: 27 }] });
    expect(longer).toMatchObject({ verdict: 'ok', engagementMm: 26 });
    expect(fasteningLines(longer, wordsIn('mm')).join()).toContain("adapter's own stud 27.0");
  });
  test('nuts must have the thread of what carries the wheel', () => {
    const own = { ...wheel(), stack: [adapter({ thicknessMm: 40, thread: 'M14x1.5' })] };
    expect(fasteningOf(stud, { ...own, fastener: { thread: 'M12x1.5' } })).toMatchObject({
      verdict: 'fail',
      threadsDiffer: true,
    });
    expect(fasteningOf(stud, { ...own, fastener: { thread: 'M14x1.5' } }).threadsDiffer).toBe(false);
    expect(fasteningOf(stud, { ...wheel(), fastener: { thread: 'M12x1.25' } })).toMatchObject({
      verdict: 'fail',
      threadsDiffer: true,
    });
  });
  test('thinnest adapter: as thick as the stud, less what the pockets take', () => {
    expect(thinnestAdapterMm(52)).toBe(52);
    expect(thinnestAdapterMm(52, 9)).toBe(44);
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (studMm, pocket) => {
          const least = thinnestAdapterMm(studMm, pocket);
          expect(pocketTakes(Math.max(0, studMm - least), Math.max(pocket, studMm - least > 0 ? pocket : 0))).toBe(
            true,
          );
        },
      ),
    );
  });
});

describe('lug holes (ISO 273, fine; from memory)', () => {
  test.each([
    [10, 10.5],
    [12, 13],
    [14, 15],
    [16, 17],
    [12.7, 13.7],
  ])('%f mm needs %f', (d, hole) => expect(clearanceHoleMm(d)).toBeCloseTo(hole, 9));
  test('goes through, opened out with seat left, too much, seat gone, seat not known', () => {
    expect(lugHoleFor({ fastenerMm: 12, holeMm: 13, seatDiameterMm: null })).toMatchObject({
      verdict: 'ok',
      openMm: 0,
    });
    expect(lugHoleFor({ fastenerMm: 14, holeMm: 13, seatDiameterMm: 24 })).toMatchObject({
      verdict: 'caution',
      openMm: 2,
      seatLeftMm: 4.5,
    });
    expect(lugHoleFor({ fastenerMm: 16, holeMm: 13, seatDiameterMm: 30 }).verdict).toBe('fail');
    expect(lugHoleFor({ fastenerMm: 14, holeMm: 13, seatDiameterMm: 20 }).verdict).toBe('fail');
    expect(lugHoleFor({ fastenerMm: 14, holeMm: 13, seatDiameterMm: null }).verdict).toBe('unknown');
  });
});

describe('tightening', () => {
  // Star orders, studs numbered clockwise (common practice, no source).
  test.each([
    [3, '1 2 3'],
    [4, '1 3 2 4'],
    [5, '1 3 5 2 4'],
    [6, '1 4 2 5 3 6'],
    [8, '1 5 3 7 2 6 4 8'],
    [10, '1 6 3 8 5 10 2 7 4 9'],
  ])('%i: %s', (n, order) =>
    expect(
      starOrder(n)
        .map((place) => place + 1)
        .join(' '),
    ).toBe(order),
  );
  test('every order takes each stud once, and never two neighbours one after the other from four on', () => {
    for (let n = 3; n <= 10; n++) {
      const order = starOrder(n);
      expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, index) => index));
      if (n < 5) continue;
      order.slice(1).forEach((place, index) => {
        const apart = Math.abs(place - order[index]!);
        expect(Math.min(apart, n - apart)).toBeGreaterThan(1);
      });
    }
    expect(() => starOrder(2)).toThrow(DomainError);
  });
  test('stages of about 50, 85 and 100 %, rounded to 5; the last is the maker’s figure itself', () => {
    expect(torqueStages(110)).toEqual([55, 95, 110]);
    expect(torqueStages(180)).toEqual([90, 155, 180]);
    expect(torqueStages(98)).toEqual([50, 85, 98]);
  });
});

describe('open and closed nuts on studs (common practice, no source)', () => {
  // 38 − 11 = 27 mm of thread reach into the nut.
  const of = (nut: Partial<Fastener>, own: SetupAxle['fastener'] = {}) =>
    fasteningOf({ ...stud, ...nut }, { ...wheel(), fastener: own });
  test.each([
    [{ nut: 'open' }, 'ok', null],
    [{ nut: 'closed', nutDepthMm: 30 }, 'ok', null],
    [{ nut: 'closed', nutDepthMm: 27 }, 'ok', null],
    [{ nut: 'closed', nutDepthMm: 25 }, 'fail', 'bottoms'],
    [{ nut: 'closed' }, 'unknown', 'depth-unknown'],
    [{}, 'ok', null],
    [{ lengthMm: 46 }, 'caution', 'form-unknown'],
    [{ lengthMm: 46, nut: 'open' }, 'ok', null],
  ] as const)('%j: %s', (nut, verdict, said) => {
    const { verdict: judged, joints } = of(nut);
    expect([judged, joints[0]!.nut]).toEqual([verdict, said]);
  });
  test('a setup with nuts of its own is judged by those', () => {
    const car = { nut: 'closed', nutDepthMm: 25 } as const;
    expect(of(car, { nut: 'open' }).verdict).toBe('ok');
    expect(of(car, { nutDepthMm: 30 }).verdict).toBe('ok');
  });
  test('little thread in a nut of which nobody said whether it is closed is no matter', () =>
    expect(fasteningOf(stud, { ...wheel(), stack: [spacer(10)] }).joints[0]!.nut).toBeNull());
  test('a bolt has no nut', () => expect(fasteningOf({ ...bolt, nut: 'closed' }, wheel()).joints[0]!.nut).toBeNull());
  test('what bottoms is told with the length it is too long by', () =>
    expect(of({ nut: 'closed', nutDepthMm: 25 }).joints[0]!.tooLongMm).toBeCloseTo(2, 9));
});
