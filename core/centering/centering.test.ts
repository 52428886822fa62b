import type { Hub } from '#core/hub';
import type { CenteringRule } from '#core/verdict';
import fc from 'fast-check';
import { centeringLines, centeringOf } from '#core/centering';
import type { SetupAxle, StackPart } from '#core/job';
import { wordsIn } from '#core/units';

const hub: Hub = { boreMm: 63.4, lipHeightMm: 9 };
const on = (candidate: SetupAxle, rule: CenteringRule = 'required', of: Hub = hub) =>
  centeringOf({ hub: of, candidate, rule });
const ring = (outerMm: number, innerMm: number) => ({ kind: 'ring' as const, outerMm, innerMm });
const spacer = (thicknessMm: number, part: object = {}) => ({
  kind: 'slip-on' as const,
  thicknessMm,
  innerBoreMm: 63.4,
  ...part,
});

// 0.10 mm clearance and 3 mm of lip: common practice, no source. Differences of diameters are worked by hand.
describe('hub to wheel, worked by hand', () => {
  test.each([
    [63.4, 'hub-centric', 'ok'],
    [63.5, 'hub-centric', 'ok'],
    // Within 0.15 mm it is one nominal size: usual bores go by rounded names, and a reading is good for 0.1 (common
    // practice, no source).
    [63.55, 'hub-centric', 'ok'],
    [63.56, 'ring-needed', 'caution'],
    [72.6, 'ring-needed', 'caution'],
    [63.3, 'hub-centric', 'caution'],
    [63.24, 'too-small', 'fail'],
  ])('bore %f on 63.4: %s', (boreMm, state, verdict) => {
    const made = on({ wheel: { boreMm } });
    expect(made.verdict).toBe(verdict);
    expect(made.interfaces).toMatchObject([{ between: 'hub to wheel', state, boreMm, hubMm: 63.4 }]);
  });
  test('the ring is told with both diameters, ready to order, and is found in the stack', () => {
    expect(on({ wheel: { boreMm: 72.6 } }).interfaces[0]!.ring).toEqual({ outerMm: 72.6, innerMm: 63.4 });
    expect(on({ wheel: { boreMm: 72.6 }, stack: [ring(72.6, 63.4)] })).toMatchObject({
      verdict: 'ok',
      interfaces: [{ state: 'ring' }],
    });
  });
  test('a ring of another size is no ring, and is told', () => {
    const made = on({ wheel: { boreMm: 72.6 }, stack: [ring(72.6, 64.1)] });
    expect(made).toMatchObject({ verdict: 'caution', looseRings: [{ outerMm: 72.6, innerMm: 64.1 }] });
    expect(centeringLines({ centring: made, rule: 'required', words: wordsIn('mm') }).join('\n')).toContain(
      'the ring 72.6 / 64.1 mm fits nowhere in the stack',
    );
    expect(on({ wheel: { boreMm: 63.4 }, stack: [ring(72.6, 63.4)] }).verdict).toBe('caution');
  });
  test('a ring without its diameters is not known, and said so', () => {
    const made = on({ wheel: { boreMm: 63.4 }, stack: [{ kind: 'ring', outerMm: 72.6 }] });
    expect(made).toMatchObject({ verdict: 'unknown', looseRings: [], unmeasuredRings: 1 });
    expect(centeringLines({ centring: made, rule: 'required', words: wordsIn('mm') }).join('\n')).toContain(
      'a ring of the stack has no diameter',
    );
  });
  test('a missing diameter is not known', () => {
    expect(on({}).verdict).toBe('unknown');
    expect(on({ wheel: { boreMm: 72.6 } }, 'required', {}).verdict).toBe('unknown');
  });
});

// Usual center bores by their exact and their rounded names (common practice, no source).
test.each([
  [57.06, 57.1],
  [54.06, 54.1],
  [64.06, 64.1],
  [66.56, 66.6],
  [72.56, 72.6],
  [73.06, 73.1],
])('a bore of %f and a hub of %f are one size, either way round; their rings are too', (exact, rounded) => {
  for (const [boreMm, hubMm] of [
    [exact, rounded],
    [rounded, exact],
  ] as const) {
    const made = on({ wheel: { boreMm } }, 'required', { boreMm: hubMm, lipHeightMm: 9 });
    expect(made.interfaces[0]!.state).toBe('hub-centric');
    expect(made.verdict).toBe(boreMm < hubMm ? 'caution' : 'ok');
  }
  const ringed = on({ wheel: { boreMm: exact + 9 }, stack: [ring(exact + 9.04, rounded)] }, 'required', {
    boreMm: exact,
    lipHeightMm: 9,
  });
  expect(ringed).toMatchObject({ verdict: 'ok', looseRings: [] });
});

describe('through spacers', () => {
  test('what is left of the lip carries the wheel', () => {
    const made = on({ wheel: { boreMm: 63.4 }, stack: [spacer(5)] });
    expect(made).toMatchObject({
      verdict: 'ok',
      interfaces: [
        { between: 'hub to spacer', reachMm: 9 },
        { between: 'spacer to wheel', reachMm: 4 },
      ],
    });
  });
  test('less than 3 mm of lip is told; none at all fails, or is lug-centric by shop rule', () => {
    expect(on({ wheel: { boreMm: 63.4 }, stack: [spacer(7)] }).verdict).toBe('caution');
    const gone = on({ wheel: { boreMm: 63.4 }, stack: [spacer(12)] });
    expect(gone).toMatchObject({ verdict: 'fail', interfaces: [{ verdict: 'ok' }, { state: 'no-lip' }] });
    expect(centeringLines({ centring: gone, rule: 'required', words: wordsIn('mm') }).join('\n')).toContain(
      'the lip ends 3.0 mm short of it',
    );
    expect(on({ wheel: { boreMm: 63.4 }, stack: [spacer(12)] }, 'nuts').verdict).toBe('caution');
  });
  test('a lip of its own carries on; each interface has its own ring', () => {
    const own = { outerLipMm: 66.1, lipMm: 7 };
    expect(on({ wheel: { boreMm: 66.1 }, stack: [spacer(20, own)] }).verdict).toBe('ok');
    const made = on({ wheel: { boreMm: 72.6 }, stack: [spacer(20, { ...own, innerBoreMm: 67.1 }), ring(67.1, 63.4)] });
    expect(made.interfaces).toMatchObject([
      { between: 'hub to spacer', state: 'ring' },
      { between: 'spacer to wheel', state: 'ring-needed', ring: { outerMm: 72.6, innerMm: 66.1 } },
    ]);
  });
  test('a lip whose ⌀ nobody measured is taken as the hub’s, and said to be assumed', () => {
    const made = on({ wheel: { boreMm: 63.4 }, stack: [spacer(20, { lipMm: 7 })] });
    expect(made).toMatchObject({ verdict: 'ok', lipAssumed: true });
    expect(centeringLines({ centring: made, rule: 'required', words: wordsIn('mm') }).join()).toContain('(assumed)');
  });
  test('without the lip’s height, or a piece’s thickness, what is left of it is not known', () => {
    expect(on({ wheel: { boreMm: 63.4 }, stack: [spacer(5)] }, 'required', { boreMm: 63.4 }).verdict).toBe('unknown');
    expect(on({ wheel: { boreMm: 63.4 }, stack: [{ kind: 'slip-on', innerBoreMm: 63.4 }] }).verdict).toBe('unknown');
    // Nothing between: the diameters alone decide.
    expect(on({ wheel: { boreMm: 63.4 } }, 'required', { boreMm: 63.4 }).verdict).toBe('ok');
  });
  test('an adapter is centred at both its ends', () => {
    const made = on({
      wheel: { boreMm: 66.1 },
      stack: [{ kind: 'bolt-on', thicknessMm: 25, innerBoreMm: 63.4, outerLipMm: 66.1 }],
    });
    expect(made).toMatchObject({
      verdict: 'ok',
      interfaces: [{ between: 'hub to adapter' }, { between: 'adapter to wheel' }],
    });
  });

  describe('what keeps the pad from seating', () => {
    test('a lip longer than the bore is straight, until a dry fit shows it flush', () => {
      const wheel = { boreMm: 63.4, boreDepthMm: 6 };
      expect(on({ wheel })).toMatchObject({ verdict: 'fail', interfaces: [{ state: 'gap' }] });
      expect(on({ wheel, dryFitFlush: true }).verdict).toBe('ok');
      expect(on({ wheel: { ...wheel, boreDepthMm: 9 } }).verdict).toBe('ok');
      expect(on({ wheel, stack: [spacer(5)] }).verdict).toBe('ok');
    });
    test('a conical lip in a square bore; a chamfered one, or one in a ring, takes it', () => {
      const cone: Hub = { ...hub, lipForm: 'conical' };
      // Of a bore whose edge nobody looked at it is not known.
      expect(on({ wheel: { boreMm: 63.4 } }, 'required', cone).verdict).toBe('unknown');
      const chamfered: Hub = { ...hub, lipForm: 'chamfered' };
      expect(on({ wheel: { boreMm: 63.4 } }, 'required', chamfered)).toMatchObject({
        verdict: 'caution',
        interfaces: [{ look: 'chamfer' }],
      });
      expect(on({ wheel: { boreMm: 63.4, boreForm: 'chamfered' } }, 'required', chamfered).verdict).toBe('ok');
      expect(on({ wheel: { boreMm: 63.4, boreForm: 'square' } }, 'required', cone).verdict).toBe('fail');
      expect(on({ wheel: { boreMm: 63.4, boreForm: 'chamfered' } }, 'required', cone).verdict).toBe('ok');
      expect(on({ wheel: { boreMm: 63.4, boreForm: 'square' }, dryFitFlush: true }, 'required', cone).verdict).toBe(
        'ok',
      );
      expect(
        on({ wheel: { boreMm: 72.6, boreForm: 'square' }, stack: [ring(72.6, 63.4)] }, 'required', cone).verdict,
      ).toBe('ok');
    });
    test('the lips of spacers and adapters have a form too', () => {
      const own = { outerLipMm: 63.4, lipMm: 8, lipForm: 'conical' as const };
      const wheel = { boreMm: 63.4, boreForm: 'square' as const };
      for (const kind of ['slip-on', 'bolt-on'] as const)
        expect(on({ wheel, stack: [{ ...spacer(20, own), kind }] })).toMatchObject({
          verdict: 'fail',
          interfaces: [{ state: 'hub-centric' }, { state: 'gap' }],
        });
      expect(on({ wheel, stack: [spacer(20, { ...own, lipForm: 'straight' })] }).verdict).toBe('ok');
    });
    test('a dry fit counts face by face, and a gap fails whatever the figures say', () => {
      const wheel = { boreMm: 63.4 };
      expect(on({ wheel, dryFit: { hubToWheel: 'gap' } })).toMatchObject({
        verdict: 'fail',
        interfaces: [{ state: 'not-flush', dryFit: 'gap' }],
      });
      expect(on({ wheel, dryFitFlush: false }).verdict).toBe('fail');
      const on5 = (dryFit: object) => on({ wheel, stack: [spacer(5)], dryFit }).interfaces.map(({ state }) => state);
      expect(on5({ hubToSpacer: 'gap' })).toEqual(['not-flush', 'hub-centric']);
      expect(on5({ spacerToWheel: 'gap' })).toEqual(['hub-centric', 'not-flush']);
      // A face that is not there says nothing.
      expect(on5({ hubToWheel: 'gap' })).toEqual(['hub-centric', 'hub-centric']);
      const two = on({ wheel, stack: [spacer(3), spacer(2)], dryFit: { spacerToSpacer: 'gap' } });
      expect(two.interfaces.map(({ state }) => state)).toEqual(['hub-centric', 'not-flush', 'hub-centric']);
      expect(centeringLines({ centring: two, rule: 'required', words: wordsIn('mm') }).join()).toContain(
        'not flush, by the dry fit',
      );
      // What one face shows goes before what is said of all.
      expect(on({ wheel, dryFitFlush: true, dryFit: { hubToWheel: 'gap' } }).verdict).toBe('fail');
    });
    test('rings and lips against the center cap', () => {
      const capOf = (wheel: object, ...stack: StackPart[]) =>
        on({ wheel: { boreMm: 72.6, capDepthMm: 10, ...wheel }, stack });
      const wide = { ...ring(72.6, 63.4), thicknessMm: 12 };
      expect(capOf({}, wide)).toMatchObject({ cap: 'fouled', capRoom: { depthMm: 10, reachMm: 12, open: [] } });
      expect(capOf({ capDepthMm: 12 }, wide).cap).toBe('clear');
      expect(capOf({ capDepthMm: null }, wide)).toMatchObject({ cap: 'look', capRoom: { depthMm: null, reachMm: 12 } });
      expect(capOf({}, ring(72.6, 63.4))).toMatchObject({
        cap: 'look',
        capRoom: { reachMm: 9, open: ['the thickness of the ring'] },
      });
      expect(capOf({ capDepthMm: 8 }, ring(72.6, 63.4)).cap).toBe('fouled');
      expect(capOf({})).toMatchObject({ cap: 'clear', capRoom: { depthMm: 10, reachMm: 9, open: [] } });
      expect(capOf({ capDepthMm: null }).cap).toBeNull();
      // The ring of an adapter's bore stands elsewhere.
      const adapter = { kind: 'bolt-on' as const, thicknessMm: 20, innerBoreMm: 74.1, lipMm: 6, outerLipMm: 63.4 };
      const deep = { ...ring(74.1, 63.4), thicknessMm: 18 };
      expect(capOf({}, deep, adapter, { ...wide, thicknessMm: 9 })).toMatchObject({
        cap: 'clear',
        capRoom: { reachMm: 9 },
      });
      expect(capOf({ boreMm: 63.4 }, deep, adapter)).toMatchObject({ cap: 'clear', capRoom: { reachMm: 6 } });
      // A lip that nobody measured may reach it.
      const unread = on({ wheel: { boreMm: 63.4, capDepthMm: 10 } }, 'required', { boreMm: 63.4 });
      expect(unread).toMatchObject({ cap: 'look', capRoom: { reachMm: 0, open: ['the height of the lip'] } });
    });
  });
});

test('the ring that is asked for always fits, whatever the diameters', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 50, max: 110, noNaN: true }),
      fc.double({ min: 0.2, max: 20, noNaN: true }),
      (boreMm, play) => {
        const of: Hub = { boreMm, lipHeightMm: 9 };
        const wheel = { boreMm: boreMm + play };
        const asked = centeringOf({ hub: of, candidate: { wheel }, rule: 'required' }).interfaces[0]!.ring!;
        const made = centeringOf({
          hub: of,
          candidate: { wheel, stack: [{ kind: 'ring', ...asked }] },
          rule: 'required',
        });
        expect(made.verdict).toBe('ok');
      },
    ),
  );
});
test('no stack of slip-ons ever centres better than the hub alone', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0.5, max: 15, noNaN: true }), { maxLength: 4 }), (thicknesses) => {
      const made = on({ wheel: { boreMm: 63.4 }, stack: thicknesses.map((mm) => spacer(mm)) });
      const left = 9 - thicknesses.reduce((sum, mm) => sum + mm, 0);
      expect(made.verdict).toBe(left <= 0 ? 'fail' : left < 3 ? 'caution' : 'ok');
    }),
  );
});
