import fc from 'fast-check';
import {
  dualGapMm,
  dualSpacingMm,
  extensionMm,
  leastDualGapMm,
  outerCenterMm,
  placesServed,
  sameMounted,
  spacerForGapMm,
  type Mounted,
} from '#core/dual';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('dual spacing', () => {
  test.each([
    // offset, pad, spacer, spacing: disc wheels by their outset, half of the spacing (ISO 4107 names it so; figures
    // from memory).
    [164, 11, 0, 350],
    [109.5, 13, 0, 245],
    [106, 13, 10, 248],
  ])('offset %d, pad %d, spacer %d: %d', (offsetMm, padThicknessMm, spacerMm, spacing) =>
    expect(dualSpacingMm({ offsetMm, padThicknessMm, spacerMm })).toBe(spacing),
  );
  test('is the distance between the two centerlines when the outer wheel is turned over on the inner one', () => {
    fc.assert(
      fc.property(mm(60, 180), mm(5, 25), mm(0, 30), (offsetMm, padThicknessMm, spacerMm) => {
        // Inner wheel: hub-side face at 0, so its centerline at −ET and its disc's outer side at p.
        const inner = -offsetMm;
        // Outer wheel, turned over: its outer side on the spacer, its hub-side face p further out, its centerline ET
        // beyond that.
        const outer = padThicknessMm + spacerMm + padThicknessMm + offsetMm;
        const spacing = dualSpacingMm({ offsetMm, padThicknessMm, spacerMm });
        expect(spacing).toBeCloseTo(outer - inner, 9);
        expect(outerCenterMm(offsetMm, spacing)).toBeCloseTo(outer, 9);
      }),
    );
  });
  test('the gap is what the section leaves; a spacer brings it to its least', () => {
    expect(dualGapMm(245, 203.5)).toBeCloseTo(41.5, 9);
    fc.assert(
      fc.property(mm(-40, 80), mm(0, 50), (gap, least) => {
        const more = spacerForGapMm(gap, least);
        expect(more).toBeGreaterThanOrEqual(0);
        expect(gap + more).toBeGreaterThanOrEqual(least - 1e-9);
      }),
    );
  });
  test('the maker’s least spacing goes before the shop’s gap', () => {
    expect(leastDualGapMm(231, 204, 25)).toEqual({ mm: 27, origin: 'maker' });
    expect(leastDualGapMm(null, 204, 25)).toEqual({ mm: 25, origin: 'house' });
  });
  test('a front hub extension makes up for more offset, and only for more', () => {
    expect(extensionMm(109.5, 35)).toBeCloseTo(74.5, 9);
    expect(extensionMm(35, 35)).toBeNull();
    expect(extensionMm(20, 35)).toBeNull();
  });
});

describe('which spare serves which place', () => {
  const wheel: Mounted = { rimDiameterIn: 16, rimWidthIn: 6, offsetMm: 107, pattern: '6 × 180', tire: '205/75R16C' };
  test('one for all where front and rear are alike, also with an offset a hair off', () => {
    expect(
      placesServed({ spare: 'front', front: wheel, rear: { ...wheel, offsetMm: 107.5 }, rearIsDual: true }),
    ).toEqual({ serves: ['front', 'rear inner', 'rear outer'], open: false });
    expect(placesServed({ spare: 'rear', front: wheel, rear: wheel, rearIsDual: false }).serves).toEqual([
      'front',
      'rear',
    ]);
  });
  test.each([
    { rimDiameterIn: 17 },
    { rimWidthIn: 6.5 },
    { offsetMm: 92 },
    { pattern: '6 × 205' },
    { tire: '215/75R16C' },
  ])('a front wheel with %p serves the front alone, a rear one both rear places', (other) => {
    const front = { ...wheel, ...other };
    expect(placesServed({ spare: 'front', front, rear: wheel, rearIsDual: true }).serves).toEqual(['front']);
    expect(placesServed({ spare: 'rear', front, rear: wheel, rearIsDual: true }).serves).toEqual([
      'rear inner',
      'rear outer',
    ]);
  });
  test('what is not known is not taken as alike, and a known difference decides', () => {
    expect(sameMounted(wheel, { ...wheel, pattern: null })).toBeNull();
    expect(sameMounted(wheel, { ...wheel, pattern: null, tire: 'x' })).toBe(false);
    expect(
      placesServed({ spare: 'front', front: wheel, rear: { ...wheel, pattern: null }, rearIsDual: false }),
    ).toEqual({ serves: ['front'], open: true });
  });
});
