import fc from 'fast-check';
import { DomainError } from '#core/errors';
import {
  applyEdits,
  copyOfSetup,
  editsMeet,
  freeSetupId,
  inverseEdits,
  setupFromPresent,
  valueAt,
  type Edit,
} from '#core/job';
import { jobStanding, stationProgress } from '#core/standing';
import { example } from '#support/jobs';

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
  fc.nat({ max: 999 }).map((n): Edit => ({
    op: 'add-setup',
    setup: { id: `n${n}` },
    after: n % 3 === 0 ? null : n % 3 === 1 ? 'a' : undefined,
  })),
);

describe('edits', () => {
  test('the inverse edits bring back exactly what was', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(edit, {
          maxLength: 8,
          selector: (one) => (one.op === 'add-setup' ? one.setup.id : JSON.stringify(one)),
        }),
        (edits) => {
          const before = example();
          const after = applyEdits(before, edits);
          expect(applyEdits(after, inverseEdits(before, edits))).toEqual(before);
          expect(before).toEqual(example());
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
