import { steeringAxis, USUAL_GEOMETRY } from '#core/suspension';

describe('the steering axis', () => {
  test('a measured one is taken as it is', () => {
    expect(steeringAxis({ kingpinInclinationDeg: 11, kingpinOffsetMm: 80 }, 'front')).toEqual({
      kingpinInclinationDeg: 11,
      kingpinOffsetMm: 80,
      assumed: [],
    });
  });
  test.each(['strut', 'wishbone', 'axle'] as const)('%s: what is missing is filled from its kind and named', (kind) => {
    const usual = USUAL_GEOMETRY[kind];
    expect(steeringAxis({ kind }, 'front')).toEqual({
      kingpinInclinationDeg: usual.kingpinInclinationDeg,
      kingpinOffsetMm: usual.kingpinOffsetMm,
      assumed: ['kingpinInclinationDeg', 'kingpinOffsetMm'],
    });
    expect(steeringAxis({ kind, kingpinOffsetMm: 0 }, 'front')).toMatchObject({
      kingpinOffsetMm: 0,
      assumed: ['kingpinInclinationDeg'],
    });
    expect(steeringAxis({ kind, kingpinOffsetMm: null }, 'front')!.assumed).toContain('kingpinOffsetMm');
  });
  test('none for an axle that does not steer, or of which too little is known', () => {
    expect(steeringAxis({ kind: 'rear', kingpinInclinationDeg: 5, kingpinOffsetMm: 5 }, 'front')).toBeNull();
    expect(steeringAxis(undefined, 'front')).toBeNull();
    expect(steeringAxis({}, 'front')).toBeNull();
    expect(steeringAxis({ kingpinInclinationDeg: 11 }, 'front')).toBeNull();
  });
});
