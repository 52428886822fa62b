import { windowAround, windowOf, type FitWindow } from '#core/advice/window';
import { changed, setupOf, KITE } from '#support/jobs';
import type { ShelfItem } from '#core/shelf';
import { snapped } from './axes';
import { rowAt, limitsAt, stockPoints } from './places';

const a = setupOf(KITE, 'a');
const window = windowOf({
  job: KITE,
  setup: a,
  axle: 'front',
  ask: windowAround({ job: KITE, setup: a, axle: 'front', rule: 'fixed' })!,
});
const wheel = (over: Partial<ShelfItem>): ShelfItem => ({
  kind: 'wheel',
  maker: 'Ostrik',
  name: 'trial',
  rimDiameterIn: 17,
  rimWidthIn: 7.5,
  offsetMm: 40,
  lugCount: 4,
  boltCircleMm: 108,
  boreMm: 63.4,
  seat: 'cone60',
  padThicknessMm: 11,
  ratingKg: 600,
  ...over,
});
const judged = (item: ShelfItem, of: FitWindow = window) =>
  stockPoints({ job: KITE, setup: a, axle: 'front', rule: 'fixed', window: of, shelf: [item] });

describe('a place of the window', () => {
  const row = rowAt(window, 7.5)!;
  const [span] = row.spans;
  test('rows answer to their width, to a quarter inch', () => {
    expect(rowAt(window, 7.6)).toBe(row);
    expect(rowAt(window, 40)).toBeUndefined();
  });
  test('inside: how far to the nearest edge, and what holds it', () => {
    const near = limitsAt(row, span!.fromMm + 1);
    expect(near).toMatchObject({ holds: true, edge: { code: 'fender' } });
    expect(near.byMm).toBeCloseTo(1, 9);
    expect(limitsAt(row, span!.toMm - 2)).toMatchObject({ holds: true, edge: { code: 'fender-in' } });
  });
  test('outside: how far back to it', () => {
    const out = limitsAt(row, span!.fromMm - 3);
    expect(out).toMatchObject({ holds: false, edge: { code: 'fender' } });
    expect(out.byMm).toBeCloseTo(3, 9);
  });
  test('of a closed row, and of none, nothing is said but that it does not hold', () => {
    expect(limitsAt(rowAt(window, 10), 40)).toEqual({ holds: false, byMm: null, edge: null });
    expect(limitsAt(undefined, 40)).toEqual({ holds: false, byMm: null, edge: null });
  });
  test('snapped to whole millimeters and half inches', () =>
    expect(snapped(33.4, 7.3)).toEqual({ offsetMm: 33, rimWidthIn: 7.5 }));
});

describe('wheels on the shelf in it', () => {
  test('inside, on the hub and over the brake as far as that is known', () => {
    const [point] = judged(wheel({}));
    expect(point).toMatchObject({ name: 'Ostrik trial', rimWidthIn: 7.5, offsetMm: 40, held: [] });
    // Nobody measured its inside: the brake's room is not known.
    expect(point!.verdict).toBe('unknown');
    expect(point!.setup.front!.wheel).toMatchObject({ offsetMm: 40, boreMm: 63.4 });
    expect(point!.setup.rear).toBe(a.rear);
  });
  test.each<[string, Partial<ShelfItem>, string]>([
    ['too far out', { offsetMm: 20 }, 'Poke'],
    ['another pattern', { boltCircleMm: 114.3 }, 'Bolt pattern'],
    ['a bore that does not go on', { boreMm: 60 }, 'Centering'],
    ['a rim the tire does not go on', { rimWidthIn: 9 }, 'outside the window'],
    ['a rating below the need', { ratingKg: 200 }, 'Wheel rating'],
  ])('%s does not fit, and it says why', (_, over, why) => {
    const [point] = judged(wheel(over));
    expect(point!.verdict).toBe('fail');
    expect(point!.held.join()).toContain(why);
  });
  test('what is no wheel, of another rim, sold out, or without an offset, is no point', () => {
    for (const over of [
      { kind: 'ring' as const },
      { rimDiameterIn: 16 },
      { quantity: 0 },
      { offsetMm: null },
      { rimWidthIn: null },
    ])
      expect(judged(wheel(over))).toEqual([]);
  });
  test('a window that lacks readings shows no wheel to fit', () => {
    const blind = changed(KITE, ['vehicle/front/room/archGapMm']);
    const open = windowOf({
      job: blind,
      setup: a,
      axle: 'front',
      ask: windowAround({ job: blind, setup: a, axle: 'front', rule: 'fixed' })!,
    });
    expect(open.missing).toContain('the fender clearance');
    expect(judged(wheel({}), open)[0]!.verdict).toBe('unknown');
  });
});
