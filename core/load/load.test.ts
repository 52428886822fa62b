import fc from 'fast-check';
import { DomainError } from '#core/errors';
import {
  capacityOf,
  indexForLoad,
  LOAD_RANGES,
  loadOfIndexKg,
  loadRangeOf,
  loadShareAtSpeed,
  MOST_LOAD_INDEX,
  needPerWheelKg,
  pressureForSameLoad,
  readLoadRange,
  readSpeedRating,
  referencePressureKpa,
  serviceOf,
  speedOfSymbolKmh,
  SPEEDS_KMH,
  USUAL_INDEX_SPREAD,
  usualLoadIndex,
  wheelsOnAxle,
  XL_STEP,
} from '#core/load';
import { readTireSize, standardSizes } from '#core/tire';

describe('load indices: ISO 4000-1, as printed in the tire and rim tables (from memory)', () => {
  test.each([
    [0, 45],
    [1, 46.2],
    [10, 60],
    [20, 80],
    [30, 106],
    [40, 140],
    [50, 190],
    [60, 250],
    [65, 290],
    [70, 335],
    [75, 387],
    [79, 437],
    [80, 450],
    [82, 475],
    [84, 500],
    [86, 530],
    [88, 560],
    [91, 615],
    [93, 650],
    [94, 670],
    [95, 690],
    [98, 750],
    [100, 800],
    [102, 850],
    [105, 925],
    [107, 975],
    [108, 1000],
    [110, 1060],
    [113, 1150],
    [116, 1250],
    [118, 1320],
    [121, 1450],
    [125, 1650],
    [130, 1900],
    [140, 2500],
    [150, 3350],
    [160, 4500],
    [170, 6000],
    [180, 8000],
    [190, 10600],
    [200, 14000],
  ])('%d carries %d kg', (index, kg) => expect(loadOfIndexKg(index)).toBe(kg));
  test('grow as the preferred numbers R80 of ISO 3 do: 10^(1/80) a step, ten times in eighty', () => {
    for (let index = 0; index <= MOST_LOAD_INDEX; index++) {
      const kg = loadOfIndexKg(index);
      // 100 kg belongs to the series; its figures are rounded by up to 1.3 % (ISO 3, from memory).
      expect(Math.abs(kg / (100 * 10 ** ((index - 28) / 80)) - 1)).toBeLessThan(0.013);
      if (index === 0) continue;
      const step = kg / loadOfIndexKg(index - 1);
      expect(step).toBeGreaterThan(1.015);
      expect(step).toBeLessThan(1.04);
      // Whole kilograms above 100: half a kilogram of 121.5 is cut at the most.
      if (index >= 80) expect(Math.abs(kg / loadOfIndexKg(index - 80) / 10 - 1)).toBeLessThan(0.5 / 120);
    }
  });
  test.each([-1, 205, 400, 91.5, NaN])('%p is outside the table', (index) =>
    expect(() => loadOfIndexKg(index)).toThrow(DomainError),
  );
  test('the least index for a load carries it, the one below does not', () => {
    fc.assert(
      fc.property(fc.double({ min: 46, max: 15_900, noNaN: true }), (kg) => {
        const index = indexForLoad(kg)!;
        expect(loadOfIndexKg(index)).toBeGreaterThanOrEqual(kg);
        expect(loadOfIndexKg(index - 1)).toBeLessThan(kg);
      }),
    );
    expect(indexForLoad(20_000)).toBeNull();
  });
});

describe('speed ratings: ISO 4000-1 and UNECE R30 (from memory)', () => {
  test.each([
    ['A1', 5],
    ['A8', 40],
    ['B', 50],
    ['F', 80],
    ['G', 90],
    ['J', 100],
    ['L', 120],
    ['M', 130],
    ['N', 140],
    ['P', 150],
    ['Q', 160],
    ['R', 170],
    ['S', 180],
    ['T', 190],
    ['U', 200],
    ['H', 210],
    ['V', 240],
    ['W', 270],
    ['Y', 300],
  ])('%s is %d km/h', (symbol, kmh) => expect(speedOfSymbolKmh(symbol)).toBe(kmh));
  test('H stands between U and V, not in the alphabet; I, O and X are none', () => {
    const byAlphabet = Object.keys(SPEEDS_KMH).filter((symbol) => symbol.length === 1 && symbol !== 'H');
    const speeds = byAlphabet.sort().map((symbol) => SPEEDS_KMH[symbol]!);
    expect(speeds).toEqual([...speeds].sort((one, other) => one - other));
    for (const none of ['I', 'O', 'X', 'Z', '', null, undefined]) expect(speedOfSymbolKmh(none)).toBeNull();
  });
  test('read in either case; anything else says what one looks like', () => {
    expect(readSpeedRating(' v ')).toBe('V');
    expect(readLoadRange('e')).toBe('E');
    for (const odd of ['', '240', 'VR', 'toString', 'Å'])
      expect(() => readSpeedRating(odd)).toThrow('is not a speed rating');
    for (const odd of ['', 'K', 'EE', '10']) expect(() => readLoadRange(odd)).toThrow('is not a load range letter');
  });
  test.each([
    // UNECE R30, 2.29.4 (from memory): what is left of the load.
    ['V', 210, 1],
    ['V', 215, 0.97],
    ['V', 220, 0.97],
    ['V', 230, 0.94],
    ['V', 240, 0.91],
    ['W', 240, 1],
    ['W', 250, 0.95],
    ['W', 260, 0.9],
    ['W', 270, 0.85],
    ['Y', 270, 1],
    ['Y', 280, 0.95],
    ['Y', 290, 0.9],
    ['Y', 300, 0.85],
    ['Y', 400, 0.85],
    ['H', 300, 1],
    [null, 250, 1],
  ] as const)('%s at %d km/h keeps %d of its load', (symbol, kmh, share) =>
    expect(loadShareAtSpeed(symbol, kmh)).toBeCloseTo(share, 12),
  );
});

test('load range letters: TRA Year Book (from memory)', () => {
  expect(LOAD_RANGES.map(({ letter, plyRating }) => `${letter}${plyRating}`).join(' ')).toBe(
    'A2 B4 C6 D8 E10 F12 G14 H16 J18 L20 M22 N24',
  );
  // 35, 50, 65, 80, 95 and 110 psi, as light truck tires are listed.
  expect(
    ['B', 'C', 'D', 'E', 'F', 'G'].map((letter) => Math.round(loadRangeOf(letter)!.referenceKpa! / 6.894757)),
  ).toEqual([35, 51, 65, 80, 95, 110]);
  expect(loadRangeOf('I')).toBeNull();
});

const service = (size: string, said: Parameters<typeof serviceOf>[1] = {}) => serviceOf(readTireSize(size), said);
const car = { truck: false, dual: false, topSpeedKmh: null };

describe('what a tire may carry', () => {
  test('a passenger tire on a truck carries its load divided by 1.10 (FMVSS 571.110 S4.2.2.2, from memory)', () => {
    const truck = { ...car, truck: true };
    expect(capacityOf(service('P245/65R17 105S'), truck)!.kg).toBeCloseTo(925 / 1.1, 9);
    expect(capacityOf(service('245/65R17 107T'), truck)!.kg).toBeCloseTo(975 / 1.1, 9);
    expect(capacityOf(service('P245/65R17 105S'), car)!.kg).toBe(925);
    for (const size of ['LT285/70R17 121/118Q', '195/75R16C 107/105R', '33x12.50R17LT 120Q'])
      expect(capacityOf(service(size), truck)!.derated).toBe(false);
  });
  test('dual figures, speed and what is said beside the size', () => {
    expect(capacityOf(service('195/75R16C 107/105R'), { ...car, dual: true })!.kg).toBe(925);
    expect(capacityOf(service('205/55R16 91V'), { ...car, dual: true })).toBeNull();
    expect(capacityOf(service('205/55R16 91V'), { ...car, topSpeedKmh: 225 })!.kg).toBeCloseTo(615 * 0.94, 9);
    expect(service('205/55R16 91V', { loadIndex: 94 })).toMatchObject({
      loadIndex: 94,
      speed: 'V',
      differs: ['loadIndex'],
    });
    expect(service('205/55R16 91V', { loadIndex: 91 }).differs).toEqual([]);
    expect(serviceOf(null, { loadIndex: 91 })).toMatchObject({ loadIndex: 91, passenger: false });
  });
  test('rises with the index, and never with the derating', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 203 }), fc.boolean(), fc.boolean(), (index, truck, xl) => {
        const of = (loadIndex: number) =>
          capacityOf(service(`205/55R16${xl ? ' XL' : ''}`, { loadIndex }), { ...car, truck })!.kg;
        expect(of(index + 1)).toBeGreaterThan(of(index));
        expect(of(index)).toBeLessThanOrEqual(loadOfIndexKg(index));
      }),
    );
  });
  test('an axle rests on two wheels, or four', () => {
    expect([wheelsOnAxle(false), wheelsOnAxle(true)]).toEqual([2, 4]);
    expect(needPerWheelKg(3200, true)).toBe(800);
  });
});

describe('cold pressure for the same load', () => {
  test('the load that P^0.8 gives at the new pressure is the load there was (ETRTO, from memory)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 75, max: 110 }),
        fc.integer({ min: 75, max: 110 }),
        fc.boolean(),
        fc.boolean(),
        fc.double({ min: 150, max: 300, noNaN: true }),
        (before, after, xlBefore, xlAfter, kpa) => {
          const [one, other] = [xlBefore, xlAfter].map((xl) => service(`205/55R16${xl ? ' XL' : ''}`)) as [
            never,
            never,
          ];
          const next = pressureForSameLoad(
            kpa,
            { loadKg: loadOfIndexKg(before), service: one },
            { loadKg: loadOfIndexKg(after), service: other },
          );
          // Written out apart: what each tire carries at a pressure, from its own reference.
          const carries = (index: number, xl: boolean, at: number) =>
            loadOfIndexKg(index) * (at / (xl ? 290 : 250)) ** 0.8;
          expect(carries(after, xlAfter, next.kpa)).toBeCloseTo(carries(before, xlBefore, kpa), 6);
          expect(next.sameReference).toBe(false);
        },
      ),
    );
  });
  test('the same tire keeps its pressure; a stronger one needs less; without a reference both are alike', () => {
    const of = (loadKg: number, size: string) => ({ loadKg, service: service(size) });
    expect(pressureForSameLoad(220, of(615, '205/55R16'), of(615, '205/55R16')).kpa).toBeCloseTo(220, 9);
    expect(pressureForSameLoad(220, of(615, '205/55R16'), of(690, '205/55R16')).kpa).toBeLessThan(220);
    expect(pressureForSameLoad(350, of(975, '195/75R16C'), of(1060, '205/75R16C')).sameReference).toBe(true);
    expect(referencePressureKpa(service('LT285/70R17 E'))).toBe(550);
    expect(referencePressureKpa(service('LT285/70R17'))).toBeNull();
  });
});

describe('the index a size usually has', () => {
  // Standard-load rows of the tire and rim tables (ETRTO Standards Manual, from memory).
  const rows =
    '155/65R14 75, 165/65R14 79, 165/70R14 81, 175/65R14 82, 175/70R13 82, 185/60R14 82, 185/65R14 86, 185/70R14' +
    ' 88, 185/60R15 84, 185/65R15 88, 195/50R15 82, 195/55R15 85, 195/60R15 88, 195/65R15 91, 205/60R15 91,' +
    ' 205/65R15 94, 205/70R15 96, 215/65R15 96, 215/70R15 98, 195/45R16 80, 195/50R16 84, 195/55R16 87, 205/45R16' +
    ' 83, 205/50R16 87, 205/55R16 91, 205/60R16 92, 215/55R16 93, 215/60R16 95, 215/65R16 98, 225/50R16 92,' +
    ' 225/55R16 95, 225/60R16 98, 235/60R16 100, 205/40R17 80, 205/45R17 84, 205/50R17 89, 215/40R17 83,' +
    ' 215/45R17 87, 215/50R17 91, 215/55R17 94, 215/60R17 96, 225/45R17 91, 225/50R17 94, 225/55R17 97, 225/60R17' +
    ' 99, 225/65R17 102, 235/45R17 94, 235/55R17 99, 235/65R17 104, 245/40R17 91, 245/45R17 95, 245/65R17 107,' +
    ' 225/40R18 88, 225/45R18 91, 235/40R18 91, 235/45R18 94, 235/60R18 103, 245/40R18 93, 245/45R18 96,' +
    ' 255/35R18 90, 255/40R18 95, 265/35R18 93, 225/35R19 84, 235/35R19 87, 255/35R19 92, 245/40R19 94, 255/50R19' +
    ' 103, 265/70R16 112, 265/65R17 112, 265/60R18 110, 255/55R18 105, 275/40R20 102, 255/70R16 111, 235/75R15' +
    ' 105, 175/65R15 84, 185/55R15 82, 195/70R14 91, 175/50R13 72, 165/60R14 75';
  test.each(rows.split(', ').map((row) => row.split(' ') as [string, string]))('%s has %s', (size, index) =>
    expect(Math.abs(usualLoadIndex(readTireSize(size))! - Number(index))).toBeLessThanOrEqual(USUAL_INDEX_SPREAD),
  );
  test('is not guessed for sizes whose load range decides', () => {
    for (const size of ['LT285/70R17', '33x12.50R17LT', 'T125/70D15'])
      expect(usualLoadIndex(readTireSize(size))).toBeNull();
  });
  test('a wider or taller size never carries less, and XL stands four above', () => {
    for (const size of standardSizes(17)) {
      if (size.system !== 'metric') continue;
      const wider = readTireSize(`${size.nominalWidthMm + 10}/${size.aspectRatio}R17`);
      expect(usualLoadIndex(wider)!).toBeGreaterThanOrEqual(usualLoadIndex(size)!);
    }
    expect(XL_STEP).toBe(4);
  });
});
