import fc from 'fast-check';
import { DomainError } from '#core/errors';
import {
  measuringRimIn,
  overallDiameterMm,
  readTireSize,
  rimRangeIn,
  rimSeatDiameterMm,
  rollingCircumferenceMm,
  sectionHeightMm,
  sectionWidthOnRimMm,
  treadWidthMm,
} from '#core/tire';

describe('rim diameters: ISO 4000-1 (from memory)', () => {
  test.each([
    [10, 254],
    [12, 305],
    [13, 330],
    [14, 356],
    [15, 381],
    [16, 406],
    [17, 432],
    [18, 457],
    [19, 483],
    [20, 508],
    [21, 533],
    [22, 559],
    [23, 584],
    [24, 610],
  ])('%d in is %d mm', (code, mm) => expect(rimSeatDiameterMm(code)).toBe(mm));
});

describe('overall diameter and section on the measuring rim (ETRTO Standards Manual, from memory)', () => {
  test.each([
    // size, overall diameter, measuring rim, section width
    ['205/55R16', 632, 6.5, 214],
    ['225/45R17', 634, 7.5, 225],
    ['195/65R15', 635, 6.0, 201],
    ['245/40R18', 653, 8.5, 248],
    ['285/70R17', 832, 8.5, 292],
    ['255/35R19', 661, 9.0, 260],
    ['195/60R15', 615, 6.0, 201],
    ['185/65R15', 621, 5.5, 189],
    ['185/60R15', 603, 5.5, 189],
    ['175/65R14', 584, 5.0, 177],
    ['205/60R16', 652, 6.0, 209],
    ['215/60R16', 664, 6.5, 221],
    ['225/50R17', 658, 7.0, 233],
    ['225/40R18', 637, 8.0, 230],
    ['235/45R17', 644, 8.0, 236],
    ['265/70R16', 778, 8.0, 272],
    ['155/80R13', 578, 4.5, 157],
    ['165/65R14', 570, 5.0, 170],
    ['175/65R15', 609, 5.0, 177],
    ['175/70R13', 576, 5.0, 177],
    ['185/70R14', 616, 5.5, 189],
    ['195/50R15', 577, 6.0, 201],
    ['195/55R15', 595, 6.0, 201],
    ['205/40R17', 596, 7.5, 212],
    ['205/50R16', 612, 6.5, 214],
    ['215/45R17', 626, 7.0, 213],
    ['215/65R16', 686, 6.5, 221],
    ['225/60R17', 702, 6.5, 228],
    ['235/60R16', 688, 7.0, 240],
    ['235/65R17', 738, 7.0, 240],
    ['245/45R18', 677, 8.0, 243],
    ['245/70R16', 750, 7.0, 248],
    ['255/40R19', 687, 9.0, 260],
    ['255/55R18', 737, 8.0, 265],
    ['265/35R18', 643, 9.5, 271],
    ['265/65R17', 776, 8.0, 272],
    ['275/40R20', 728, 9.5, 278],
  ])('%s: ⌀ %d mm, %d in, %d mm', (size, diameter, rim, section) => {
    const tire = readTireSize(size);
    expect(overallDiameterMm(tire)).toBe(diameter);
    expect(measuringRimIn(tire)).toBe(rim);
    expect(Math.abs(sectionWidthOnRimMm(tire, rim) - section)).toBeLessThanOrEqual(1);
  });
  test('245/65R17 is 750 mm over all', () => expect(overallDiameterMm(readTireSize('245/65R17'))).toBe(750));
});

describe('approved rims: tire and rim tables (from memory)', () => {
  test.each([
    ['205/55R16', 5.5, 7.5],
    ['225/45R17', 7.0, 8.5],
    ['245/40R18', 8.0, 9.5],
    ['255/35R19', 8.5, 10.0],
    ['265/70R16', 7.0, 9.0],
    ['195/65R15', 5.5, 7.0],
    ['225/40R18', 7.5, 9.0],
    ['LT285/70R17', 7.5, 9.0],
    ['265/30R19', 9.0, 10.0],
    ['295/30R19', 10.0, 11.0],
    ['305/30R19', 10.5, 11.5],
    // Flotation rows, TRA Year Book (from memory).
    ['31x10.50R15LT', 7.0, 9.0],
    ['33x12.50R15LT', 8.5, 11.0],
    ['32x11.50R15LT', 8.0, 10.0],
    ['30x9.50R15LT', 6.5, 8.5],
  ])('%s: %d to %d in', (size, least, most) => expect(rimRangeIn(readTireSize(size))).toEqual({ least, most }));
  test.each([
    ['31x10.50R15LT', 8.5],
    ['33x12.50R15LT', 10],
    ['32x11.50R15LT', 9],
    ['30x9.50R15LT', 7.5],
  ])('%s has its labelled section on %d in', (size, rim) => {
    const tire = readTireSize(size);
    expect(measuringRimIn(tire)).toBe(rim);
    expect(sectionWidthOnRimMm(tire, rim)).toBeCloseTo(tire.nominalWidthMm, 9);
  });
});

describe('reading sizes as people write them', () => {
  const metric = (nominalWidthMm: number, aspectRatio: number, rimDiameterIn: number) => ({
    system: 'metric',
    nominalWidthMm,
    aspectRatio,
    rimDiameterIn,
  });
  test.each([
    ['205/55R16', metric(205, 55, 16)],
    ['205/55 ZR 16 91W', { ...metric(205, 55, 16), construction: 'R', loadIndex: 91, speed: 'W' }],
    ['P245/65R17', { ...metric(245, 65, 17), prefix: 'P' }],
    ['LT285/70R17 121/118Q', { ...metric(285, 70, 17), prefix: 'LT', loadIndex: 121, loadIndexDual: 118, speed: 'Q' }],
    ['lt285/70r17 e', { ...metric(285, 70, 17), loadRange: 'E' }],
    ['LT285/70R17 121/118Q LRE', { loadRange: 'E', loadIndex: 121 }],
    ['195-50-15', { ...metric(195, 50, 15), construction: null }],
    ['245 65 17', metric(245, 65, 17)],
    ['  205 / 55 r 16  ', metric(205, 55, 16)],
    ['205/55–16', metric(205, 55, 16)],
    ['225/45R17 94W XL', { loadIndex: 94, speed: 'W', marks: ['XL'] }],
    ['225/45R17 XL 94 W', { loadIndex: 94, speed: 'W', marks: ['XL'] }],
    ['225/45R17 94V RF', { marks: ['RF'] }],
    ['225/45R17 (94Y)', { loadIndex: 94, speed: 'Y' }],
    ['195/75R16C 107/105R', { ...metric(195, 75, 16), marks: ['C'], loadIndex: 107, loadIndexDual: 105, speed: 'R' }],
    ['165/70D13', { construction: 'D' }],
    ['T125/70D15', { prefix: 'T', construction: 'D' }],
    [
      '33x12.50R17LT',
      {
        system: 'flotation',
        prefix: 'LT',
        rimDiameterIn: 17,
        nominalWidthMm: 317.5,
        labelDiameterMm: expect.closeTo(838.2, 9),
      },
    ],
    ['31X10.5R15', { system: 'flotation', prefix: null, rimDiameterIn: 15, labelDiameterMm: expect.closeTo(787.4, 9) }],
    ['33 x 12,50 - 15', { system: 'flotation', rimDiameterIn: 15, nominalWidthMm: 317.5 }],
    ['33/12.50R17', { system: 'flotation', rimDiameterIn: 17, nominalWidthMm: 317.5 }],
    ['33-12.5-15', { system: 'flotation', rimDiameterIn: 15, nominalWidthMm: 317.5 }],
    ['185/70HR13', { ...metric(185, 70, 13), construction: 'R', speed: 'H' }],
    ['205/55VR16 XL', { speed: 'V', marks: ['XL'] }],
    ['205\\55R16', metric(205, 55, 16)],
    ['LT 285/70 R17 121/118 Q LRE', { prefix: 'LT', loadIndexDual: 118, speed: 'Q', loadRange: 'E' }],
    ['205/55R16 91 V M+S', { ...metric(205, 55, 16), loadIndex: 91, speed: 'V' }],
    ['225/45R17 94W XL 3PMSF TL', { loadIndex: 94, marks: ['XL'] }],
    ['35×12.5R20LT 121Q', { system: 'flotation', loadIndex: 121, speed: 'Q' }],
  ])('%s', (text, expected) => expect(readTireSize(text)).toMatchObject(expected));

  test.each([
    ['', 'needs a tire size'],
    ['205', 'aspect ratio and the rim diameter are missing'],
    ['205/55', 'rim diameter is missing'],
    ['big ones', 'has no figures'],
    ['205/55R61', 'rim diameter 61'],
    ['205/555R16', 'aspect ratio 555'],
    ['2055/55R16', 'section width 2055'],
    ['20/55R16', 'section width 20'],
    ['205/55Q16', '“Q” does not belong'],
    ['205/55A16', '“A” does not belong'],
    ['2055516', 'is it 205/55R16?'],
    ['185R14C 102/100R', 'between 185 and 14 the aspect ratio is missing'],
    ['165-13', 'the aspect ratio is missing'],
    ['205/55R16 91X', '“91X” behind the size'],
    ['205/55R16 9W', 'load index 9 is outside 20 to 204'],
    ['195/75R16C 107/305R', 'load index 305'],
    ['205/55R16 91V 94W', '“94W” behind the size'],
    ['205/55R16 91W!', 'behind the size'],
    ['205/55R16 400W', 'load index 400'],
    ['15x12.50R17', 'overall diameter 15'],
    ['33x1.50R17', 'section width 1.50'],
    ['20x12.50R22', 'not larger than its rim'],
    ['x'.repeat(200), 'too long'],
    ['<script>alert(1)</script>', 'tire size'],
  ])('%s is refused and says why: %s', (text, message) => {
    expect(() => readTireSize(text)).toThrow(DomainError);
    expect(() => readTireSize(text)).toThrow(message);
  });
  test('anything typed is a size or a refusal', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 24 }), (text) => {
        try {
          expect(readTireSize(text).rimDiameterIn).toBeGreaterThan(7);
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError);
        }
      }),
      { numRuns: 2000 },
    );
  });
});

const size = fc
  .record({
    width: fc.integer({ min: 21, max: 66 }),
    aspect: fc.integer({ min: 5, max: 17 }),
    rim: fc.integer({ min: 12, max: 24 }),
  })
  .map(({ width, aspect, rim }) => `${width * 5 + (width % 2 ? 0 : 5)}/${aspect * 5}R${rim}`)
  .filter((text) => !text.startsWith('1000'));

describe('properties', () => {
  test('a wider rim never narrows the tire', () => {
    fc.assert(
      fc.property(
        size,
        fc.double({ min: 4, max: 12, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (text, rim, more) => {
          const tire = readTireSize(text);
          expect(sectionWidthOnRimMm(tire, rim + more)).toBeGreaterThanOrEqual(sectionWidthOnRimMm(tire, rim));
        },
      ),
    );
  });
  test('the measuring rim lies within the approved rims', () => {
    fc.assert(
      fc.property(size, (text) => {
        const tire = readTireSize(text);
        const { least, most } = rimRangeIn(tire);
        // At 30 % and below the tables' upper bound meets the measuring rim.
        expect(measuringRimIn(tire)).toBeGreaterThanOrEqual(least);
        expect(measuringRimIn(tire)).toBeLessThanOrEqual(most);
      }),
    );
  });
  test('spacing, case and signs between the figures do not matter', () => {
    fc.assert(
      fc.property(
        size,
        fc.constantFrom('/', '-', ' ', ' / '),
        fc.constantFrom('R', 'r', ' R ', 'ZR', '-', ' '),
        (text, slash, r) => {
          expect(overallDiameterMm(readTireSize(text.replace('/', slash).replace('R', r)))).toBe(
            overallDiameterMm(readTireSize(text)),
          );
        },
      ),
    );
  });
});

test('tread width and circumference rules (from memory)', () => {
  const tire = readTireSize('205/45R17');
  expect(treadWidthMm(tire)).toBeCloseTo(175.18, 2);
  expect(sectionHeightMm(tire)).toBe(92);
  // ETRTO: 3.05 · D for radials.
  expect(rollingCircumferenceMm(616)).toBeCloseTo(1878.8, 9);
});
