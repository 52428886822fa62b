import { applyEdits, type Edit } from '#core/job';
import type { OpenJob } from '#server/jobs';
import { EXAMPLE } from '#support/jobs';
import { jobReducer, startState, waitingEdits, type JobAction, type JobState } from './jobState';

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
const edit = (...edits: Edit[]): JobAction => ({ type: 'edit', edits });

test('an edit shows at once and waits to be saved', () => {
  const state = after(startState(open(1)), edit(title('new')));
  expect([state.job.title, state.save.name, state.server.job.title]).toEqual(['new', 'saving', EXAMPLE.title]);
});
test('a held key is one change; edits made while one is on its way wait behind it', () => {
  let state = after(startState(open(1)), edit(title('1')), edit(title('2')), edit(title('3')));
  expect(waitingEdits(state)).toEqual([title('3')]);
  state = after(state, { type: 'sending' }, edit(title('4')));
  expect(state.queue.map((task) => task.kind === 'edits' && task.edits)).toEqual([[title('3')], [title('4')]]);
  state = after(state, { type: 'answer', result: { status: 'saved', open: open(2, [title('3')]) } });
  expect([state.job.title, state.server.revision, state.save.name]).toEqual(['4', 2, 'saving']);
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
      { type: 'answer', result: { status: 'conflict', open: gone, changes: [] } },
      { type: 'keep-mine' },
    );
    expect(state.save).toMatchObject({
      name: 'refused',
      faults: [{ message: expect.stringContaining('not there any more') }],
    });
  });
  test('an undo meant the history as it was shown: it is dropped, the new state is taken', () => {
    const state = after(
      startState(open(1)),
      { type: 'step', step: 'undo' },
      { type: 'sending' },
      { type: 'answer', result: { status: 'conflict', open: open(2, [title('theirs')]), changes: [] } },
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
  const state = after(startState(open(5)), { type: 'restore', revision: 3, edits: [title('kept')] });
  expect([state.server.revision, state.job.title, state.save.name]).toEqual([3, 'kept', 'saving']);
});
