import fc from 'fast-check';
import {
  cornerRange,
  cornerSection,
  evaluateSetup,
  fitCandidate,
  fitPresent,
  NO_SWEEPS,
  wheelSection,
} from '#core/evaluate';
import { demoJob } from '#support/jobs';
import { anchors } from './anchors';
import { fitScale } from './scale';
import { discPath, rimPath, tirePath } from './shapes';

const CARS = ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender'] as const;
const MARGINS = { left: 120, right: 128, top: 10, bottom: 56 };

describe('the scale of a sheet', () => {
  const range = fc.record({
    left: fc.integer({ min: -500, max: -50 }),
    right: fc.integer({ min: 50, max: 400 }),
    bottom: fc.constant(0),
    top: fc.integer({ min: 200, max: 600 }),
  });
  const size = fc.record({ width: fc.integer({ min: 420, max: 2400 }), height: fc.integer({ min: 320, max: 1600 }) });
  test('is the same both ways, and holds the whole range inside the margins', () => {
    fc.assert(
      fc.property(range, size, (r, s) => {
        const scale = fitScale(r, s, MARGINS);
        expect(scale.x(1) - scale.x(0)).toBeCloseTo(scale.k, 9);
        expect(scale.y(0) - scale.y(1)).toBeCloseTo(scale.k, 9);
        expect(scale.x(r.left)).toBeGreaterThanOrEqual(MARGINS.left - 1e-6);
        expect(scale.x(r.right)).toBeLessThanOrEqual(s.width - MARGINS.right + 1e-6);
        expect(scale.y(r.top)).toBeGreaterThanOrEqual(MARGINS.top - 1e-6);
        expect(scale.y(0)).toBeCloseTo(s.height - MARGINS.bottom, 6);
        expect(scale.x(scale.leftMm)).toBeCloseTo(0, 6);
        expect(scale.x(scale.rightMm)).toBeCloseTo(s.width, 6);
      }),
    );
  });
});

describe.each(CARS)('%s on the sheet', (name) => {
  const job = demoJob(name);
  test.each(['front', 'rear'] as const)('%s: the corner stands where the readings put it', (axle) => {
    const corner = cornerSection(job.vehicle, axle);
    const { place, overallDiameterMm } = corner.present.fitted;
    const room = job.vehicle[axle]!.room!;
    expect(corner.fenderOut! - place!.outerMm).toBeCloseTo(room.outboardGapMm!, 9);
    expect(place!.innerMm - corner.innerPartOut!).toBeCloseTo(room.inboardGapMm!, 9);
    expect(corner.lipUp! - overallDiameterMm! / 2).toBeCloseTo(room.archGapMm!, 9);
  });
  test('everything drawn lies on the paper, for every setup', () => {
    for (const setup of job.setups)
      for (const axle of ['front', 'rear'] as const) {
        const corner = cornerSection(job.vehicle, axle);
        const subject = wheelSection(fitCandidate(job.vehicle, axle, setup[axle]));
        const rise = setup.suspensionChange?.[axle]?.mm ?? 0;
        const range = cornerRange(corner, subject, Math.max(0, rise));
        for (const { fitted } of [corner.present, subject]) {
          expect(fitted.place!.innerMm).toBeGreaterThan(range.left);
          expect(fitted.place!.outerMm).toBeLessThan(range.right);
          expect(fitted.overallDiameterMm! / 2).toBeLessThan(range.top);
        }
        expect(corner.lipUp! + rise).toBeLessThan(range.top);
      }
  });
  test('a nudge of a millimeter does not move the paper in most places', () => {
    const corner = cornerSection(job.vehicle, 'front');
    const ranges = Array.from({ length: 20 }, (_, n) => {
      const wheel = { ...job.setups[0]!.front!.wheel!, offsetMm: 40 + n };
      delete wheel.backspacingMm;
      delete wheel.backspacingConvention;
      return JSON.stringify(
        cornerRange(corner, wheelSection(fitCandidate(job.vehicle, 'front', { ...job.setups[0]!.front, wheel })), 0),
      );
    });
    expect(new Set(ranges).size).toBeLessThanOrEqual(3);
  });
  test('figures and fields do not stand on one another', () => {
    for (const setup of job.setups)
      for (const axle of ['front', 'rear'] as const) {
        const corner = cornerSection(job.vehicle, axle);
        const subject = wheelSection(fitCandidate(job.vehicle, axle, setup[axle]));
        const scale = fitScale(cornerRange(corner, subject, 0), { width: 824, height: 556 }, MARGINS);
        const report = evaluateSetup(job, setup, { sweeps: NO_SWEEPS })[axle];
        const a = anchors({ scale, corner, subject, archGapMm: report.archGapMm });
        // The fields of the wheel stand under one another, each some 40 px high with its label.
        const below = [a.tire[1], a.rim[1], a.offsetField[1], a.backspacingField[1]];
        for (let n = 1; n < below.length; n++) expect(below[n]! - below[n - 1]!).toBeGreaterThanOrEqual(42);
        expect(a.backspacingField[1]).toBeLessThan(scale.y(0));
        expect(a.innerLabel[0]).toBeLessThan(a.tire[0]);
        expect(a.outerLabel[0]).toBeGreaterThan(a.tire[0]);
      }
  });
});

describe('shapes', () => {
  const fitted = fitPresent(demoJob('brindle-kite').vehicle, 'front');
  const { section } = wheelSection(fitted);
  const scale = fitScale({ left: -200, right: 120, bottom: 0, top: 420 }, { width: 824, height: 556 }, MARGINS);
  const points = (path: string): [number, number][] =>
    [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);
  const extent = (values: number[]) => [Math.min(...values), Math.max(...values)];
  test('the tire is drawn as wide and as high as it is', () => {
    const tire = points(tirePath(section!, scale, -38));
    const [left, right] = extent(tire.map(([x]) => x));
    expect((right! - left!) / scale.k).toBeCloseTo(fitted.sectionWidthMm!, 0);
    expect((left! + right!) / 2).toBeCloseTo(scale.x(-38), 0);
    const [top] = extent(tire.map(([, y]) => y));
    expect(top).toBeCloseTo(scale.y(fitted.overallDiameterMm! / 2), 0);
  });
  test('the rim is drawn over its flanges, and mirrors about its centerline', () => {
    const rim = points(rimPath({ section: section!, rimWidthIn: 6, scale, centerOut: -38 }));
    const [left, right] = extent(rim.map(([x]) => x));
    expect((right! - left!) / scale.k).toBeCloseTo(6 * 25.4 + 2 * 12.7, 0);
    const mirrored = rim.map(([x, y]) => `${(2 * scale.x(-38) - x).toFixed(0)},${y.toFixed(0)}`);
    expect(new Set(mirrored)).toEqual(new Set(rim.map(([x, y]) => `${x.toFixed(0)},${y.toFixed(0)}`)));
  });
  test('the disc starts at the pad', () => {
    const [first] = points(discPath({ section: section!, rimWidthIn: 6, scale, centerOut: -38, padOut: 5 }));
    expect(first![0]).toBeCloseTo(scale.x(5), 1);
  });
});

test('nothing is drawn of what is not known', () => {
  const corner = cornerSection({}, 'front');
  expect([corner.fenderOut, corner.innerPartOut, corner.lipUp, corner.present.section]).toEqual([
    null,
    null,
    null,
    null,
  ]);
  const scale = fitScale(cornerRange(corner, corner.present, 0), { width: 824, height: 556 }, MARGINS);
  const a = anchors({ scale, corner, subject: corner.present, archGapMm: null });
  expect([a.inner, a.outer, a.arch, a.offset, a.backspacing]).toEqual([null, null, null, null, null]);
  for (const [x, y] of [a.innerLabel, a.outerLabel, a.archLabel, a.tire, a.rim, a.stack]) {
    expect(x).toBeGreaterThan(0);
    expect(x).toBeLessThan(824);
    expect(y).toBeGreaterThan(0);
    expect(y).toBeLessThan(556);
  }
});
