import {
  stackRange,
  staysOnHub,
  patternOptions,
  type PatternOptionChoices,
  type PatternOptionKind,
} from '#core/advice';
import type { Hub } from '#core/hub';
import { readFileSync } from 'node:fs';
import { evaluate, evaluateSetup, NO_SWEEPS, bindingCheck, usedShare, verdictWord } from '#core/evaluate';
import { applyEdits, type Edit, type Job } from '#core/job';
import { EXAMPLE } from '#support/jobs';

const changed = (...edits: [path: string, value: unknown][]): Job =>
  applyEdits(
    EXAMPLE,
    edits.map(([path, value]): Edit => ({ op: 'set', path: path.split('/'), value })),
  );
const axle = (job: Job, id = 'a', name: 'front' | 'rear' = 'front') =>
  evaluateSetup(
    job,
    job.setups.find((setup) => setup.id === id)!,
    { sweeps: NO_SWEEPS },
  )[name];
const check = (job: Job, code: string, id = 'a') => axle(job, id).checks.find((one) => one.code === code)!;

describe('the example job between hub and wheel, worked by hand', () => {
  test('setup a: 72.6 on 63.4 needs a ring; stud 38 − pad 11 = 27 mm', () => {
    const front = axle(EXAMPLE);
    expect(front.boltPattern).toEqual({ verdict: 'ok', deltaMm: 0 });
    expect(front.centring).toMatchObject({
      verdict: 'caution',
      interfaces: [{ between: 'hub to wheel', boreMm: 72.6, hubMm: 63.4, ring: { outerMm: 72.6, innerMm: 63.4 } }],
    });
    expect(front.fastening).toMatchObject({ verdict: 'ok', engagementMm: 27, turns: 18, requiredLengthMm: 23 });
    expect(check(EXAMPLE, 'seat').verdict).toBe('ok');
  });
  test('setup b: 5 mm slip-on, two interfaces, 22 mm of thread', () => {
    const front = axle(EXAMPLE, 'b');
    expect(front.centring.interfaces.map(({ between }) => between)).toEqual(['hub to spacer', 'spacer to wheel']);
    expect(front.fastening).toMatchObject({ engagementMm: 22, requiredLengthMm: 28 });
  });
  test('every check of the hardware carries its arithmetic', () => {
    expect(check(EXAMPLE, 'pattern').working).toEqual(['wheel 4 × 108; hub 4 × 108']);
    expect(check(EXAMPLE, 'centring').working[0]).toBe(
      'hub to wheel: bore 72.6 − 63.4 = 9.2 mm: order a ring 72.6 / 63.4 mm',
    );
    expect(check(EXAMPLE, 'fastening').working).toEqual([
      'stud 38.0 − under the lug seat 11.0 = 27.0 mm',
      'limit 1 thread diameter = 12.0 mm; 18.0 turns of M12x1.5',
    ]);
    expect(check(EXAMPLE, 'seat').working).toEqual(['wheel cone 60°; fastener cone 60°']);
  });
  test('a report written out carries it all as plain data', () => {
    const written = JSON.parse(JSON.stringify(evaluate(EXAMPLE))) as ReturnType<typeof evaluate>;
    expect(written.vehicle.front).toMatchObject({ pattern: null, boltCircleMm: null, uncertaintyMm: null });
    const codes = written.setups[0]!.front.checks.map(({ code }) => code);
    expect(codes).toEqual(expect.arrayContaining(['pattern', 'centring', 'fastening', 'seat']));
    expect(written.setups[0]!.front.centring.interfaces[0]!.state).toBe('ring-needed');
  });
});

describe('the hub by readings', () => {
  const read = (valueMm: number, uncertaintyMm: number): Hub => ({
    ...EXAMPLE.vehicle.front!.hub,
    boltCircleMm: null,
    patternReadings: [{ kind: 'opposite', from: 'centres', valueMm, uncertaintyMm }],
  });
  test('a pattern the readings decide for counts like one written down', () => {
    const job = changed(['vehicle/front/hub', read(108.1, 0.5)]);
    expect(evaluate(job).vehicle.front.pattern![0]).toMatchObject({ lugCount: 4, boltCircleMm: 108 });
    expect(axle(job).boltPattern).toEqual({ verdict: 'ok', deltaMm: 0 });
    expect(check(job, 'pattern').working.join()).toContain('read on the hub');
  });
  test('one they leave open is not known, and both are named', () => {
    const job = changed(['vehicle/front/hub', read(109, 1.5)]);
    expect(axle(job).boltPattern.verdict).toBe('unknown');
    expect(check(job, 'pattern').working.join()).toMatch(/leave two patterns: 4 × 1(08|10) 50 %, 4 × 1(08|10) 50 %/);
  });
  test('one that is written down as well wins over its readings', () => {
    const job = changed(['vehicle/front/hub', { ...read(109, 1.5), boltCircleMm: 108 }]);
    expect(axle(job).boltPattern).toEqual({ verdict: 'ok', deltaMm: 0 });
    expect(evaluate(job).vehicle.front.pattern).toHaveLength(2);
  });
  test('a reading of unknown uncertainty is marked as assumed', () => {
    const hub = read(108, 0.5);
    const job = changed([
      'vehicle/front/hub',
      { ...hub, patternReadings: [{ kind: 'opposite', from: 'centres', valueMm: 108 }] },
    ]);
    expect(axle(job).assumed).toContain('vehicle.front.hub.patternReadings.uncertaintyMm');
  });
});

describe('parts that do not go together', () => {
  test('another seat fails and holds the setup', () => {
    const job = changed(['setups/a/front/wheel/seat', 'ball-r13']);
    expect(check(job, 'seat')).toMatchObject({ verdict: 'fail' });
    expect(check(job, 'seat').working.join()).toContain('wheel ball R13; fastener cone 60°');
    expect(bindingCheck(axle(job).checks)!.code).toBe('seat');
    const other = applyEdits(job, [
      { op: 'set', path: ['setups', 'a', 'front', 'fastener'], value: { seat: 'ball-r13' } },
    ]);
    expect(check(other, 'seat').verdict).toBe('ok');
  });
  test('another pattern fails; a near one is care, or refused by the brief', () => {
    expect(check(changed(['setups/a/front/wheel/boltCircleMm', 110]), 'pattern')).toMatchObject({
      verdict: 'fail',
      value: 2,
    });
    const near = changed(['setups/a/front/wheel/boltCircleMm', 108.6]);
    expect(check(near, 'pattern').verdict).toBe('caution');
    const refused = applyEdits(near, [{ op: 'set', path: ['brief', 'rules'], value: { nearPatterns: 'refuse' } }]);
    expect(check(refused, 'pattern').verdict).toBe('fail');
  });
  test('an adapter turns one pattern into another, and its seat is assumed until it is said', () => {
    const stack = [
      {
        kind: 'bolt-on',
        thicknessMm: 38,
        seatThicknessMm: 15,
        innerBoreMm: 63.4,
        outerLipMm: 72.6,
        toLugCount: 5,
        toBoltCircleMm: 114.3,
      },
    ];
    const job = changed(
      ['setups/a/front/stack', stack],
      ['setups/a/front/wheel/lugCount', 5],
      ['setups/a/front/wheel/boltCircleMm', 114.3],
    );
    const front = axle(job);
    expect(front.boltPattern).toEqual({ verdict: 'ok', deltaMm: 0 });
    expect(front.centring.verdict).toBe('ok');
    expect(front.fastening).toMatchObject({ verdict: 'ok', studProudMm: 0, engagementMm: 23 });
    expect(front.effectiveOffsetMm).toBe(2);
    expect(front.assumed).toContain('setups.a.front.stack.seat');
  });
  test('a lug hole is judged only where it was measured', () => {
    expect(check(EXAMPLE, 'lug-hole')).toBeUndefined();
    expect(check(changed(['setups/a/front/wheel/lugHoleMm', 13]), 'lug-hole').verdict).toBe('ok');
    const small = check(
      changed(['setups/a/front/wheel/lugHoleMm', 11.5], ['setups/a/front/wheel/seatDiameterMm', 22]),
      'lug-hole',
    );
    expect(small).toMatchObject({ verdict: 'caution', value: 11.5, limit: 13 });
    expect(small.working).toContain('drill out by 1.5 mm');
  });
  test('the center cap is judged only where somebody measured where it begins', () => {
    expect(check(EXAMPLE, 'center-cap')).toBeUndefined();
    const ring = (thicknessMm: number | null) =>
      ['setups/a/front/stack', [{ kind: 'ring', outerMm: 72.6, innerMm: 63.4, thicknessMm }]] as [string, unknown];
    const cap = (depthMm: number, ...edits: [string, unknown][]) =>
      check(changed(['setups/a/front/wheel/capDepthMm', depthMm], ...edits), 'center-cap');
    const fouled = cap(10, ring(12));
    expect(fouled).toMatchObject({ verdict: 'caution', value: 10, limit: 12, margin: -2 });
    expect(fouled.working[0]).toBe('cap begins 10.0 mm from the pad; lip or ring reaches 12.0 mm');
    expect(fouled.working[1]).toContain('a thinner ring');
    expect(usedShare(fouled)).toBeCloseTo(0.75 + (0.25 * 2) / 12, 12);
    expect(verdictWord(fouled)).toBe('with care');
    expect(cap(12, ring(12))).toMatchObject({ verdict: 'ok', margin: 0 });
    // The ring's thickness is open; the lip alone reaches 9 mm.
    expect(cap(10, ring(null))).toMatchObject({ verdict: 'unknown', value: 10, limit: null, margin: null });
    expect(cap(10, ring(null)).working).toContain('not known: the thickness of the ring');
    expect(cap(8, ring(null))).toMatchObject({ verdict: 'caution', limit: 9 });
    expect(cap(10)).toMatchObject({ verdict: 'ok', limit: 9 });
    expect(cap(10, ['vehicle/front/hub/lipHeightMm', null]).verdict).toBe('unknown');
    // Where the cap was not measured the ring is only told of.
    expect(check(changed(ring(12)), 'centring').working).toContain(
      'check that the ring leaves room for the center cap',
    );
    expect(cap(10, ring(12)).working.join()).not.toContain('look whether');
  });
  test('front and rear bolts of different length are told, studs never', () => {
    const bolt = { kind: 'bolt', thread: 'M12x1.25', lengthMm: 26, threadDepthMm: 18, seat: 'cone60' };
    const spacer = (mm: number) => [{ kind: 'slip-on', thicknessMm: mm, innerBoreMm: 63.4 }];
    const job = changed(
      ['vehicle/front/hub/fastener', bolt],
      ['vehicle/rear/hub/fastener', bolt],
      ['setups/a/front/stack', spacer(5)],
      ['setups/a/rear/stack', spacer(8)],
    );
    const mixed = evaluate(job).setups[0]!.checks.find(({ code }) => code === 'bolt-lengths')!;
    expect(mixed).toMatchObject({ verdict: 'caution', value: 3 });
    expect(mixed.working).toEqual(['front 31.0 mm, rear 34.0 mm: mark them, they must not be mixed']);
    expect(evaluate(EXAMPLE).setups[0]!.checks.map(({ code }) => code)).not.toContain('bolt-lengths');
  });
  test('their rings and words say it without colour', () => {
    const pattern = check(changed(['setups/a/front/wheel/boltCircleMm', 110]), 'pattern');
    expect([usedShare(pattern), verdictWord(pattern)]).toEqual([1, 'does not fit']);
    expect([usedShare(check(EXAMPLE, 'pattern')), verdictWord(check(EXAMPLE, 'fastening'))]).toEqual([0, 'holds']);
  });
});

describe('the options for another pattern', () => {
  const none: PatternOptionChoices = { adapterMm: null, hubFaceShiftMm: null };
  const other = changed(
    ['setups/a/front/wheel/lugCount', 5],
    ['setups/a/front/wheel/boltCircleMm', 114.3],
    ['setups/a/front/wheel/lugHoleMm', 13],
    ['brief/prices', { currency: '£', adapterEach: 90, redrillWheelEach: 60 }],
  );
  const ways = (job: Job, choices: PatternOptionChoices = none) =>
    patternOptions({ job, setup: job.setups[0]!, axle: 'front', choices });
  const way = (job: Job, kind: PatternOptionKind, choices?: PatternOptionChoices) =>
    ways(job, choices).find((one) => one.kind === kind)!;

  test('none where the pattern fits or is not known', () => {
    expect(ways(EXAMPLE)).toEqual([]);
    expect(ways(applyEdits(other, [{ op: 'clear', path: ['vehicle', 'front', 'hub', 'boltCircleMm'] }]))).toEqual([]);
  });
  test('an adapter as thick as the studs are long, computed with the room of the car', () => {
    const made = way(other, 'adapter');
    expect(made.title).toBe('Adapter, 38.0 mm');
    expect(made.cost).toBe(180);
    const by = axle(applyEdits(other, [{ op: 'set', path: ['setups', 'a', 'front'], value: made.candidate }]));
    expect(made.position).toMatchObject({ effectiveOffsetMm: 2, pokeMm: by.pokeMm, inboardGapMm: by.inboardGapMm });
    // 38 mm further out than −8.73 is 29.27 mm proud.
    expect(made.position!.pokeMm).toBeCloseTo(29.27, 2);
    expect(made.verdict).toBe('fail');
    expect(made.lines).toContain('poke: too far out');
    expect(by.boltPattern.verdict).toBe('ok');
  });
  test('one from the shelf comes with its own dimensions and price', () => {
    const piece = {
      kind: 'bolt-on' as const,
      thicknessMm: 40,
      seatThicknessMm: 20,
      innerBoreMm: 63.4,
      outerLipMm: 72.6,
      toLugCount: 5,
      toBoltCircleMm: 114.3,
    };
    const made = way(other, 'adapter', { ...none, adapterKept: { piece, name: 'Ostrik 40', priceEach: 95 } });
    expect(made).toMatchObject({ title: 'Adapter, 40.0 mm', cost: 190, position: { effectiveOffsetMm: 0 } });
    expect(made.candidate!.stack).toEqual([piece]);
    expect(made.lines).toContain('from the shelf: Ostrik 40');
  });
  test('a thinner one leaves the studs sticking out', () => {
    const made = way(other, 'adapter', { ...none, adapterMm: 20 });
    expect(made.verdict).toBe('fail');
    expect(made.lines.join()).toContain('studs stick out 18.0 mm');
  });
  test('near patterns are one only within a millimeter', () => {
    expect(way(other, 'near-pattern')).toMatchObject({ verdict: 'fail', candidate: null });
    const near = changed(['setups/a/front/wheel/boltCircleMm', 108.6]);
    expect(way(near, 'near-pattern')).toMatchObject({ verdict: 'caution' });
    expect(way(near, 'near-pattern').lines.join()).toContain('each seat sits 0.30 mm off its stud');
  });
  test('a redrilled wheel: material between 5 × 114.3 and 4 × 108 holes by hand', () => {
    const made = way(other, 'redrill-wheel');
    // √(57.15² + 54² − 2·57.15·54·cos 9°) − 13 = 9.276 − 13 < 0: the rows run into each other.
    expect(made.lines[1]).toBe('between old and new holes (−3.7 mm), 6.0 mm needed'.replace('(', '').replace(')', ''));
    expect(made).toMatchObject({ verdict: 'fail', cost: 120 });
    expect(made.position).toMatchObject({ effectiveOffsetMm: 40 });
    const rows = changed(['setups/a/front/wheel/boltCircleMm', 114.3], ['setups/a/front/wheel/lugHoleMm', 13]);
    expect(way(rows, 'redrill-wheel').verdict).toBe('caution');
    expect(way(changed(['setups/a/front/wheel/boltCircleMm', 114.3]), 'redrill-wheel').verdict).toBe('unknown');
  });
  test('a redrilled hub needs its flange and holes', () => {
    expect(way(other, 'redrill-hub').verdict).toBe('unknown');
    const part = { ...other.vehicle.front!.hub, studHoleMm: 12, flangeDiameterMm: 150 };
    const made = way(applyEdits(other, [{ op: 'set', path: ['vehicle', 'front', 'hub'], value: part }]), 'redrill-hub');
    expect(made.lines.join()).toContain('to the edge of the flange 11.9 mm');
    expect(made).toMatchObject({ verdict: 'fail', candidate: null });
  });
  test('another hub moves the wheel by its face', () => {
    expect(way(other, 'hub-swap')).toMatchObject({ verdict: 'unknown', position: null });
    const made = way(other, 'hub-swap', { ...none, hubFaceShiftMm: 4 });
    expect(made.position!.pokeMm).toBeCloseTo(-4.73, 2);
    expect(made.verdict).toBe('caution');
  });
});

describe('how thick a stack may be', () => {
  test('setup a: 12.73 mm inside, limit 6; −8.73 of poke, target to 0', () => {
    const [setup] = EXAMPLE.setups;
    const range = stackRange({ job: EXAMPLE, report: evaluateSetup(EXAMPLE, setup!), axle: 'front', stackMm: 0 })!;
    expect(range.leastMm).toBe(0);
    expect(range.mostMm).toBeCloseTo(8.73, 2);
  });
  test('a stack at either end of the range stands exactly at its limit', () => {
    const wide = changed(['setups/a/front/wheel/offsetMm', 60]);
    const range = stackRange({ job: wide, report: evaluateSetup(wide, wide.setups[0]!), axle: 'front', stackMm: 0 })!;
    const at = (mm: number) =>
      axle(
        applyEdits(wide, [
          { op: 'set', path: ['setups', 'a', 'front', 'stack'], value: [{ kind: 'slip-on', thicknessMm: mm }] },
        ]),
      );
    expect(at(range.leastMm).inboardGapMm).toBeCloseTo(6, 9);
    expect(at(range.mostMm!).pokeMm).toBeCloseTo(0, 9);
  });
  describe('whether a spacer leaves the wheel centred and held', () => {
    const hub = EXAMPLE.vehicle.front!.hub!;
    const wheel = { ...EXAMPLE.setups[0]!.front!.wheel, boreMm: 63.4 };
    const stays = (thicknessMm: number, part: object = {}, of: Hub = hub) =>
      staysOnHub({
        hub: of,
        without: { wheel },
        spacer: { kind: 'slip-on', thicknessMm, innerBoreMm: 63.4, ...part },
        terms: {},
      });
    const bolts: Hub = { ...hub, fastener: { kind: 'bolt', thread: 'M12x1.25', lengthMm: 26, threadDepthMm: 18 } };
    test('5 mm leave 4 mm of the 9 mm lip; 8 mm too little, 12 mm none', () =>
      expect([5, 8, 12].map((mm) => stays(mm))).toEqual([true, false, false]));
    test('a lip of its own carries on, until the studs are too short: 38 − 16 − 11 = 11 mm', () =>
      expect([12, 15, 16].map((mm) => stays(mm, { outerLipMm: 63.4, lipMm: 7 }))).toEqual([true, true, false]));
    test('bolts come longer with it', () => expect(stays(16, { outerLipMm: 63.4, lipMm: 7 }, bolts)).toBe(true));
    test('what is care already may stay so', () =>
      expect(
        staysOnHub({
          hub,
          without: { wheel: { ...wheel, boreMm: 72.6 } },
          spacer: { kind: 'slip-on', thicknessMm: 5, innerBoreMm: 63.4 },
          terms: {},
        }),
      ).toBe(true));
  });
  test('not known without the inner clearance', () => {
    const blind = changed(['vehicle/front/room/inboardGapMm', null]);
    expect(
      stackRange({ job: blind, report: evaluateSetup(blind, blind.setups[0]!), axle: 'front', stackMm: 0 }),
    ).toBeNull();
  });
});

describe('spacers by the brief', () => {
  const kite = JSON.parse(readFileSync('demo/brindle-kite.scoval.json', 'utf8')) as Job;
  const withRule = (spacers: unknown): Job =>
    applyEdits(kite, [{ op: 'set', path: ['brief', 'rules', 'spacers'], value: spacers }]);
  const found = (job: Job, id: string) =>
    evaluateSetup(
      job,
      job.setups.find((setup) => setup.id === id)!,
      { sweeps: NO_SWEEPS },
    ).front.checks.find(({ code }) => code === 'spacers');
  test('the shop accepts them; a brief may prefer an offset, which is told, or want none', () => {
    expect(found(kite, 'b')).toBeUndefined();
    expect(found(withRule('accepted'), 'b')).toBeUndefined();
    const preferred = found(withRule('prefer-offset'), 'b')!;
    expect(preferred.verdict).toBe('caution');
    expect(preferred.working.join('\n')).toContain('+51 − 5.0 = +46 mm: a wheel of that offset sits the same without');
    expect(found(withRule('never'), 'b')!.verdict).toBe('fail');
    expect(found(withRule('never'), 'a')).toBeUndefined();
  });
});
