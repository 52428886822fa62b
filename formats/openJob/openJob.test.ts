import fc from 'fast-check';
import type { Job } from '#core/job';
import { historyEntry, openJobOf, openJobText, wholeJob, type HistoryEntry, type OpenJob, type ReadingTold } from '.';

const job: Job = { format: 'scoval.job', version: 1, vehicle: { label: 'Brindle Kite "A"' }, setups: [] };
const BESIDE = {
  id: 'b000000001',
  number: '0001',
  revision: 3,
  updatedAt: '2026-11-01T12:00:00.000Z',
  archived: false,
  undo: 'front arch gap',
  redo: null,
  rulesMoved: null,
} satisfies Omit<OpenJob, 'job' | 'readings'>;

const MARK = { id: 'i1', label: 'rule 3', uncertaintyMm: 0.5 };
const FIRST: ReadingTold = [
  1,
  'front',
  'room.archGapMm',
  0.1 + 0.2,
  2,
  'steel-rule',
  null,
  null,
  BESIDE.updatedAt,
  0,
  2,
];
const LATER: ReadingTold = [
  7,
  'rear',
  'hub.boreMm',
  null,
  null,
  null,
  JSON.stringify(MARK),
  '0004',
  BESIDE.updatedAt,
  1,
  3,
];
const textOf = (readings: readonly ReadingTold[]) =>
  openJobText(BESIDE, { job: JSON.stringify(job), readings: JSON.stringify(readings) });

test('a job as one text is the same job, to the last digit', () => {
  const open = openJobOf(textOf([FIRST, LATER]));
  expect(open).toEqual({
    ...BESIDE,
    job,
    readings: [
      {
        ...{ id: 1, corner: 'front', key: 'room.archGapMm', value: 0.30000000000000004, uncertaintyMm: 2 },
        ...{ instrument: 'steel-rule', takenAt: BESIDE.updatedAt },
      },
      {
        ...{ id: 7, corner: 'rear', key: 'hub.boreMm', value: null, uncertaintyMm: null, instrument: null },
        ...{ takenAt: BESIDE.updatedAt, shopInstrument: MARK, fromJob: '0004', withdrawn: true },
      },
    ],
  });
});

test('every number and every text of a reading goes through it', () => {
  const readings = fc.array(
    fc.tuple(fc.string({ unit: 'binary' }), fc.double({ noNaN: true, noDefaultInfinity: true })),
  );
  fc.assert(
    fc.property(readings, (all) => {
      const told = all.map(([key, value], id): ReadingTold => {
        const plain = value === 0 ? 0 : value;
        return [id, 'front', key, plain, null, null, null, null, BESIDE.updatedAt, 0, 1];
      });
      const back = openJobOf(textOf(told)).readings;
      expect(back.map(({ key, value }) => [key, value])).toEqual(told.map(([, , key, value]) => [key, value]));
    }),
  );
});

test.each(['{', '{"vehicle":', '', 'Brindle'])('a damaged document is told: %s', (damaged) => {
  expect(() => openJobOf(openJobText(BESIDE, { job: damaged, readings: '[]' }))).toThrow(SyntaxError);
});

const reading = (id: number, corner: string): HistoryEntry =>
  historyEntry({
    ...{ id, corner, key: 'room.archGapMm', value: id, uncertaintyMm: 2, instrument: 'steel-rule' },
    ...{ takenAt: BESIDE.updatedAt, shopInstrument: null, fromJob: null, withdrawn: false },
  });

test('a whole job has its readings at their axles, in their order, and the terms of the shop where it has any', () => {
  const whole = wholeJob({ job, readings: [reading(1, 'rear'), reading(2, 'front'), reading(3, 'rear')] }, {});
  expect(whole.vehicle.rear!.readings!.map(({ value }) => value)).toEqual([1, 3]);
  expect(whole.vehicle.front!.readings).toHaveLength(1);
  expect(whole).not.toHaveProperty('house');
  expect(whole.vehicle.front!.readings![0]).not.toHaveProperty('corner');
  expect(job.vehicle).toEqual({ label: 'Brindle Kite "A"' });
  const house = { limits: { archMm: 12 } };
  expect(wholeJob({ job, readings: [] }, house)).toEqual({ ...job, house });
});
