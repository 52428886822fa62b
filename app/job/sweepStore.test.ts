import { applyEdits, type Job } from '#core/job';
import type { Swept } from '#core/sweep';
import { EXAMPLE } from '#support/jobs';
import type { KeptSweeps } from './keptSweeps';
import type { SweepTask } from '../workers/sweepProtocol';

/** A worker that answers when it is told to. */
interface Call {
  task: SweepTask;
  stopped: boolean;
  answer(swept: Swept | null): void;
  die(): void;
}
const calls: Call[] = [];
/** Draws that were asked for; they answer at once when they may. */
const draws: { setup: string; axle: string; answer(spreads: object): void; stopped: boolean }[] = [];
/** What a worker tells of its death. */
let died = false;
let heardOfDeath = () => {};
const setDied = (now: boolean) => {
  died = now;
  heardOfDeath();
};
jest.mock('../workers/sweepWorker', () => ({
  sweepWorker: () => ({
    call: (ask: (work: unknown, call: number, progress: () => void) => unknown) => {
      let task: SweepTask | undefined;
      let drawn: { setup: { id: string }; axle: string } | undefined;
      const work = {
        sweep: (_call: number, asked: SweepTask) => (task = asked),
        spread: (_call: number, asked: typeof drawn) => (drawn = asked),
      };
      void ask(work, 1, () => {});
      if (drawn) {
        const one = { setup: drawn.setup.id, axle: drawn.axle, stopped: false, answer: (_: object) => {} };
        const answer = new Promise((resolve) => (one.answer = (spreads) => resolve(one.stopped ? null : spreads)));
        draws.push(one);
        return { answer, stop: () => (one.stopped = true) };
      }
      const call: Partial<Call> = { stopped: false };
      Object.assign(call, { task });
      const answer = new Promise((resolve, reject) => {
        call.answer = (swept) => resolve(call.stopped ? null : { swept });
        call.die = () => {
          reject(new Error('died'));
          setDied(true);
        };
      });
      calls.push(call as Call);
      return { answer, stop: () => (call.stopped = true) };
    },
    died: () => died,
    revive: () => died && setDied(false),
    subscribe: (listener: () => void) => (heardOfDeath = listener),
    end: () => {},
  }),
}));

import { SweepStore } from './sweepStore';

const settled = () => new Promise((resolve) => setImmediate(resolve));
const swept = (name: string): Swept => ({
  grid: null,
  restTravelMm: 0,
  parts: [{ id: name } as Swept['parts'][number]],
});
const names = (store: SweepStore, job = EXAMPLE) => {
  const { source } = store.state();
  return job.setups.map((setup) => source.candidate(job, setup, 'front')?.parts[0]?.id);
};
const taskName = (task: SweepTask): string =>
  task.kind === 'present' ? `now ${task.axle}` : `${task.setup.id} ${task.axle}`;
/** Answers everything that is asked for until nothing is. */
async function finish(): Promise<string[]> {
  const order: string[] = [];
  for (let call = calls.shift(); call; call = calls.shift()) {
    const name = taskName(call.task);
    order.push(name);
    call.answer(swept(name));
    await settled();
  }
  return order;
}
beforeEach(() => {
  calls.splice(0);
  draws.splice(0);
  died = false;
});

test('how sure the raised setup is comes once the job is left alone, and goes with a change', async () => {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick'] });
  const store = new SweepStore(null, 1);
  store.follow(EXAMPLE, EXAMPLE.setups[1]!);
  expect(draws).toEqual([]);
  await finish();
  expect(draws).toEqual([]);
  jest.advanceTimersByTime(1200);
  expect(draws.map(({ setup, axle }) => `${setup} ${axle}`)).toEqual(['b front']);
  draws[0]!.answer({ liner: { values: [1], parts: [] } });
  await settled();
  // Left alone as it still is, the next is drawn at once.
  expect(draws.map(({ setup, axle }) => `${setup} ${axle}`)).toEqual(['b front', 'b rear']);
  const spread = () => store.state().source.spread!(EXAMPLE, EXAMPLE.setups[1]!, 'front');
  expect(spread()!()).toHaveProperty('liner');
  const moved = applyEdits(EXAMPLE, [{ op: 'set', path: ['setups', 'b', 'front', 'wheel', 'offsetMm'], value: 12 }]);
  // Another offset is another car to draw: what was drawn stands for the old one alone.
  expect(store.state().source.spread!(moved, moved.setups[1]!, 'front')).toBeUndefined();
  store.follow(moved, moved.setups[1]!);
  await finish();
  // Behind, nothing has changed: that draw goes on.
  expect(draws.map(({ setup, axle, stopped }) => [setup, axle, stopped])).toEqual([
    ['b', 'front', false],
    ['b', 'rear', false],
  ]);
  draws[1]!.answer({});
  await settled();
  jest.advanceTimersByTime(1200);
  expect(draws.at(-1)).toMatchObject({ setup: 'b', axle: 'front' });
  store.end();
  jest.useRealTimers();
});

test('under a hand that goes on nudging no draw is begun; the one under way ends', async () => {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick'] });
  const store = new SweepStore(null, 1);
  store.follow(EXAMPLE, EXAMPLE.setups[1]!);
  await finish();
  jest.advanceTimersByTime(1200);
  expect(draws).toHaveLength(1);
  store.expect();
  draws[0]!.answer({});
  await settled();
  for (let nudge = 0; nudge < 20; nudge++) {
    jest.advanceTimersByTime(100);
    store.expect();
  }
  expect(draws).toHaveLength(1);
  store.follow(structuredClone(EXAMPLE), EXAMPLE.setups[1]!);
  await settled();
  jest.advanceTimersByTime(1200);
  expect(draws).toHaveLength(2);
  store.end();
  jest.useRealTimers();
});

test('the present car first, then the raised setup, then the others; each once', async () => {
  const store = new SweepStore(null, 1);
  expect(store.state().waiting).toBe(-1);
  store.follow(EXAMPLE, EXAMPLE.setups[1]!);
  expect(store.state().waiting).toBe(6);
  expect(await finish()).toEqual(['now front', 'now rear', 'b front', 'b rear', 'a front', 'a rear']);
  expect([store.state().waiting, names(store)]).toEqual([0, ['a front', 'b front']]);
  store.follow(structuredClone(EXAMPLE), EXAMPLE.setups[0]!);
  expect(await finish()).toEqual([]);
});

test('while readings are taken the setups wait, until looked at or the job is left alone for long', async () => {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick'] });
  const store = new SweepStore(null, 1);
  store.follow(EXAMPLE, EXAMPLE.setups[1]!, true);
  expect(await finish()).toEqual(['now front', 'now rear']);
  jest.advanceTimersByTime(9_000);
  expect(calls).toEqual([]);
  // Another reading: the wait begins anew.
  const read = applyEdits(EXAMPLE, [{ op: 'set', path: ['vehicle', 'flangeMm'], value: 12 }]);
  store.follow(read, read.setups[1]!, true);
  expect(await finish()).toEqual(['now front', 'now rear']);
  jest.advanceTimersByTime(9_000);
  // What waits for nobody is not said to be on its way.
  expect([calls.length, draws.length, store.state().waiting]).toEqual([0, 0, 0]);
  jest.advanceTimersByTime(1_000);
  expect(await finish()).toEqual(['b front', 'b rear', 'a front', 'a rear']);
  store.follow(EXAMPLE, EXAMPLE.setups[1]!, true);
  await finish();
  // Somebody goes to the setups.
  store.follow(EXAMPLE, EXAMPLE.setups[1]!);
  expect(await finish()).toEqual(['b front', 'b rear', 'a front', 'a rear']);
  store.end();
  jest.useRealTimers();
});

test('only what has changed is swept anew, and the last sweep stands in meanwhile', async () => {
  const store = new SweepStore(null, 1);
  store.follow(EXAMPLE, null);
  await finish();
  const nudged = applyEdits(EXAMPLE, [{ op: 'set', path: ['setups', 'a', 'front', 'wheel', 'offsetMm'], value: 41 }]);
  store.follow(nudged, nudged.setups[0]!);
  expect(names(store, nudged)).toEqual(['a front', 'b front']);
  expect(await finish()).toEqual(['a front']);
  const told = applyEdits(nudged, [{ op: 'set', path: ['brief', 'notes'], value: 'no rub' }]);
  store.follow(told, null);
  expect(await finish()).toEqual([]);
  const grown = applyEdits(told, [{ op: 'set', path: ['brief', 'sweep'], value: { growth: true } }]);
  store.follow(grown, null);
  expect(await finish()).toEqual(['a front', 'a rear', 'b front', 'b rear']);
});

test('what is under way and not wanted any more is stopped', async () => {
  const store = new SweepStore(null, 1);
  store.follow(EXAMPLE, null);
  const [first] = calls;
  const moved = applyEdits(EXAMPLE, [{ op: 'set', path: ['vehicle', 'front', 'room', 'archGapMm'], value: 80 }]);
  store.follow(moved, null);
  expect(first!.stopped).toBe(true);
  expect((await finish()).length).toBe(7);
  expect(store.state().waiting).toBe(0);
});

test('a setup that is gone does not stand in for a new one of its name', async () => {
  const store = new SweepStore(null, 1);
  store.follow(EXAMPLE, null);
  await finish();
  const without = { ...EXAMPLE, setups: [EXAMPLE.setups[0]!] };
  store.follow(without, null);
  const again = {
    ...EXAMPLE,
    setups: [EXAMPLE.setups[0]!, { ...EXAMPLE.setups[1]!, front: EXAMPLE.setups[0]!.front }],
  } as Job;
  store.follow(again, null);
  expect(names(store, again)).toEqual(['a front', undefined]);
});

test('setups named as the present car’s sweeps are kept by themselves', async () => {
  const store = new SweepStore(null, 1);
  const named = {
    ...EXAMPLE,
    setups: [
      { ...EXAMPLE.setups[0]!, id: 'now' },
      { ...EXAMPLE.setups[1]!, id: 'present' },
    ],
  };
  store.follow(named, null);
  expect(await finish()).toEqual(['now front', 'now rear', 'now front', 'now rear', 'present front', 'present rear']);
  expect(names(store, named)).toEqual(['now front', 'present front']);
  expect(store.state().source.present(named.vehicle, 'rear')?.parts[0]?.id).toBe('now rear');
});

test('stopped, nothing goes on until it is asked to; died, the same', async () => {
  const store = new SweepStore(null, 1);
  let heard = 0;
  const leave = store.subscribe(() => heard++);
  store.follow(EXAMPLE, null);
  store.stop();
  calls.shift()!.answer(swept('never'));
  await settled();
  expect([store.state().halted, store.state().waiting, calls.length]).toEqual(['stopped', 6, 0]);
  store.again();
  calls.shift()!.die();
  await settled();
  expect([store.state().halted, calls.length]).toEqual(['died', 0]);
  store.again();
  expect((await finish()).length).toBe(6);
  expect(store.state().halted).toBeNull();
  leave();
  const before = heard;
  store.end();
  expect(heard).toBe(before);
});

test('two workers sweep at once, none of them what another is at', async () => {
  const store = new SweepStore(null, 2);
  store.follow(EXAMPLE, null);
  expect(calls.map(({ task }) => taskName(task))).toEqual(['now front', 'now rear']);
  calls.splice(1, 1)[0]!.answer(swept('now rear'));
  await settled();
  expect(calls.map(({ task }) => taskName(task))).toEqual(['now front', 'a front']);
  expect((await finish()).sort()).toEqual(['a front', 'a rear', 'b front', 'b rear', 'now front']);
  expect(store.state().waiting).toBe(0);
});

test('what is kept of an earlier visit is not swept again; what is swept is kept', async () => {
  const found = new Map<string, { swept: Swept | null }>();
  const kept = {
    find: (kind: string, keys: string[]) =>
      Promise.resolve(
        new Map(kind === 'sweep' ? keys.flatMap((key) => (found.has(key) ? [[key, found.get(key)]] : [])) : []),
      ),
    keep: (kind: string, key: string, value: { swept: Swept | null }) => {
      if (kind === 'sweep') found.set(key, value);
      return Promise.resolve();
    },
  } as unknown as KeptSweeps;
  const first = new SweepStore(kept, 1);
  first.follow(EXAMPLE, null);
  await settled();
  expect((await finish()).length).toBe(6);
  first.end();
  const anew = new SweepStore(kept, 1);
  anew.follow(EXAMPLE, null);
  await settled();
  expect(calls).toEqual([]);
  expect([anew.state().waiting, names(anew)]).toEqual([0, ['a front', 'b front']]);
  // A change is swept, as it is not kept.
  const moved = applyEdits(EXAMPLE, [{ op: 'set', path: ['setups', 'a', 'front', 'wheel', 'offsetMm'], value: 30 }]);
  anew.follow(moved, null);
  await settled();
  expect(await finish()).toEqual(['a front']);
});
