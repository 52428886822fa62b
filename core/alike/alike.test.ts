import fc from 'fast-check';
import { sampleVariance } from 'simple-statistics';
import { gapSpread } from '#core/evaluate/spread';
import type { Vehicle } from '#core/job';
import { groupsOf, kindOf, kindSpread, placesOf, takenOver, TAKE_OVER_GROUPS } from '.';

const READINGS = ['room.outboardGapMm', 'room.inboardGapMm', 'room.archGapMm', 'hub.boreMm', 'baseline.wheel.offsetMm'];
const at = '2026-03-01T09:00:00.000Z';

const carWith = (outboardGapMm: number, offsetMm = 45): Vehicle => ({
  label: 'Brindle Kite',
  front: {
    hub: { lugCount: 5, boreMm: 63.4 },
    baseline: { wheel: { rimDiameterIn: 16, rimWidthIn: 7, offsetMm }, tire: { size: '205/55R16' } },
    room: { outboardGapMm, inboardGapMm: 22, archGapMm: 70 },
    obstacles: [
      { id: 'strut', kind: 'strut', gap: { surface: 'inner-shoulder', clockDeg: 0, gapMm: 18, uncertaintyMm: 0.5 } },
      { id: 'arm', kind: 'arm', points: [{ out: -90, fwd: 0, up: 100 }] },
    ],
    readings: [
      { key: 'room.outboardGapMm', value: outboardGapMm, uncertaintyMm: 0.5, instrument: 'steel-rule', takenAt: at },
      { key: 'baseline.wheel.offsetMm', value: offsetMm, uncertaintyMm: null, instrument: 'label', takenAt: at },
    ],
  },
});

test.each([
  ['Brindle Kite', 'BRINDLE  kite', true],
  ['Brindle-Kite 2.0', 'brindle kite 2 0', true],
  ['Brindle Kite', 'Brindle Kites', false],
  ['Velder ½', 'velder 1⁄2', true],
])('“%s” and “%s” are of one kind: %s', (one, other, same) => expect(kindOf(one) === kindOf(other)).toBe(same));

describe('how far cars of a kind differ', () => {
  test('±4 mm until three are known', () => {
    expect(kindSpread([])).toEqual({ plusMinusMm: 4, cars: 0, isOwn: false });
    expect(kindSpread([carWith(14), carWith(19)])).toEqual({ plusMinusMm: 4, cars: 2, isOwn: false });
    expect(kindSpread([carWith(14), carWith(19), { label: 'Brindle Kite' }])).toMatchObject({ cars: 2, isOwn: false });
  });
  // Source: simple-statistics, a statistics library; the pooled variance by hand (NIST/SEMATECH e-Handbook, 7.3.1.1).
  test('then their own: 2·√2 times the pooled standard deviation of a statistics library', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { minLength: 3, maxLength: 9 }), (gaps) => {
        const { plusMinusMm, cars, isOwn } = kindSpread(gaps.map((gap) => carWith(gap)));
        // Inner clearance and lip height are the same on all of them: three places share the variance of one.
        const pooled = sampleVariance(gaps) / 3;
        expect(plusMinusMm).toBeCloseTo(2 * Math.SQRT2 * Math.sqrt(pooled), 9);
        expect([cars, isOwn]).toEqual([gaps.length, true]);
      }),
    );
  });
  test('other wheels on the same car are the same place: 5 mm less offset, 5 mm less gap', () => {
    const cars = [carWith(14, 45), carWith(9, 40), carWith(19, 50)];
    const places = cars.map((car) => placesOf(car).get('front fenderOut')!);
    expect(places[1]).toBeCloseTo(places[0]!, 9);
    expect(places[2]).toBeCloseTo(places[0]!, 9);
  });
  test('what was taken over is no car of its own', () => {
    const source = { vehicle: carWith(14), number: 'SK-004', at, plusMinusMm: 4, readingKeys: READINGS };
    const copy = takenOver(source, ['room']);
    expect(placesOf(copy).size).toBe(0);
    expect(kindSpread([carWith(14), carWith(15), copy, copy])).toMatchObject({ cars: 2, isOwn: false });
  });
});

describe('what is taken over', () => {
  const source = { vehicle: carWith(14), number: 'SK-004', at, plusMinusMm: 4, readingKeys: READINGS };
  const recordsOf = ({ front }: Vehicle) => Object.fromEntries((front?.readings ?? []).map((one) => [one.key, one]));

  test('every reading says its job, and is less sure by how far two cars differ', () => {
    const { front } = takenOver(source, TAKE_OVER_GROUPS);
    const records = recordsOf({ front });
    expect(records['room.outboardGapMm']).toEqual({
      key: 'room.outboardGapMm',
      value: 14,
      uncertaintyMm: Math.hypot(0.5, 4),
      instrument: 'steel-rule',
      takenAt: at,
      fromJob: 'SK-004',
    });
    // Nobody said how exactly: a tape's.
    expect(records['room.archGapMm']!.uncertaintyMm).toBeCloseTo(Math.hypot(1.5, 4), 12);
    expect(records['hub.boreMm']!.fromJob).toBe('SK-004');
    expect(front!.obstacles![0]!.gap).toMatchObject({ uncertaintyMm: Math.hypot(0.5, 4), fromJob: 'SK-004' });
    expect(front!.room!.uncertaintyMm).toBeCloseTo(Math.hypot(1.5, 4), 12);
    expect(gapSpread(front!, 'outboardGapMm')).toMatchObject({ plusMinus: Math.hypot(0.5, 4), assumed: false });
  });
  test('what is written on the wheel that the gaps were read on is as sure as it was', () =>
    expect(recordsOf(takenOver(source, ['room']))['baseline.wheel.offsetMm']).toMatchObject({
      uncertaintyMm: null,
      instrument: 'label',
      fromJob: 'SK-004',
    }));
  test('only what was chosen; parts bring the wheels that they were read on', () => {
    expect(Object.keys(takenOver(source, ['hub']).front!).sort()).toEqual(['hub', 'readings']);
    expect(takenOver(source, ['parts']).front).toMatchObject({ room: { outboardGapMm: 14 } });
    expect(takenOver(source, []).front).toBeUndefined();
    expect(groupsOf(carWith(14))).toEqual(['room', 'parts', 'hub']);
  });
  test('taken over once more it is the car that was measured, as far off as before', () => {
    const once = takenOver(source, TAKE_OVER_GROUPS);
    const twice = takenOver({ ...source, vehicle: once, number: 'SK-009' }, TAKE_OVER_GROUPS);
    expect(recordsOf(twice)['room.outboardGapMm']).toEqual(recordsOf(once)['room.outboardGapMm']);
    expect(twice.front!.obstacles![0]).toEqual(once.front!.obstacles![0]);
  });
  test('the car that it comes from is not touched', () => {
    const before = structuredClone(source.vehicle);
    takenOver(source, TAKE_OVER_GROUPS);
    expect(source.vehicle).toEqual(before);
  });
});
