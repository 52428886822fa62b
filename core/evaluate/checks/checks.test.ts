import fc from 'fast-check';
import { clearanceVerdict, diameterVerdict, WORST_FIRST } from '#core/verdict';
import { bindingCheck, usedShare, USED_AT_LIMIT, verdictWord } from '#core/evaluate';
import { checkWith } from '#support/check';

describe('the eaten ring', () => {
  test('is full at contact, three quarters at the limit, and only ever fills as room goes', () => {
    const share = (value: number) =>
      usedShare(checkWith({ value, margin: value - 6, verdict: clearanceVerdict(value, 6) }))!;
    expect(share(-1)).toBe(1);
    expect(share(6)).toBe(USED_AT_LIMIT);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (value, more) => {
          expect(share(value + more)).toBeLessThanOrEqual(share(value) + 1e-12);
        },
      ),
    );
  });
  test('a diameter past its limit is never drawn as touching', () => {
    const share = (pct: number) =>
      usedShare(
        checkWith({
          code: 'diameter',
          unit: '%',
          value: pct,
          limit: 3,
          margin: 3 - pct,
          verdict: diameterVerdict(pct, 3),
        }),
      )!;
    expect([share(0), share(3)]).toEqual([0, USED_AT_LIMIT]);
    expect(share(12)).toBeGreaterThan(share(4));
    expect(share(100)).toBeLessThan(1);
  });
  test('says nothing about what is not known', () => {
    expect(usedShare(checkWith({ value: null, margin: null, verdict: 'unknown' }))).toBeNull();
  });
});

describe('what holds a setup', () => {
  test('the worst verdict, then the least room', () => {
    const tight = checkWith({ code: 'arch', value: 2, margin: -1, limit: 3, verdict: 'caution' });
    const tighter = checkWith({ value: 1, margin: -5, verdict: 'caution' });
    const touching = checkWith({ code: 'fender', value: 3, limit: 0, margin: -3, verdict: 'fail' });
    expect(bindingCheck([checkWith({}), tight, tighter])).toBe(tighter);
    expect(bindingCheck([tighter, touching])).toBe(touching);
    expect(bindingCheck([])).toBeNull();
  });
  test('a tire that does not go on the rim holds before any clearance', () => {
    const rim = checkWith({ code: 'rim-diameter', unit: 'in', value: 17, limit: 16, margin: -1, verdict: 'fail' });
    expect(bindingCheck([checkWith({ value: -40, margin: -46, verdict: 'fail' }), rim])).toBe(rim);
  });
  test('every verdict has a word of its own', () => {
    for (const code of ['inboard', 'fender', 'rim-width'])
      expect(new Set(WORST_FIRST.map((verdict) => verdictWord({ code, verdict }))).size).toBe(WORST_FIRST.length);
  });
});
