import type { Job } from '#core/job';
import { cutBack, RUNGS } from '#core/remedy';
import { clearancesAt, sweep } from '#core/sweep';
import { evaluateSetup, candidateCase, axleParts } from '#core/evaluate';
import { remediesOf, roomOf, type AxleRemedies } from '.';
import { changed, setupOf, KITE, HAUL } from '#support/jobs';

const PRICES = { currency: '£', labourPerHour: 60, spacerEach: 40, liftKitAxle: 300, alignment: 80 };
/** A liner and a seam of which one is short by a few mm, with a target wide open. */
const short = (by: number, remedies: object, over: [string, unknown][] = []): Job =>
  changed(
    KITE,
    ['brief/pokeMm', { min: -200, max: 200 }],
    ['brief/limits/inboardMm', 0],
    ['brief/prices', PRICES],
    ['brief/remedies', remedies],
    ['vehicle/front/caliper', {}],
    [
      'vehicle/front/obstacles',
      [
        {
          id: 'liner',
          label: 'Liner',
          kind: 'liner',
          gap: { surface: 'outer-shoulder', clockDeg: -100, gapMm: 19 - 13.63 + 5 - by, steerDeg: -32 },
        },
      ],
    ],
    ...over,
  );
const of = (job: Job, id = 'a'): AxleRemedies => remediesOf({ job, setup: setupOf(job, id), axle: 'front' });

describe('what must go, and where', () => {
  const job = short(6, {});
  const [part] = of(job).parts;
  test('as much as lacks to the limit', () => {
    expect(part!.needMm).toBeGreaterThan(5);
    expect(part!.clearanceMm + part!.needMm).toBeCloseTo(5, 6);
    const check = evaluateSetup(job, setupOf(job, 'a')).front.checks.find(({ code }) => code === 'obstacle:liner')!;
    expect(part!.needMm).toBeCloseTo(-check.margin!, 6);
  });
  test('where the part stands: its clock angle, and its height over the ground', () => {
    const { placed } = axleParts(job.vehicle, 'front').parts[0]!;
    const [, fwd, up] = placed!.xyz;
    expect(part!.patch!.clockDeg[0]).toBeCloseTo((Math.atan2(fwd!, up!) * 180) / Math.PI, 6);
    expect(part!.patch!.upMm[0]).toBeCloseTo(up!, 6);
    expect(part!.where).toContain('behind');
    expect(part!.where).toContain('measured at one place');
  });
  test('of an edge only the stretch that is nearer than its limit', () => {
    const lip = HAUL.vehicle.front!.obstacles!.find(({ kind }) => kind === 'fender-lip')!;
    const one = changed(HAUL, ['vehicle/front/obstacles', [lip]]);
    const found = remediesOf({ job: one, setup: setupOf(one, 'd'), axle: 'front' }).parts.find(
      ({ id }) => id === lip.id,
    )!;
    const { stretches } = found.patch!;
    expect(stretches.length).toBeGreaterThan(0);
    // Every place outside the patch has its limit by itself.
    const swept = candidateCase(one, setupOf(one, 'd'), 'front')!;
    const { xyz } = swept.parts[0]!;
    for (let i = 0; i < xyz.length; i += 3) {
      const clock = (Math.atan2(xyz[i + 1]!, xyz[i + 2]!) * 180) / Math.PI;
      const alone = sweep({ ...swept, parts: [{ ...swept.parts[0]!, edge: false, xyz: xyz.slice(i, i + 3) }] })
        .parts[0]!.clearanceMm;
      const near = stretches.some(({ clockDeg: [from, to] }) => clock > from - 0.5 && clock < to + 0.5);
      const inside = stretches.some(({ clockDeg: [from, to] }) => clock > from + 0.5 && clock < to - 0.5);
      // What is wanted: the limit, or what it takes to clear surely.
      const wanted = found.clearanceMm + found.needMm;
      if (!near) expect(alone).toBeGreaterThanOrEqual(wanted - 0.1);
      if (inside) expect(alone).toBeLessThan(wanted + 0.1);
    }
  });
});

describe('taking away from a part', () => {
  const one = candidateCase(HAUL, setupOf(HAUL, 'c'), 'front')!;
  test.each(one.parts.map((part) => [part.id, part] as const))(
    '%s: what is left clears as swept, and nothing moves further than it may',
    (_, part) => {
      const before = sweep({ ...one, parts: [part] }).parts[0]!.clearanceMm;
      const target = before + 9;
      const { part: given } = cutBack({ one, part, targetMm: target, mostMm: 40 });
      expect(sweep({ ...one, parts: [given] }).parts[0]!.clearanceMm).toBeGreaterThan(target - 0.1);
      for (let i = 0; i < part.xyz.length; i += 3)
        expect(
          Math.hypot(
            given.xyz[i]! - part.xyz[i]!,
            given.xyz[i + 1]! - part.xyz[i + 1]!,
            given.xyz[i + 2]! - part.xyz[i + 2]!,
          ),
        ).toBeLessThan(40.001);
      const { part: little } = cutBack({ one, part, targetMm: target, mostMm: 2 });
      expect(sweep({ ...one, parts: [little] }).parts[0]!.clearanceMm).toBeLessThan(before + 2.1);
    },
  );
  test('a pose that was far stays as far', () => {
    const [part] = one.parts;
    const { part: given } = cutBack({ one, part: part!, targetMm: 30, mostMm: 60 });
    const rest = { steerDeg: 0, travelMm: 0 };
    expect(clearancesAt({ ...one, parts: [given] }, rest)[part!.id]).toBeGreaterThanOrEqual(
      clearancesAt(one, rest)[part!.id]! - 0.5,
    );
  });
});

describe('the ladder', () => {
  test('gentlest first, each filtered by the brief, with what it takes', () => {
    const { parts } = of(short(6, { heat: true }));
    const work = parts[0]!.ladder.filter(({ remedy }) => remedy.kind === 'work');
    expect(work.map(({ remedy, allowed, enough }) => [remedy.kind === 'work' && remedy.work, allowed, enough])).toEqual(
      [
        ['heat', true, true],
        ['move', false, true],
        ['trimPlastic', false, true],
      ],
    );
    // 30 min a side, both sides, at 60 an hour.
    expect(work[0]).toMatchObject({ minutes: 60, cost: 60, worse: [] });
  });
  test('a way that does not reach says so, and what it leaves', () => {
    const [part] = of(short(12, { heat: true })).parts;
    const [heat] = part!.ladder;
    expect(heat).toMatchObject({ enough: false, remedy: { mm: expect.closeTo(8, 9) } });
    expect(heat!.clearanceMm).toBeCloseTo(part!.clearanceMm + 8, 1);
  });
  test('a wheel moved says what else it takes room from', () => {
    const offset = of(short(6, {})).parts[0]!.ladder.find(({ remedy }) => remedy.kind === 'offset')!;
    expect(offset.enough).toBe(true);
    expect(offset.worse.length).toBeGreaterThan(0);
  });
  test('every kind of part has its ladder; what carries the wheel is not worked on', () => {
    for (const kind of ['strut', 'tie-rod-end', 'ball-joint', 'arm', 'frame', 'tank'] as const)
      expect(RUNGS[kind]).toEqual([]);
    expect(RUNGS.seam.map(({ work, structural }) => [work, structural])).toEqual([
      ['fold', false],
      ['cut', true],
    ]);
  });
});

describe('the cheapest set', () => {
  test('the gentlest way that reaches, done and swept anew', () => {
    const { proposals } = of(short(6, { heat: true, move: true, trimPlastic: true }));
    expect(proposals[0]!.remedies.map(({ remedy }) => remedy)).toEqual([
      expect.objectContaining({ kind: 'work', work: 'heat' }),
    ]);
    expect(proposals[0]!.cost).toBe(60);
    expect(proposals[0]!.leastMarginMm).toBeGreaterThan(-0.11);
  });
  test('more than heat can do goes to the next rung', () => {
    const { proposals } = of(short(12, { heat: true, move: true, trimPlastic: true }));
    expect(proposals[0]!.remedies[0]!.remedy).toMatchObject({ work: 'move' });
    expect(proposals[0]!.cost).toBe(80);
  });
  test('another offset is proposed beside it where it costs less, and its setup stands the same to evaluate', () => {
    const job = short(6, { heat: true });
    const other = of(job).proposals.at(-1)!;
    expect(other.remedies).toEqual([expect.objectContaining({ remedy: expect.objectContaining({ kind: 'offset' }) })]);
    expect(
      roomOf({ job, setup: other.setup, axle: 'front', sure: {} }).room.every(
        ({ code, margin }) => !code.startsWith('obstacle:') || margin! >= -0.01,
      ),
    ).toBe(true);
  });
  test('what is not allowed is never proposed, and why there is nothing is said', () => {
    // The target leaves no offset to go to, and the car has studs that a spacer would leave too short.
    const { pokeMm } = evaluateSetup(KITE, setupOf(KITE, 'a')).front;
    const held = short(6, { heat: false }, [['brief/pokeMm', { min: pokeMm! - 0.2, max: pokeMm! + 0.2 }]]);
    const { proposals, stuck } = of(held);
    expect(proposals).toEqual([]);
    expect(stuck).toContain('Liner: what would help is not allowed');
    expect(
      of(short(6, { heat: true }, [['brief/pokeMm', { min: pokeMm! - 0.2, max: pokeMm! + 0.2 }]])).proposals,
    ).toHaveLength(1);
  });
  test('against the budget, and a budget of nothing', () => {
    const within = (budget: number | null, prices: object = PRICES) =>
      of(
        short(6, { heat: true }, [
          ['brief/budget', budget],
          ['brief/prices', prices],
        ]),
      ).proposals[0]!.withinBudget;
    expect([within(100), within(60), within(59), within(0), within(null)]).toEqual([true, true, false, false, null]);
    expect(within(100, {})).toBeNull();
  });
  test('it never takes room from anything else unless it says so', () => {
    for (const id of ['b', 'c', 'd']) {
      const job = changed(
        HAUL,
        [
          'brief/remedies',
          { heat: true, move: true, trimPlastic: true, trimFlap: true, fold: true, lift: { kind: 'body', mostMm: 40 } },
        ],
        ['brief/prices', PRICES],
      );
      const before = roomOf({ job, setup: setupOf(job, id), axle: 'front', sure: {}, exact: true }).room;
      for (const { setup, worse, remedies } of remediesOf({ job, setup: setupOf(job, id), axle: 'front' }).proposals) {
        const works = remedies
          .filter(({ remedy }) => remedy.kind === 'work')
          .map(({ remedy }) => remedy.kind === 'work' && `obstacle:${remedy.part}`);
        for (const was of before) {
          const is = roomOf({ job, setup, axle: 'front', sure: {}, exact: true }).room.find(
            ({ code }) => code === was.code,
          )!;
          const lost = was.margin === null || is.margin === null ? 0 : was.margin - is.margin;
          if (lost > 0.06 && !works.includes(was.code)) expect(worse.map(({ code }) => code)).toContain(was.code);
        }
      }
    }
  });
  test('a brake that lacks room is not helped by a wheel whose inside nobody knows', () => {
    const { proposals, stuck } = remediesOf({ job: KITE, setup: setupOf(KITE, 'b'), axle: 'front' });
    expect(proposals).toEqual([]);
    expect(stuck.join()).toContain('the inside of another wheel is not known');
  });
  test('where everything has its limit there is nothing to do', () =>
    expect(of(short(-2, {}))).toMatchObject({ clears: true, parts: [], proposals: [], stuck: [] }));
});
