/** @jest-environment jest-fixed-jsdom */
import { act, render, screen } from '@testing-library/react';
import { useSyncExternalStore } from 'react';
import { KITE } from '#support/jobs';

/** Questions by their number, each answered when it is told to. */
interface Question {
  stopped: boolean;
  tell(share: number): void;
  answer(value: string | null): void;
  die(): void;
}
const questions: Question[] = [];
let died = false;
const listeners = new Set<() => void>();
const setDied = (now: boolean) => {
  died = now;
  for (const listener of listeners) listener();
};
jest.mock('../workers/sweepWorker', () => ({
  sweepWorker: () => ({
    call: (ask: (work: unknown, call: number, tell: (share: number) => void) => unknown, tell: () => void) => {
      // What the store sweeps for itself is not asked here.
      if (ask({ sweep: () => 'sweep', spread: () => 'sweep' }, 0, () => {}) === 'sweep')
        return { answer: new Promise(() => {}), stop: () => {} };
      const question = { stopped: false, tell } as Partial<Question>;
      const answer = new Promise((resolve, reject) => {
        question.answer = resolve;
        question.die = () => {
          reject(new Error('died'));
          setDied(true);
        };
      });
      questions.push(question as Question);
      return { answer, stop: () => (question.stopped = true) };
    },
    died: () => died,
    revive: () => died && setDied(false),
    subscribe: (listener: () => void) => (listeners.add(listener), () => listeners.delete(listener)),
    end: () => {},
  }),
}));

import { TableOf } from '../testing/TableOf';
import { useAsked } from './useAsked';
import { useSweeps } from './SweepsContext';

const QUESTION = () => Promise.resolve(null);
function Whole({ about, byItself }: { about: string; byItself: boolean }) {
  const asked = useAsked<string>({ ask: QUESTION, of: about.split(',')[0]!, about: [about], byItself });
  const { store } = useSweeps();
  return (
    <>
      <output>{`${asked.name} ${asked.share} ${asked.value ?? '—'} ${asked.isCurrent ? 'now' : 'before'}`}</output>
      <button type="button" onClick={asked.start}>
        Ask
      </button>
      <button type="button" onClick={asked.stop}>
        Stop
      </button>
      <button type="button" onClick={() => store.again()}>
        Again
      </button>
    </>
  );
}

/** What the question is about, and who hears when it is another. */
const subject = { about: 'a', changed: () => {} };
function Asker({ byItself }: { byItself: boolean }) {
  const about = useSyncExternalStore(
    (listener) => {
      subject.changed = listener;
      return () => {};
    },
    () => subject.about,
  );
  return <Whole about={about} byItself={byItself} />;
}
const said = () => screen.getByRole('status').textContent;
const pass = (ms: number) => act(async () => void (await jest.advanceTimersByTimeAsync(ms)));
const press = (name: string) => act(async () => screen.getByRole('button', { name }).click());
const turnTo = async (next: string) => {
  subject.about = next;
  await act(async () => subject.changed());
};
const lay = (byItself: boolean) =>
  render(
    <TableOf job={{ ...KITE, setups: [] }}>
      <Asker byItself={byItself} />
    </TableOf>,
  );

beforeEach(() => {
  jest.useFakeTimers();
  questions.splice(0);
  [subject.about, died] = ['a', false];
});
afterEach(() => void jest.useRealTimers());

test('asked by itself: once what it is about has stood for a while; progress; the older answer stands in', async () => {
  lay(true);
  await pass(119);
  expect(questions).toHaveLength(0);
  await pass(1);
  await act(async () => questions[0]!.tell(0.4));
  expect(said()).toBe('running 0.4 — before');
  await act(async () => questions[0]!.answer('of a'));
  expect(said()).toBe('done 1 of a now');
  await turnTo('a, nudged');
  expect(said()).toBe('done 1 of a before');
  await pass(120);
  expect(said()).toBe('running 0 of a before');
  await act(async () => questions[1]!.answer('of a, nudged'));
  expect(said()).toBe('done 1 of a, nudged now');
});

test('the newest question wins, whichever answer comes last', async () => {
  lay(true);
  await pass(120);
  await turnTo('b');
  await pass(120);
  expect([questions.length, questions[0]!.stopped]).toEqual([2, true]);
  await act(async () => questions[1]!.answer('of b'));
  await act(async () => questions[0]!.answer('of a'));
  expect(said()).toBe('done 1 of b now');
});

test('asked by hand: it waits, is stopped, and forgets its answer when it is about something else', async () => {
  lay(false);
  await pass(5000);
  expect([said(), questions.length]).toEqual(['idle 0 — before', 0]);
  await press('Ask');
  expect(said()).toBe('running 0 — before');
  await press('Stop');
  await act(async () => questions[0]!.answer(null));
  expect([questions[0]!.stopped, said()]).toEqual([true, 'idle 0 — before']);
  await press('Ask');
  await act(async () => questions[1]!.answer('of a'));
  expect(said()).toBe('done 1 of a now');
  await turnTo('b');
  expect(said()).toBe('idle 0 — before');
});

test('a worker that died is not asked again until it is brought back; then it is, by itself', async () => {
  lay(true);
  await pass(120);
  await act(async () => questions[0]!.die());
  expect(said()).toBe('idle 0 — before');
  await turnTo('b');
  await pass(5000);
  expect(questions).toHaveLength(1);
  await press('Again');
  await pass(120);
  await act(async () => questions[1]!.answer('of b'));
  expect(said()).toBe('done 1 of b now');
});

test('of another one, what was answered does not stand in', async () => {
  lay(true);
  await pass(120);
  await act(async () => questions[0]!.answer('of a'));
  await turnTo('a, nudged');
  expect(said()).toBe('done 1 of a before');
  await turnTo('b');
  expect(said()).toBe('done 1 — before');
});

test('a page that is left stops its question', async () => {
  const { unmount } = lay(true);
  await pass(120);
  unmount();
  expect(questions[0]!.stopped).toBe(true);
});
