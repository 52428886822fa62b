import { changed, setupOf, KITE, HAUL } from '#support/jobs';
import { evaluateSetup, NO_SWEEPS } from '#core/evaluate';
import { RUNGS } from '#core/remedy';
import { wordsIn } from '#core/units';
import { allowedReachMm, liftAllowed, liftMoves, movesOf, offsetMoves, stackMoves, workAllowed } from './moves';
import { effortOf, effortLine, remedyEffort, remedyWords, wayWords } from './remedy';
import { isShort, movedSetup, worseOff } from './roomLeft';

const [a, b] = [setupOf(KITE, 'a'), setupOf(KITE, 'b')];
const mm = wordsIn('mm');

describe('modifications allowed', () => {
  test('the brief before the shop; said nowhere, it may not', () => {
    expect(workAllowed({}, 'heat')).toBe(false);
    expect(workAllowed({ house: { remedies: { heat: true } } }, 'heat')).toBe(true);
    expect(workAllowed({ brief: { remedies: { heat: false } }, house: { remedies: { heat: true } } }, 'heat')).toBe(
      false,
    );
  });
  test('as far as it reaches; structural cuts are never counted on', () => {
    const all = { brief: { remedies: { fold: true, cut: true } } };
    expect(allowedReachMm(all, RUNGS['fender-lip'])).toBe(25);
    expect(allowedReachMm(all, RUNGS.seam)).toBe(10);
    expect(allowedReachMm({}, RUNGS.liner)).toBe(0);
  });
  test('a lift up to the most, in even steps; of nothing there is none', () => {
    const up = { brief: { remedies: { lift: { kind: 'body' as const, mostMm: 50 } } } };
    expect(liftMoves(up, a, 'front').map((move) => move.kind === 'lift' && move.change)).toEqual(
      [10, 20, 30, 40, 50].map((high) => ({ kind: 'body', mm: high })),
    );
    expect(liftAllowed({ brief: { remedies: { lift: { mostMm: 30 } } } })).toEqual({ kind: 'spring', mostMm: 30 });
    // The setup's own lift counts, and a lowered car has as much more to come up.
    const with_ = (kind: 'body' | 'spring', mm: number) =>
      liftMoves(up, { ...a, suspensionChange: { front: { kind, mm } } }, 'front');
    expect(with_('body', 30).map((move) => move.kind === 'lift' && move.change.mm)).toEqual([4, 8, 12, 16, 20]);
    expect(with_('body', 50)).toEqual([]);
    expect(with_('body', -10).at(-1)).toEqual({ kind: 'lift', change: { kind: 'body', mm: 60 } });
    expect(with_('spring', 20)).toEqual([]);
    for (const mostMm of [0, null, undefined])
      expect(liftAllowed({ brief: { remedies: { lift: { mostMm } } } })).toBeNull();
  });
  test('spacers where none stands yet and they may be used; offsets nearest first, either way', () => {
    expect(stackMoves(KITE, 'front', a).length).toBeGreaterThan(5);
    expect(stackMoves(KITE, 'front', b)).toEqual([]);
    expect(stackMoves(changed(KITE, ['brief/rules', { spacers: 'never' }]), 'front', a)).toEqual([]);
    expect(
      offsetMoves()
        .slice(0, 4)
        .map((move) => move.kind === 'offset' && move.byMm),
    ).toEqual([-1, 1, -2, 2]);
    expect(movesOf({ kind: 'stack', job: KITE, setup: a, axle: 'front' })).toEqual(stackMoves(KITE, 'front', a));
  });
});

describe('a setup with something done', () => {
  const figures = (setup: ReturnType<typeof movedSetup>, job = KITE) =>
    evaluateSetup(job, setup!, { sweeps: NO_SWEEPS }).front;
  const before = figures(a);
  test('another offset and a spacer of as much less stand the same', () => {
    const offset = figures(movedSetup({ job: KITE, setup: a, axle: 'front', remedy: { kind: 'offset', byMm: -5 } }));
    const spacer = figures(movedSetup({ job: KITE, setup: a, axle: 'front', remedy: { kind: 'stack', addMm: 5 } }));
    expect(offset.pokeMm! - before.pokeMm!).toBeCloseTo(5, 9);
    expect(spacer.effectiveOffsetMm).toBeCloseTo(offset.effectiveOffsetMm!, 9);
  });
  test('a wheel that is given by its backspacing moves by as much', () => {
    const c = setupOf(HAUL, 'c');
    expect(c.front!.wheel!.backspacingMm).toBeDefined();
    const moved = figures(
      movedSetup({ job: HAUL, setup: c, axle: 'front', remedy: { kind: 'offset', byMm: 4 } }),
      HAUL,
    );
    expect(moved.effectiveOffsetMm! - figures(c, HAUL).effectiveOffsetMm!).toBeCloseTo(4, 9);
    expect(
      movedSetup({
        job: KITE,
        setup: { id: 'x', front: { wheel: {} } },
        axle: 'front',
        remedy: { kind: 'offset', byMm: 4 },
      }),
    ).toBeNull();
  });
  test('a lift adds to one of its kind, and goes with none of another', () => {
    const lift = { kind: 'lift', change: { kind: 'spring', mm: 20 } } as const;
    expect(
      figures(movedSetup({ job: KITE, setup: a, axle: 'front', remedy: lift })).archGapMm! - before.archGapMm!,
    ).toBeCloseTo(20, 9);
    const low = { ...a, suspensionChange: { front: { kind: 'spring' as const, mm: -15 } } };
    expect(movedSetup({ job: KITE, setup: low, axle: 'front', remedy: lift })!.suspensionChange!.front).toEqual({
      kind: 'spring',
      mm: 5,
    });
    expect(
      movedSetup({
        job: KITE,
        setup: { ...a, suspensionChange: { front: { kind: 'body', mm: 10 } } },
        axle: 'front',
        remedy: lift,
      }),
    ).toBeNull();
  });
});

describe('effort and words', () => {
  const job = changed(KITE, ['brief/prices', { labourPerHour: 60, spacerEach: 40, liftKitAxle: 300, alignment: 80 }]);
  const liner = { id: 'liner', label: 'Liner', kind: 'liner' as const };
  const heat = { kind: 'work', part: 'liner', work: 'heat', mm: 6 } as const;
  test.each([
    ['a part of both sides counts twice', heat, [liner], 60, 60],
    ['a part of one side once', heat, [{ ...liner, side: 'left' as const }], 30, 30],
    ['a pair of spacers', { kind: 'stack', addMm: 10 } as const, [], 20, 100],
    [
      'a lift at the spring is aligned afterwards',
      { kind: 'lift', change: { kind: 'spring', mm: 20 } } as const,
      [],
      180,
      560,
    ],
    ['a body lift is not', { kind: 'lift', change: { kind: 'body', mm: 20 } } as const, [], 180, 480],
    ['another offset costs nothing before it is bought', { kind: 'offset', byMm: 3 } as const, [], 0, 0],
  ])('%s', (_, remedy, parts, minutes, cost) => expect(remedyEffort(job, remedy, parts)).toEqual({ minutes, cost }));
  test('a price that is missing leaves the cost unknown, never 0', () => {
    expect(remedyEffort(changed(KITE, ['brief/prices']), heat, [liner])).toEqual({ minutes: 60, cost: null });
    expect(
      effortOf([
        { minutes: 60, cost: null },
        { minutes: 20, cost: 40 },
      ]),
    ).toEqual({ minutes: 80, cost: null });
    expect(effortLine({ minutes: 60, cost: null }, mm)).toBe('60 min of work, a price is missing');
  });
  test('in words', () => {
    expect(remedyWords(heat, [liner], mm)).toBe('Liner: heat and push, 6.0 mm');
    expect(wayWords(heat, mm)).toBe('heat and push, 6.0 mm');
    expect(remedyWords({ kind: 'offset', byMm: -3 }, [], mm)).toBe('a wheel with 3 mm less offset');
    expect(wayWords({ kind: 'lift', change: { kind: 'strut-top', mm: 25 } }, mm)).toBe('lift of 25.0 mm, strut spacer');
    expect(wayWords({ kind: 'stack', addMm: 12 }, wordsIn('in'))).toBe('spacer of 0.47 in');
  });
});

describe('short, and worse off', () => {
  const check = (over: object) => ({
    code: 'inboard',
    label: 'Inner clearance',
    verdict: 'ok' as const,
    value: 11,
    limit: 6,
    margin: 5,
    plusMinus: null,
    touchProbability: null,
    ...over,
  });
  test('what fails, and what is under its limit; a face too far in; not a rub that was accepted', () => {
    expect(isShort(check({ verdict: 'fail', margin: null }))).toBe(true);
    expect(isShort(check({ verdict: 'caution', margin: -1 }))).toBe(true);
    expect(isShort(check({ code: 'fender', verdict: 'caution', margin: 14 }))).toBe(true);
    // A rub that was accepted asks for nothing; what clears but not surely does.
    expect(isShort(check({ code: 'obstacle:liner', verdict: 'caution', margin: 2, limit: -3 }))).toBe(false);
    expect(isShort(check({ code: 'obstacle:liner', verdict: 'caution', margin: 2, limit: 5 }))).toBe(true);
    expect(isShort(check({ verdict: 'unknown', margin: null }))).toBe(false);
  });
  test('less room, or a worse verdict; a twentieth of a millimeter is not noticed', () => {
    const was = [check({})] as unknown as Parameters<typeof worseOff>[0];
    const is = (over: object) => worseOff(was, [check(over)] as unknown as Parameters<typeof worseOff>[1]);
    expect(is({ margin: 4 })).toEqual([{ code: 'inboard', label: 'Inner clearance', byMm: 1 }]);
    expect(is({ margin: 4.97 })).toEqual([]);
    expect(is({ margin: null, verdict: 'unknown' })).toEqual([
      { code: 'inboard', label: 'Inner clearance', byMm: null },
    ]);
    expect(is({ margin: 9 })).toEqual([]);
  });
});
