import fc from 'fast-check';
import type { Edit, Job } from '#core/job';
import { MOST_READINGS } from '#formats/job';
import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { ReadingRow } from '#server/database/models';
import { saveEdits, stepHistory } from '#server/edits';
import { createJob } from '#server/jobs';
import { openJob } from '#server/openJob';
import { listen } from '#server/live/hub';
import type { LiveEvents } from '#server/live/records';
import { jobReducer, startState, type JobAction, type JobState } from './jobState';

freshDatabase();

const gap = (value: number): Edit => ({
  op: 'set',
  path: ['vehicle', 'front', 'room', 'outboardGapMm'],
  value,
  taken: { instrument: 'steel-rule', uncertaintyMm: 0.5 },
});

/** What a table does with its first task: sends it, and takes the answer. */
async function send(state: JobState): Promise<JobState> {
  const [task] = state.queue;
  const { id, revision } = state.server;
  const sending = jobReducer(state, { type: 'sending' });
  const result = await (task!.kind === 'edits'
    ? saveEdits(id, revision, task!.edits)
    : stepHistory(id, revision, task!.kind));
  return jobReducer(sending, { type: 'answer', result });
}

const edited = (...edits: Edit[]): JobAction => ({ type: 'edit', edits, at: '2026-03-01T09:30:00.000Z' });
const ACTIONS: fc.Arbitrary<JobAction> = fc.oneof(
  fc.integer({ min: 1, max: 60 }).map((value) => edited(gap(value))),
  fc.constantFrom('one', 'two').map((value) => edited({ op: 'set', path: ['title'], value })),
  fc.constant(edited({ op: 'clear', path: ['brief'] })),
  fc.constant(edited({ op: 'clear', path: ['vehicle', 'front', 'room', 'outboardGapMm'] }, gap(9))),
  fc.nat(3).map((n) => edited({ op: 'add-setup', setup: { id: `n${n}` }, after: null })),
  fc.nat(3).map((n) => edited({ op: 'remove-setup', id: `n${n}` })),
  fc.constantFrom<JobAction>({ type: 'step', step: 'undo' }, { type: 'step', step: 'redo' }),
);

test('what a table makes of the answers is what the server has, to the last reading', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(ACTIONS, { minLength: 1, maxLength: 12 }), async (actions) => {
      const id = await createJob(example());
      let state = startState((await openJob(id))!);
      for (const action of actions) {
        state = jobReducer(state, action);
        while (state.queue.length > 0 && state.save.name === 'saving') state = await send(state);
        // A setup that is there already, or not any more: refused on both sides, and taken back.
        if (state.save.name === 'refused') state = jobReducer(state, { type: 'drop-edits' });
      }
      expect(state.server).toEqual(await openJob(id));
      expect(state.job).toBe(state.server.job);
    }),
    { numRuns: 25 },
  );
});

test('what another screen makes of what it hears is what the server has, undone and done again too', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(ACTIONS, { minLength: 1, maxLength: 10 }), async (actions) => {
      const id = await createJob(example());
      const said: LiveEvents['saved'][] = [];
      const session = {
        once: () => {},
        isConnected: true,
        push: (data: unknown, event: string) => event === 'saved' && said.push(data as never),
      };
      listen(id, { session: session as never, heard: 1, name: null, waitingBytes: () => 0, close: () => {} });
      let [mine, theirs] = [startState((await openJob(id))!), startState((await openJob(id))!)];
      for (const action of actions) {
        mine = jobReducer(mine, action);
        while (mine.queue.length > 0 && mine.save.name === 'saving') mine = await send(mine);
        if (mine.save.name === 'refused') mine = jobReducer(mine, { type: 'drop-edits' });
        // Each goes over the wire as text.
        for (const saved of said.splice(0))
          theirs = jobReducer(theirs, {
            type: 'heard',
            saved: JSON.parse(JSON.stringify(saved)) as LiveEvents['saved'],
          });
      }
      expect(theirs.server).toEqual(await openJob(id));
      expect(theirs.job).toBe(theirs.server.job);
    }),
    { numRuns: 20 },
  );
});

test('what is heard twice, too early, or while something waits here changes nothing', async () => {
  const id = await createJob(example());
  const at = startState((await openJob(id))!);
  const result = await saveEdits(id, at.server.revision, [gap(21)]);
  const saved = { ...result, made: [gap(21)] } as unknown as LiveEvents['saved'];
  const heard = jobReducer(at, { type: 'heard', saved });
  expect(heard.foreign).toBe(1);
  expect(jobReducer(heard, { type: 'heard', saved })).toBe(heard);
  expect(jobReducer(at, { type: 'heard', saved: { ...saved, revision: saved.revision + 1 } })).toBe(at);
  const busy = jobReducer(at, edited(gap(22)));
  expect(jobReducer(busy, { type: 'heard', saved })).toBe(busy);
  const open = (await openJob(id))!;
  expect(jobReducer(busy, { type: 'fresh', open })).toBe(busy);
  expect(jobReducer(at, { type: 'fresh', open })).toMatchObject({ foreign: 1, server: { revision: saved.revision } });
});

test('an answer is as small after 10,000 readings as after 10', async () => {
  const history = (count: number): Job => {
    const job = example();
    for (const corner of ['front', 'rear'] as const)
      job.vehicle[corner]!.readings = Array.from({ length: count / 2 }, () => ({
        key: 'room.outboardGapMm',
        value: 14,
        instrument: 'steel-rule',
        uncertaintyMm: 0.5,
        takenAt: '2026-03-01T09:30:00.000Z',
      }));
    return job;
  };
  const bytes = async (count: number): Promise<number> => {
    const id = await createJob(history(count));
    return JSON.stringify(await saveEdits(id, 1, [gap(15)])).length;
  };
  const few = await bytes(10);
  expect(few).toBeLessThan(600);
  // Ids of more digits, and the oldest that had to go.
  expect((await bytes(2 * MOST_READINGS)) - few).toBeLessThan(40);
});

test('what goes because there are only so many goes from the table too', async () => {
  const job = example();
  job.vehicle.front!.readings = Array.from({ length: MOST_READINGS }, (_, at) => ({
    key: 'room.outboardGapMm',
    value: at % 60,
    instrument: 'steel-rule',
    uncertaintyMm: 0.5,
    takenAt: '2026-03-01T09:30:00.000Z',
  }));
  const id = await createJob(job);
  let state = jobReducer(startState((await openJob(id))!), edited(gap(15)));
  state = await send(state);
  expect(await ReadingRow.count({ where: { jobId: id } })).toBe(MOST_READINGS);
  expect(state.server).toEqual(await openJob(id));
});

test('a save that comes late is told the last 50 changes, and how many there were before', async () => {
  const id = await createJob(example());
  for (let revision = 1; revision <= 53; revision++) await saveEdits(id, revision, [gap(revision)]);
  const late = await saveEdits(id, 1, [gap(99)]);
  if (late.status !== 'conflict') throw new Error(late.status);
  expect([late.earlier, late.changes.length]).toEqual([3, 50]);
  expect(late.changes.map(({ edits }) => (edits[0] as { value: number }).value)).toEqual(
    Array.from({ length: 50 }, (_, at) => at + 4),
  );
});
