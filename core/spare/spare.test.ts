import fc from 'fast-check';
import { clampHeightMm, extensionFor, longerByMm, WELL_MM, wellFit } from '#core/spare';
import { readThread } from '#core/fastener';

const well = { diameterMm: 640, depthMm: 205, roomAboveMm: 20 };

describe('a spare in its well (common practice, no source)', () => {
  test.each([
    // overall diameter, width, what is said
    [616, 200, { playMm: 24, proudMm: 0, deflate: false, verdict: 'ok' }],
    [616, 216, { proudMm: 11, verdict: 'ok' }],
    [616, 230, { proudMm: 25, verdict: 'fail' }],
    [637, 200, { playMm: 3, verdict: 'caution' }],
    [650, 200, { playMm: -10, deflate: true, verdict: 'caution' }],
    [656, 200, { playMm: -16, deflate: false, verdict: 'fail' }],
    [null, 200, { playMm: null, verdict: 'unknown' }],
    [616, null, { proudMm: null, verdict: 'unknown' }],
    [700, null, { verdict: 'fail' }],
  ])('⌀ %p, %p wide: %p', (overallDiameterMm, widthMm, expected) =>
    expect(wellFit(well, { overallDiameterMm, widthMm })).toMatchObject(expected),
  );
  test('proud of a well whose room above nobody measured is a matter of care', () => {
    expect(wellFit({ ...well, roomAboveMm: null }, { overallDiameterMm: 616, widthMm: 216 }).verdict).toBe('caution');
    expect(wellFit({ ...well, roomAboveMm: null }, { overallDiameterMm: 616, widthMm: 200 }).verdict).toBe('ok');
  });
  test('a larger tire or a shallower well never makes it better', () => {
    const order = ['fail', 'caution', 'ok'];
    fc.assert(
      fc.property(
        fc.integer({ min: 550, max: 700 }),
        fc.integer({ min: 120, max: 260 }),
        fc.integer({ min: 0, max: 40 }),
        (overallDiameterMm, widthMm, more) => {
          const at = (plus: number, less: number) =>
            order.indexOf(
              wellFit({ ...well, depthMm: 205 - less }, { overallDiameterMm: overallDiameterMm + plus, widthMm })
                .verdict,
            );
          expect(at(more, 0)).toBeLessThanOrEqual(at(0, 0));
          expect(at(0, more)).toBeLessThanOrEqual(at(0, 0));
        },
      ),
    );
    expect(WELL_MM.yields).toBeGreaterThan(WELL_MM.play);
  });
});

describe('the hold-down', () => {
  test('reaches over the pad when the street face looks up, to the hub side when it looks down', () => {
    // 17 × 7.5 +40 with a 215.9 mm wide rim: centerline 108 over the floor, pad 40 above it, 11 thick.
    const wheel = { extentMm: 107.95, offsetMm: 40, padThicknessMm: 11 };
    expect(clampHeightMm(wheel, 'face-up')).toBeCloseTo(158.95, 9);
    expect(clampHeightMm(wheel, 'face-down')).toBeCloseTo(67.95, 9);
    expect(clampHeightMm({ ...wheel, padThicknessMm: null }, 'face-up')).toBeNull();
    expect(clampHeightMm({ ...wheel, padThicknessMm: null }, 'face-down')).toBeCloseTo(67.95, 9);
  });
  test('both ways up the pad is where it is in the wheel: the two heights add up to the width and the pad', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 80, max: 160, noNaN: true }),
        fc.double({ min: -40, max: 60, noNaN: true }),
        fc.double({ min: 3, max: 25, noNaN: true }),
        (extentMm, offsetMm, padThicknessMm) => {
          const of = { extentMm, offsetMm, padThicknessMm };
          expect(clampHeightMm(of, 'face-up')! + clampHeightMm(of, 'face-down')!).toBeCloseTo(
            2 * extentMm + padThicknessMm,
            9,
          );
        },
      ),
    );
  });
  test('how much longer it must be', () => {
    expect(longerByMm(159, 156)).toBe(3);
    expect(longerByMm(140, 156)).toBe(0);
  });
});

describe('a well that tapers', () => {
  // 640 at its rim, 600 at its floor, 200 deep: a cylinder of 616 meets the wall (616 − 600) / 40 · 200 = 80 mm up.
  const tapered = { diameterMm: 640, floorDiameterMm: 600, depthMm: 200, roomAboveMm: null };
  test('a cylinder rides where the wall is as wide as it is', () => {
    const { ridesMm, proudMm } = wellFit(tapered, { overallDiameterMm: 616, widthMm: 150 });
    expect(ridesMm).toBeCloseTo(80, 1);
    expect(proudMm).toBeCloseTo(30, 1);
  });
  test('what is narrow enough for the floor lies on it', () =>
    expect(wellFit(tapered, { overallDiameterMm: 598, widthMm: 150 }).ridesMm).toBe(0));
  test('a tire that is narrow below its widest place rides lower than a cylinder', () => {
    const outline = [
      { heightMm: 0, radiusMm: 290 },
      { heightMm: 75, radiusMm: 308 },
      { heightMm: 150, radiusMm: 290 },
    ];
    const { ridesMm } = wellFit(tapered, { overallDiameterMm: 616, widthMm: 150, outline });
    expect(ridesMm).toBeCloseTo(5, 1);
  });
  test('a wider floor never makes it ride higher; no taper, no ride', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 540, max: 700 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 540, max: 640 }),
        (floor, wider, overallDiameterMm) => {
          const at = (floorDiameterMm: number) =>
            wellFit({ ...tapered, floorDiameterMm }, { overallDiameterMm, widthMm: 150 }).ridesMm!;
          expect(at(floor + wider)).toBeLessThanOrEqual(at(floor) + 0.02);
          expect(at(640)).toBe(0);
        },
      ),
    );
  });
  test('a depth that nobody measured leaves it open', () =>
    expect(wellFit({ ...tapered, depthMm: null }, { overallDiameterMm: 616, widthMm: 150 })).toMatchObject({
      ridesMm: null,
      proudMm: null,
    }));
});
test(
  'a hold-down is made longer with a stud and a coupling nut: a thread diameter in each (common practice, no' +
    ' source)',
  () => {
    const thread = readThread('M8x1.25');
    expect(extensionFor(0, thread)).toBeNull();
    expect(extensionFor(18, thread)).toEqual({ thread: 'M8x1.25', studMm: 34, couplingMm: 16 });
  },
);
