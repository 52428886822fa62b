import fc from 'fast-check';
import { DomainError } from '#core/errors';
import type { Fitting } from '#core/fitting';
import {
  applyEdits,
  copyOfSetup,
  editsMeet,
  freeSetupId,
  inverseEdits,
  setupFromPresent,
  valueAt,
  type Edit,
  type Job,
} from '#core/job';
import { jobStanding, stationProgress } from '#core/standing';
import { example } from '#support/jobs';

/** As it is in the list, its keys in another order. */
const row = { takenAt: 'T', nm: 90, fastener: 9, stage: 0, joint: 'wheel' };

const edit: fc.Arbitrary<Edit> = fc.oneof(
  fc.record({
    op: fc.constant('set' as const),
    path: fc.constantFrom<string[][]>(
      ['title'],
      ['vehicle', 'front', 'room', 'outboardGapMm'],
      ['vehicle', 'rear', 'suspension', 'bumpMm'],
      ['brief', 'limits', 'inboardMm'],
      ['setups', 'a', 'front', 'wheel', 'offsetMm'],
      ['setups', 'b', 'suspensionChange', 'front', 'mm'],
    ),
    value: fc.integer(),
  }),
  fc.record({
    op: fc.constant('clear' as const),
    path: fc.constantFrom<string[][]>(
      ['brief', 'notes'],
      ['vehicle', 'flangeMm'],
      ['setups', 'a', 'front'],
      ['setups', 'b', 'label'],
    ),
  }),
  fc.nat({ max: 9 }).map((n): Edit => ({
    op: 'fill',
    path: ['fittings', 'f1', 'corners', 'frontRight', 'steps', `step-${n}`],
    value: { doneAt: `T${n}` },
  })),
  fc.nat({ max: 99 }).map((n): Edit => ({
    op: 'add',
    path: ['fittings', 'f1', 'corners', 'frontRight', n % 2 ? 'torque' : 'marks'],
    value: n % 2 ? { stage: n, fastener: 1 } : { id: `m${n}`, clockDeg: n },
    ...(n % 3 === 0 ? { at: 0 } : {}),
  })),
  fc.constantFrom<Edit[]>(
    { op: 'add', path: ['fittings'], value: { id: 'f2' } },
    { op: 'remove', path: ['fittings'], value: { id: 'f0' } },
    { op: 'remove', path: ['fittings', 'f1', 'corners', 'frontRight', 'torque'], value: row },
    { op: 'set', path: ['fittings', 'f1', 'note'], value: 'typed' },
  ),
  fc.nat({ max: 999 }).map((n): Edit => ({
    op: 'add-setup',
    setup: { id: `n${n}` },
    after: n % 3 === 0 ? null : n % 3 === 1 ? 'a' : undefined,
  })),
);

const fitted = (id: string): Fitting => ({
  id,
  kind: 'final',
  startedAt: '2026-03-02T08:40:00Z',
  corners: {
    frontRight: {
      setup: 'b',
      steps: { 'step-1': { doneAt: 'T' } },
      torque: [{ joint: 'wheel', stage: 0, fastener: 9, nm: 90, takenAt: 'T' }],
    },
  },
});
const fittedTwice = (): Job => ({ ...example(), fittings: [fitted('f0'), fitted('f1')] });

describe('edits', () => {
  test('the inverse edits bring back exactly what was', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(edit, {
          maxLength: 8,
          selector: (one) => (one.op === 'add-setup' ? one.setup.id : JSON.stringify(one)),
        }),
        (edits) => {
          const before = fittedTwice();
          const after = applyEdits(before, edits);
          expect(applyEdits(after, inverseEdits(before, edits))).toEqual(before);
          expect(before).toEqual(fittedTwice());
        },
      ),
    );
  });
  test('a removed setup comes back in its place', () => {
    for (const id of ['a', 'b']) {
      const edits: Edit[] = [{ op: 'remove-setup', id }];
      const job = example();
      expect(applyEdits(applyEdits(job, edits), inverseEdits(job, edits)).setups.map((setup) => setup.id)).toEqual([
        'a',
        'b',
      ]);
    }
  });
  test('parts that no edit touches stay the same objects', () => {
    const job = example();
    const after = applyEdits(job, [{ op: 'set', path: ['setups', 'a', 'front', 'wheel', 'offsetMm'], value: 35 }]);
    expect(after.vehicle).toBe(job.vehicle);
    expect(after.setups[1]).toBe(job.setups[1]);
    expect(after.setups[0]!.rear).toBe(job.setups[0]!.rear);
    expect(valueAt(after, ['setups', 'a', 'front', 'wheel', 'offsetMm'])).toBe(35);
    expect(valueAt(after, ['setups', 'zz', 'front'])).toBeUndefined();
  });
  test.each([
    [{ op: 'set', path: ['__proto__', 'polluted'], value: 1 }],
    [{ op: 'set', path: ['vehicle', 'constructor', 'x'], value: 1 }],
    [{ op: 'set', path: ['title', 'deeper'], value: 1 }],
    [{ op: 'set', path: ['setups', 'zz', 'label'], value: 'x' }],
    [{ op: 'remove-setup', id: 'zz' }],
    [{ op: 'add-setup', setup: { id: 'a' } }],
  ] as [Edit][])('%j is refused', (bad) => {
    expect(() => applyEdits(example(), [bad])).toThrow(DomainError);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
  const torque = ['fittings', 'f1', 'corners', 'frontRight', 'torque'];
  const added = (value: unknown): Edit => ({ op: 'add', path: torque, value });
  test.each<[string, Edit]>([
    ['a row that is there already', added(row)],
    ['one that is not there', { op: 'remove', path: torque, value: { ...row, nm: 91 } }],
    ['a list that is none', { op: 'add', path: ['title'], value: 1 }],
    ['a member set as a whole', { op: 'set', path: ['fittings', 'f1'], value: {} }],
    ['a fitting that is not there', { op: 'set', path: ['fittings', 'f9', 'note'], value: '' }],
  ])('%s is refused', (_, bad) => expect(() => applyEdits(fittedTwice(), [bad])).toThrow(DomainError));

  test('a place that is filled keeps what stands there, and taking that back changes nothing', () => {
    const fill: Edit = { op: 'fill', path: ['fittings', 'f1', 'corners', 'frontRight', 'steps', 'step-1'], value: {} };
    const job = fittedTwice();
    expect(applyEdits(job, [fill])).toBe(job);
    expect(inverseEdits(job, [fill])).toEqual([]);
    expect(editsMeet(fill, fill)).toBe(false);
    expect(editsMeet(fill, { op: 'clear', path: fill.path })).toBe(true);
  });

  test('rows of one list do not meet, the same row does', () => {
    expect(editsMeet(added({ nm: 1 }), added({ nm: 2 }))).toBe(false);
    expect(editsMeet(added({ nm: 1, stage: 2 }), { op: 'remove', path: torque, value: { stage: 2, nm: 1 } })).toBe(
      true,
    );
    expect(editsMeet(added({ nm: 1 }), { op: 'clear', path: torque.slice(0, 4) })).toBe(true);
  });

  test('edits meet when one concerns the place of the other', () => {
    const at = (...path: string[]): Edit => ({ op: 'set', path, value: 1 });
    expect(editsMeet(at('vehicle', 'front', 'room'), at('vehicle', 'front', 'room', 'archGapMm'))).toBe(true);
    expect(editsMeet(at('vehicle', 'front'), at('vehicle', 'rear'))).toBe(false);
    expect(editsMeet({ op: 'remove-setup', id: 'a' }, at('setups', 'a', 'front'))).toBe(true);
    expect(editsMeet({ op: 'remove-setup', id: 'a' }, at('setups', 'b', 'front'))).toBe(false);
  });
});

describe('new setups', () => {
  test('start from what is on the car, under a free id', () => {
    const job = example();
    const setup = setupFromPresent(job);
    expect(setup).toMatchObject({
      id: 'c',
      front: { wheel: { offsetMm: 38 }, tire: { size: '195/60R15' }, stack: [] },
    });
    expect(setup.front!.wheel).not.toBe(job.vehicle.front!.baseline!.wheel);
    const many = {
      ...job,
      setups: Array.from({ length: 30 }, (_, n) => ({ id: n < 26 ? String.fromCharCode(97 + n) : `s${n + 1}` })),
    };
    expect(freeSetupId(many)).toBe('s31');
    expect(copyOfSetup(job, job.setups[0]!)).toMatchObject({ id: 'c', label: '17 x 7.5 +40 copy' });
  });
});

describe('where a job stands', () => {
  test('readings, then a setup, then a decision', () => {
    const job = example();
    expect(jobStanding(job)).toMatchObject({ waitsFor: 'decision', missing: [], verdicts: { caution: 2, unknown: 0 } });
    expect(jobStanding({ ...job, setups: [] }).waitsFor).toBe('setups');
    const bare = applyEdits(job, [{ op: 'clear', path: ['vehicle', 'rear', 'room', 'archGapMm'] }]);
    expect(jobStanding(bare)).toMatchObject({
      waitsFor: 'readings',
      missing: [{ axle: 'rear', name: 'fender clearance' }],
    });
    expect(stationProgress(bare, 'room')).toEqual({ done: 13, total: 14 });
  });
});
