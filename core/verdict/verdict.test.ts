import {
  axleMatchVerdict,
  clearanceVerdict,
  diameterVerdict,
  fenderVerdict,
  limitInForce,
  rimWidthVerdict,
  worstVerdict,
} from '#core/verdict';

describe('verdicts (shop rules, common practice, no source)', () => {
  test.each([
    [-0.1, 6, 'fail'],
    [0, 6, 'caution'],
    [5.9, 6, 'caution'],
    [6, 6, 'ok'],
    [null, 6, 'unknown'],
    [0, 0, 'ok'],
  ] as const)('a clearance of %p against %d: %s', (value, limit, verdict) =>
    expect(clearanceVerdict(value, limit)).toBe(verdict),
  );
  test.each([
    [-4, -8, 0, 'ok'],
    [-8, -8, 0, 'ok'],
    [-8.1, -8, 0, 'caution'],
    [0.1, -8, 0, 'fail'],
    [3, -8, 5, 'ok'],
    [0.1, null, null, 'fail'],
    [-90, null, null, 'ok'],
    [null, -8, 0, 'unknown'],
  ] as const)('a poke of %p with the target %p to %p: %s', (poke, min, max, verdict) =>
    expect(fenderVerdict(poke, { min, max })).toBe(verdict),
  );
  test.each([
    [7.5, 'ok'],
    [8, 'caution'],
    [6.5, 'caution'],
    [8.25, 'fail'],
    [6.25, 'fail'],
    [null, 'unknown'],
  ] as const)('a rim of %p in on 7 to 7.5: %s', (width, verdict) =>
    expect(rimWidthVerdict(width, { least: 7, most: 7.5 })).toBe(verdict),
  );
  test.each([
    [2.9, 'ok'],
    [-3, 'ok'],
    [3.1, 'caution'],
    [null, 'unknown'],
  ] as const)('a diameter change of %p %% at ±3: %s', (pct, verdict) => expect(diameterVerdict(pct, 3)).toBe(verdict));
  test.each([
    [0.4, null, 'ok'],
    [0.7, null, 'unknown'],
    [0.7, 'awd', 'caution'],
    [-1.2, '4wd', 'fail'],
    [2.9, 'fwd', 'ok'],
    [3.1, 'fwd', 'caution'],
    [-4, 'rwd', 'caution'],
    [null, 'awd', 'unknown'],
  ] as const)('ratio of front to rear %p %% off with %p: %s', (pct, drive, verdict) =>
    expect(axleMatchVerdict(pct, 1, { drive, stabilityControl: true })).toBe(verdict),
  );
  test('two driven wheels and no stability control: for information only', () =>
    expect(axleMatchVerdict(4, 1, { drive: 'rwd', stabilityControl: false })).toBe('ok'));
  test('the worst of a setup: fail, caution, unknown, ok', () => {
    expect(worstVerdict(['ok', 'unknown', 'caution', 'fail'])).toBe('fail');
    expect(worstVerdict(['ok', 'unknown', 'caution'])).toBe('caution');
    expect(worstVerdict(['ok', 'unknown'])).toBe('unknown');
    expect(worstVerdict(['ok'])).toBe('ok');
    expect(worstVerdict([])).toBe('unknown');
  });
  test("a brief's limit goes before the shop's, also when it is 0", () => {
    expect(limitInForce('inboardMm', { brief: { limits: { inboardMm: 0 } } })).toEqual({ value: 0, origin: 'brief' });
    expect(limitInForce('inboardMm', { brief: { limits: {} } })).toEqual({ value: 6, origin: 'house' });
    expect(limitInForce('diameterPct', {})).toEqual({ value: 3, origin: 'house' });
  });
});
