import fc from 'fast-check';
import {
  GROWTH,
  measuringRimIn,
  overallDiameterMm,
  readTireSize,
  rimRangeIn,
  rimSeatDiameterMm,
  sectionFromTestRimMm,
  sectionWidthOnRimMm,
  serviceEnvelope,
  standardSizes,
  tireSizeName,
} from '#core/tire';

const RIMS = [13, 14, 15, 16, 17, 18, 19, 20, 22];
const anySize = fc.constantFrom(...RIMS).chain((rim) => fc.constantFrom(...standardSizes(rim)));

describe('growth in service: UNECE R30, 6.1.4 and 6.1.5 (from memory)', () => {
  test('205/55R16 on its measuring rim: 4 % in width, 3 % less to 4 % more in height', () => {
    const grown = serviceEnvelope({ sectionWidthMm: 214, overallDiameterMm: 632 }, 406);
    expect(grown.sectionWidthMm).toBeCloseTo(222.56, 9);
    expect(grown.overallDiameterMm).toBeCloseTo(406 + 2 * 113 * 1.04, 9);
    expect(grown.leastDiameterMm).toBeCloseTo(406 + 2 * 113 * 0.97, 9);
  });
  test('the envelope always holds the new tire, and only the height grows in diameter', () => {
    fc.assert(
      fc.property(anySize, (size) => {
        const seat = rimSeatDiameterMm(size.rimDiameterIn);
        const tire = {
          sectionWidthMm: sectionWidthOnRimMm(size, measuringRimIn(size)),
          overallDiameterMm: overallDiameterMm(size),
        };
        const grown = serviceEnvelope(tire, seat);
        expect(grown.sectionWidthMm).toBeGreaterThan(tire.sectionWidthMm);
        expect(grown.overallDiameterMm).toBeGreaterThan(tire.overallDiameterMm);
        expect(grown.leastDiameterMm).toBeLessThan(tire.overallDiameterMm);
        expect((grown.overallDiameterMm - seat) / (tire.overallDiameterMm - seat)).toBeCloseTo(GROWTH.mostHeight, 9);
      }),
    );
  });
});

describe('a section listed on a test rim', () => {
  test('moves by 0.4 of the change in rim width: half an inch is 5 mm (tire and rim tables’ rule, from memory)', () => {
    expect(sectionFromTestRimMm(214, 6.5, 7) - 214).toBeCloseTo(5.08, 9);
    expect(sectionFromTestRimMm(214, 6.5, 6.5)).toBe(214);
  });
  test('agrees with the computed section when the listed one is the computed one', () => {
    fc.assert(
      fc.property(
        anySize,
        fc.double({ min: 4, max: 13, noNaN: true }),
        fc.double({ min: 4, max: 13, noNaN: true }),
        (size, test, rim) => {
          const listed = sectionWidthOnRimMm(size, test);
          expect(sectionFromTestRimMm(listed, test, rim)).toBeCloseTo(sectionWidthOnRimMm(size, rim), 9);
        },
      ),
    );
  });
});

describe('sizes as they are written', () => {
  test('every standard size reads back as it was written', () => {
    for (const rim of RIMS)
      for (const size of standardSizes(rim)) {
        const again = readTireSize(tireSizeName(size));
        expect({ ...again, aspectRatio: 0, nominalWidthMm: 0, labelDiameterMm: 0 }).toEqual({
          ...size,
          aspectRatio: 0,
          nominalWidthMm: 0,
          labelDiameterMm: 0,
        });
        expect(again.nominalWidthMm).toBeCloseTo(size.nominalWidthMm, 9);
        expect(again.aspectRatio).toBeCloseTo(size.aspectRatio, 9);
      }
  });
  const marks = fc.record({
    loadIndex: fc.integer({ min: 20, max: 204 }),
    dual: fc.option(fc.integer({ min: 20, max: 204 })),
    speed: fc.constantFrom('Q', 'R', 'S', 'T', 'H', 'V', 'W', 'Y'),
    range: fc.option(fc.constantFrom('C', 'D', 'E', 'F')),
    xl: fc.boolean(),
  });
  test('and so does one with its load indices, speed rating, load range and marks', () => {
    fc.assert(
      fc.property(anySize, marks, (size, { loadIndex, dual, speed, range, xl }) => {
        const whole = {
          ...size,
          loadIndex,
          loadIndexDual: dual,
          speed,
          loadRange: range,
          marks: xl ? (['XL'] as const) : [],
        };
        const again = readTireSize(tireSizeName(whole));
        expect(again).toMatchObject({ loadIndex, loadIndexDual: dual, speed, loadRange: range, marks: whole.marks });
      }),
    );
  });
  test.each([
    ['lt285/70r17 121/118q e', 'LT285/70R17 121/118Q LRE'],
    ['33 x 12,50 - 15', '33x12.50-15'],
    ['195/75R16C 107/105R', '195/75R16C 107/105R'],
    ['p245/65r17', 'P245/65R17'],
    ['225/45 zr 17 94y xl', '225/45R17 94Y XL'],
  ])('%s is written %s', (typed, name) => expect(tireSizeName(readTireSize(typed))).toBe(name));
});

describe('standard sizes, made from their steps', () => {
  test.each([
    '155/80R13',
    '175/70R13',
    '185/60R14',
    '195/65R15',
    '31x10.50R15LT',
    '205/55R16',
    '265/70R16',
    '205/45R17',
    '225/45R17',
    '285/70R17',
    '33x12.50R17LT',
    '225/40R18',
    '245/40R18',
    '255/35R19',
    '275/40R20',
    '35x12.50R20LT',
  ])('%s is among them (tire and rim tables, from memory)', (name) => {
    const size = readTireSize(name);
    expect(standardSizes(size.rimDiameterIn).map(tireSizeName)).toContain(name);
  });
  test('each once, each on a rim it names, and none for rims that no car has', () => {
    for (const rim of RIMS) {
      const names = standardSizes(rim).map(tireSizeName);
      expect(new Set(names).size).toBe(names.length);
      for (const size of standardSizes(rim)) {
        expect(size.rimDiameterIn).toBe(rim);
        const { least, most } = rimRangeIn(size);
        expect(least).toBeLessThanOrEqual(most);
      }
    }
    expect(standardSizes(16.5)).toEqual([]);
    expect(standardSizes(9)).toEqual([]);
  });
});
