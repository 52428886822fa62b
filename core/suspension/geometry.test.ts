import fc from 'fast-check';
import { GEOMETRY_KEYS, resolveGeometry, steeringAxis, travelRange, USUAL_GEOMETRY } from '#core/suspension';

describe('how a wheel moves', () => {
  test.each(['strut', 'wishbone', 'axle'] as const)('%s: everything nobody measured is usual, and named', (kind) => {
    expect(resolveGeometry({ kind }, 'front')).toEqual({
      geometry: USUAL_GEOMETRY[kind],
      assumed: GEOMETRY_KEYS,
      kindAssumed: false,
    });
  });
  test('the usual values (common practice, no source)', () => {
    const { strut, wishbone, axle } = USUAL_GEOMETRY;
    expect(
      [strut, wishbone, axle].map((one) => [
        one.kingpinInclinationDeg,
        one.casterDeg,
        one.kingpinOffsetMm,
        one.camberGainDegPer100,
      ]),
    ).toEqual([
      [13, 5, 105, -1],
      [9, 4, 100, -2],
      [8, 3, 115, 0],
    ]);
    for (const one of [strut, wishbone, axle])
      expect([one.lockOutDeg, one.lockInDeg, one.bumpMm, one.droopMm]).toEqual([38, 32, 70, 60]);
  });
  test('a rear axle does not steer by its kind; its travel is assumed all the same', () => {
    const travel = ['bumpMm', 'droopMm'];
    const lean = ['camberDeg', 'camberGainDegPer100', 'lateralPerMm', 'lateralPerMm2'];
    for (const [kind, gain, assumed] of [
      ['rear-independent', -1.5, [...travel, ...lean]],
      ['rear-twist-beam', -0.5, [...travel, ...lean]],
      ['rear-axle', 0, travel],
    ] as const)
      expect(resolveGeometry({ kind }, 'rear')).toMatchObject({
        geometry: { lockOutDeg: 0, lockInDeg: 0, camberGainDegPer100: gain, bumpMm: 70, droopMm: 60 },
        assumed,
        kindAssumed: false,
      });
    expect(resolveGeometry({ kind: 'rear' }, 'rear')).toEqual({
      ...resolveGeometry({ kind: 'rear-independent' }, 'rear'),
      kindAssumed: true,
    });
  });
  test('a rigid axle at the rear does not steer, unless somebody measured its locks', () => {
    expect(resolveGeometry({ kind: 'axle' }, 'rear')).toEqual(resolveGeometry({ kind: 'rear-axle' }, 'rear'));
    expect(resolveGeometry({ kind: 'strut' }, 'rear').geometry).toMatchObject({
      lockOutDeg: 0,
      lockInDeg: 0,
      camberGainDegPer100: -1,
    });
    expect(resolveGeometry({ kind: 'axle', lockOutDeg: 20, lockInDeg: 18 }, 'rear').geometry).toMatchObject({
      lockOutDeg: 20,
      kingpinInclinationDeg: 8,
    });
    expect(steeringAxis({ kind: 'axle' }, 'rear')).toBeNull();
    expect(steeringAxis({ kind: 'axle', lockInDeg: 18 }, 'rear')).not.toBeNull();
  });
  test('without a kind it is known only where all that matters was measured', () => {
    expect(resolveGeometry(undefined, 'front')).toMatchObject({
      geometry: null,
      missing: expect.arrayContaining(['kind']),
    });
    const { kingpinForeMm: _, camberDeg: _c, lateralPerMm: _l, lateralPerMm2: _m, ...measured } = USUAL_GEOMETRY.axle;
    expect(resolveGeometry(measured, 'front').geometry).toEqual(USUAL_GEOMETRY.axle);
    expect(resolveGeometry({ ...measured, casterDeg: null }, 'front')).toMatchObject({
      geometry: null,
      missing: ['kind', 'casterDeg'],
    });
  });
  test('a measured value goes before the usual one, zero too', () => {
    const resolved = resolveGeometry({ kind: 'strut', bumpMm: 0, casterDeg: 7 }, 'front');
    expect(resolved.geometry).toMatchObject({ bumpMm: 0, casterDeg: 7, droopMm: 60 });
    expect('assumed' in resolved && resolved.assumed).toEqual(
      GEOMETRY_KEYS.filter((key) => key !== 'bumpMm' && key !== 'casterDeg'),
    );
  });
});

describe('where a wheel rests and stops after a change', () => {
  const stops = { bumpMm: 70, droopMm: 60 };
  test.each([
    // kind, mm, rest, least, most, body
    [null, 0, 0, -60, 70, 0],
    ['spring', 30, -30, -60, 70, 0],
    ['spring', -20, 20, -60, 70, 0],
    ['strut-top', 30, -30, -90, 40, 0],
    ['strut-top', -20, 20, -40, 90, 0],
    ['body', 50, 0, -60, 70, 50],
  ] as const)('%s by %d', (kind, mm, restMm, leastMm, mostMm, bodyRiseMm) => {
    const range = travelRange(stops, kind && { kind, mm });
    expect(range.restShiftMm).toBe(mm);
    for (const [found, expected] of [
      [range.restMm, restMm],
      [range.leastMm, leastMm],
      [range.mostMm, mostMm],
      [range.bodyRiseMm, bodyRiseMm],
    ] as const)
      expect(found).toBeCloseTo(expected, 12);
  });
  test('no kind of lift brings the wheel further up into the body', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('spring', 'strut-top', 'body'),
        fc.double({ min: 0, max: 150, noNaN: true }),
        (kind, mm) => {
          const { mostMm, bodyRiseMm } = travelRange(stops, { kind, mm });
          expect(mostMm - bodyRiseMm).toBeLessThanOrEqual(stops.bumpMm + 1e-12);
        },
      ),
    );
  });
});
