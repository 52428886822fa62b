import { applyEdits, type Edit } from '#core/job';
import type { Saved } from '#server/saved';
import type { OpenJob } from '#formats/openJob';
import { EXAMPLE } from '#support/jobs';
import { jobReducer, startState, waitingEdits, type JobAction, type JobState } from './jobState';
import { withReadings } from './withReadings';

const open = (revision: number, edits: Edit[] = []): OpenJob => ({
  id: 'x',
  number: 'SK-001',
  revision,
  job: applyEdits(EXAMPLE, edits),
  updatedAt: '',
  archived: false,
  readings: [],
  undo: null,
  redo: null,
  rulesMoved: null,
});
const title = (value: string): Edit => ({ op: 'set', path: ['title'], value });
const after = (state: JobState, ...actions: JobAction[]): JobState => actions.reduce(jobReducer, state);
const AT = '2026-03-01T09:30:00.000Z';
const edit = (...edits: Edit[]): JobAction => ({ type: 'edit', edits, at: AT });
const savedAt = (revision: number, more: Partial<Saved> = {}): JobAction => ({
  type: 'answer',
  result: {
    status: 'saved',
    made: 'as sent',
    revision,
    updatedAt: AT,
    undo: 'job title',
    redo: null,
    readings: [],
    withdrawn: { ids: [], withdrawn: false },
    dropped: [],
    ...more,
  },
});

test('an edit shows at once and waits to be saved', () => {
  const state = after(startState(open(1)), edit(title('new')));
  expect([state.job.title, state.save.name, state.server.job.title]).toEqual(['new', 'saving', EXAMPLE.title]);
});
test('a held key is one change; edits made while one is on its way wait behind it', () => {
  let state = after(startState(open(1)), edit(title('1')), edit(title('2')), edit(title('3')));
  expect(waitingEdits(state)).toEqual([title('3')]);
  state = after(state, { type: 'sending' }, edit(title('4')));
  expect(state.queue.map((task) => task.kind === 'edits' && task.edits)).toEqual([[title('3')], [title('4')]]);
  state = after(state, savedAt(2));
  expect([state.job.title, state.server.job.title, state.server.revision, state.save.name]).toEqual([
    '4',
    '3',
    2,
    'saving',
  ]);
});
test('a server that does not answer takes nothing away', () => {
  let state = after(
    startState(open(1)),
    edit(title('kept')),
    { type: 'sending' },
    { type: 'answer', result: { status: 'unreachable', why: 'no answer' } },
  );
  expect([state.save.name, state.job.title, waitingEdits(state)]).toEqual(['failed', 'kept', [title('kept')]]);
  state = after(state, { type: 'retry' });
  expect(state.save.name).toBe('saving');
});
test('a refusal keeps what was typed until it is taken back', () => {
  const faults = [{ path: 'title', message: 'is too long' }];
  let state = after(
    startState(open(1)),
    edit(title('bad')),
    { type: 'sending' },
    { type: 'answer', result: { status: 'invalid', faults } },
  );
  expect(state.save).toEqual({ name: 'refused', faults });
  expect(state.job.title).toBe('bad');
  state = after(state, { type: 'drop-edits' });
  expect([state.job.title, state.save.name]).toEqual([EXAMPLE.title, 'saved']);
});
describe('a change from elsewhere', () => {
  const conflict = after(
    startState(open(1)),
    edit(title('mine')),
    { type: 'sending' },
    {
      type: 'answer',
      result: {
        status: 'conflict',
        open: open(3, [{ op: 'set', path: ['brief', 'notes'], value: 'theirs' }]),
        changes: [],
        earlier: 0,
      },
    },
  );
  test('waits for a choice and shows mine meanwhile', () => {
    expect([conflict.save.name, conflict.job.title]).toEqual(['conflict', 'mine']);
  });
  test('mine on top of theirs', () => {
    const state = after(conflict, { type: 'keep-mine' });
    expect([state.job.title, state.job.brief!.notes, state.server.revision, state.save.name]).toEqual([
      'mine',
      'theirs',
      3,
      'saving',
    ]);
  });
  test('theirs instead of mine', () => {
    const state = after(conflict, { type: 'take-theirs' });
    expect([state.job.title, state.job.brief!.notes, waitingEdits(state), state.save.name]).toEqual([
      EXAMPLE.title,
      'theirs',
      [],
      'saved',
    ]);
  });
  test('mine on a setup that is gone says so instead of guessing', () => {
    const gone = open(3, [{ op: 'remove-setup', id: 'a' }]);
    const state = after(
      startState(open(1)),
      edit({ op: 'set', path: ['setups', 'a', 'label'], value: 'x' }),
      { type: 'sending' },
      { type: 'answer', result: { status: 'conflict', open: gone, changes: [], earlier: 0 } },
      { type: 'keep-mine' },
    );
    expect(state.save).toMatchObject({
      name: 'refused',
      faults: [{ message: expect.stringContaining('no longer exists') }],
    });
  });
  test('an undo meant the history as it was shown: it is dropped, the new state is taken', () => {
    const state = after(
      startState(open(1)),
      { type: 'step', step: 'undo' },
      { type: 'sending' },
      { type: 'answer', result: { status: 'conflict', open: open(2, [title('theirs')]), changes: [], earlier: 0 } },
    );
    expect([state.job.title, state.queue, state.save.name]).toEqual(['theirs', [], 'saved']);
  });
});
test('different edits are different changes, however fast they come', () => {
  const notes: Edit = { op: 'set', path: ['brief', 'notes'], value: 'x' };
  const state = after(startState(open(1)), edit(title('1')), edit(notes), edit(title('2')), edit(title('3')));
  expect(state.queue.map((task) => task.kind === 'edits' && task.edits)).toEqual([[title('1')], [notes], [title('3')]]);
});
test('an undo waits behind edits that are not saved yet', () => {
  const state = after(startState(open(1)), edit(title('x')), { type: 'step', step: 'undo' });
  expect(state.queue.map(({ kind }) => kind)).toEqual(['edits', 'undo']);
});
test('edits from before a reload go out on the revision they were made on', () => {
  const state = after(startState(open(5)), { type: 'restore', revision: 3, edits: [title('kept')], at: AT });
  expect([state.server.revision, state.job.title, state.save.name]).toEqual([3, 'kept', 'saving']);
});

describe('what was on the table stays the same objects', () => {
  const gap: Edit = {
    op: 'set',
    path: ['vehicle', 'front', 'room', 'outboardGapMm'],
    value: 15,
    taken: { instrument: 'caliper', uncertaintyMm: 0.1 },
  };
  const kept = { id: 7, corner: 'front', key: 'room.outboardGapMm', value: 15, instrument: 'caliper' as const };
  const entry = { ...kept, uncertaintyMm: 0.1, takenAt: '2026-03-01T09:30:01.000Z' };

  test('after a save, with edits behind it or none', () => {
    const sent = after(startState(open(1)), edit(title('1')), { type: 'sending' }, edit(gap));
    const saved = after(sent, savedAt(2));
    expect(saved.job).toBe(sent.job);
    const all = after(saved, { type: 'sending' }, savedAt(3, { readings: [entry] }));
    expect(all.job).toBe(sent.job);
    expect(all.server.job).toBe(all.job);
  });

  test('a reading counts with its tool as soon as it is typed, and is not judged again when it is saved', () => {
    const typed = after(startState(open(1)), edit(gap));
    expect(typed.readings).toEqual([{ ...entry, id: -1, takenAt: AT }]);
    const car = withReadings(typed.job.vehicle, typed.readings);
    expect(car.front!.readings).toHaveLength(1);
    const saved = after(typed, { type: 'sending' }, savedAt(2, { readings: [entry] }));
    expect(saved.readings).toEqual([entry]);
    expect(withReadings(saved.job.vehicle, saved.readings)).toBe(car);
    const undone = after(
      saved,
      { type: 'step', step: 'undo' },
      { type: 'sending' },
      savedAt(3, { made: [{ ...gap, value: 14 }], withdrawn: { ids: [7], withdrawn: true } }),
    );
    expect(undone.readings).toEqual([{ ...entry, withdrawn: true }]);
    expect(undone.job.vehicle.front!.room!.outboardGapMm).toBe(14);
    expect(undone.job.setups).toBe(saved.job.setups);
    expect(withReadings(undone.job.vehicle, undone.readings)).not.toBe(car);
    const again = after(undone, savedAt(4, { withdrawn: { ids: [7], withdrawn: false } }));
    expect(again.readings).toEqual([entry]);
    expect(after(again, savedAt(5, { dropped: [7] })).readings).toEqual([]);
  });
});
