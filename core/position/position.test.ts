import fc from 'fast-check';
import { evaluate as mathjs } from 'mathjs';
import {
  archGapMm,
  diameterChangePct,
  extentMm,
  fenderOutMm,
  inboardGapMm,
  innerChangeMm,
  innerPartOutMm,
  lateralPlace,
  outerChangeMm,
  pokeMm,
  rideHeightChangeMm,
  scrubRadiusMm,
  trackChangeMm,
  trueSpeed,
} from '#core/position';
import { effectiveOffsetMm, stackThicknessMm } from '#core/stack';
import { mmFromInches } from '#core/units';

const offset = fc.double({ min: -150, max: 150, noNaN: true });
const width = fc.double({ min: 4, max: 12, noNaN: true });
const section = fc.double({ min: 120, max: 400, noNaN: true });
const gap = fc.double({ min: -50, max: 150, noNaN: true });
const place = fc.tuple(offset, section, width).map(([et, s, w]) => lateralPlace(et, extentMm(s, w, 12.7)));

describe('where a wheel stands', () => {
  test('a spacer of t and an offset lower by t give the same position', () => {
    fc.assert(
      fc.property(offset, fc.double({ min: 0, max: 60, noNaN: true }), section, width, (et, t, s, w) => {
        const extent = extentMm(s, w, 12.7);
        const bySpacer = lateralPlace(
          effectiveOffsetMm(et, stackThicknessMm([{ kind: 'slip-on', thicknessMm: t }])!),
          extent,
        );
        const byWheel = lateralPlace(effectiveOffsetMm(et - t, 0), extent);
        expect(bySpacer.outerMm).toBeCloseTo(byWheel.outerMm, 9);
        expect(bySpacer.innerMm).toBeCloseTo(byWheel.innerMm, 9);
      }),
    );
  });
  test('left and right mirror: turning a wheel about its pad swaps its faces', () => {
    fc.assert(
      fc.property(place, (p) => {
        const mirrored = lateralPlace(-p.effectiveOffsetMm, p.extentMm);
        expect(mirrored.outerMm).toBeCloseTo(-p.innerMm, 9);
        expect(mirrored.innerMm).toBeCloseTo(-p.outerMm, 9);
      }),
    );
  });
  test('the present wheel reads the gaps it was measured with', () => {
    fc.assert(
      fc.property(place, gap, gap, (now, out, inner) => {
        expect(-pokeMm(now, fenderOutMm(now, out))).toBeCloseTo(out, 9);
        expect(inboardGapMm(now, innerPartOutMm(now, inner))).toBeCloseTo(inner, 9);
      }),
    );
  });
  test('a lower offset pokes more and opens the inner clearance, by the same amount', () => {
    fc.assert(
      fc.property(place, fc.double({ min: 0, max: 60, noNaN: true }), (p, less) => {
        const moved = lateralPlace(p.effectiveOffsetMm - less, p.extentMm);
        expect(outerChangeMm(moved, p)).toBeCloseTo(less, 9);
        expect(innerChangeMm(moved, p)).toBeCloseTo(-less, 9);
        expect(trackChangeMm(moved.effectiveOffsetMm, p.effectiveOffsetMm)).toBeCloseTo(2 * less, 9);
      }),
    );
  });
  test(
    'the shortcut: outer face ΔW/2 − ΔET, inner face ΔW/2 + ΔET, where the rim is widest (common practice, no' +
      ' source)',
    () => {
      fc.assert(
        fc.property(offset, offset, width, width, (et0, et1, w0, w1) => {
          const [now, then] = [lateralPlace(et0, extentMm(0, w0, 12.7)), lateralPlace(et1, extentMm(0, w1, 12.7))];
          const halfWidth = mmFromInches(w1 - w0) / 2;
          expect(outerChangeMm(then, now)).toBeCloseTo(halfWidth - (et1 - et0), 6);
          expect(innerChangeMm(then, now)).toBeCloseTo(halfWidth + (et1 - et0), 6);
        }),
      );
    },
  );
  test('a stack adds up; a ring adds nothing; a piece without thickness leaves it unknown', () => {
    expect(stackThicknessMm([])).toBe(0);
    expect(
      stackThicknessMm([{ kind: 'slip-on', thicknessMm: 5 }, { kind: 'bolt-on', thicknessMm: 20 }, { kind: 'ring' }]),
    ).toBe(25);
    expect(stackThicknessMm([{ kind: 'slip-on', thicknessMm: 5 }, { kind: 'slip-on' }])).toBeNull();
  });
});

describe('diameter, height and steering', () => {
  test('against the same arithmetic in mathjs', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 900, noNaN: true }),
        fc.double({ min: 500, max: 900, noNaN: true }),
        (d, d0) => {
          const scope = { d, d0 };
          expect(diameterChangePct(d, d0)).toBeCloseTo(mathjs('(d / d0 - 1) * 100', scope), 9);
          expect(trueSpeed(100, d, d0)).toBeCloseTo(mathjs('100 * d / d0', scope), 9);
          expect(rideHeightChangeMm(d, d0)).toBeCloseTo(mathjs('(d - d0) / 2', scope), 9);
          expect(
            archGapMm({ presentGapMm: 70, diameterMm: d, presentDiameterMm: d0, suspensionRiseMm: 30 }),
          ).toBeCloseTo(mathjs('70 - (d - d0) / 2 + 30', scope), 9);
          expect(
            scrubRadiusMm({
              effectiveOffsetMm: 40,
              loadedRadiusMm: d / 2,
              kingpinOffsetMm: 105,
              kingpinInclinationDeg: 13,
            }),
          ).toBeCloseTo(mathjs('-40 + 105 - d / 2 * tan(13 deg)', scope), 9);
        },
      ),
    );
  });
  test('a taller tire never opens the arch', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 900, noNaN: true }),
        fc.double({ min: 0, max: 80, noNaN: true }),
        (d, more) => {
          expect(
            archGapMm({ presentGapMm: 60, diameterMm: d + more, presentDiameterMm: 600, suspensionRiseMm: 0 }),
          ).toBeLessThanOrEqual(
            archGapMm({ presentGapMm: 60, diameterMm: d, presentDiameterMm: 600, suspensionRiseMm: 0 }),
          );
        },
      ),
    );
  });
});
