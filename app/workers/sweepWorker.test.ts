/** Workers that were started; each breaks off when it is told to. */
interface Started {
  terminated: boolean;
  breakOff(): void;
}
const started: Started[] = [];
globalThis.Worker = class {
  readonly #told = new Map<string, () => void>();
  readonly entry: Started = { terminated: false, breakOff: () => this.#told.get('error')?.() };
  constructor() {
    started.push(this.entry);
  }
  addEventListener(event: string, listener: () => void): void {
    this.#told.set(event, listener);
  }
  terminate(): void {
    this.entry.terminated = true;
  }
} as unknown as typeof Worker;
jest.mock('comlink', () => ({
  proxy: <T>(one: T): T => one,
  wrap: () => ({ stop: () => Promise.resolve() }),
}));

import { Lane } from './lane';
import { sweepWorker } from './sweepWorker';

const silent = () => {};
const never = () => new Promise<never>(() => {});
const ticks = () => jest.advanceTimersByTimeAsync(0);

beforeEach(() => {
  started.splice(0);
  jest.useFakeTimers();
});
afterEach(() => void jest.useRealTimers());

test('it is started with the first question, and one that says nothing for long counts as dead', async () => {
  const worker = sweepWorker();
  expect(started).toEqual([]);
  const heard = jest.fn();
  worker.subscribe(heard);
  const { answer } = worker.call(never, silent);
  const ended = answer.catch((error: Error) => error.message);
  await jest.advanceTimersByTimeAsync(7999);
  expect(worker.died()).toBe(false);
  await jest.advanceTimersByTimeAsync(1);
  expect([worker.died(), started[0]!.terminated]).toEqual([true, true]);
  expect(await ended).toBe('the worker that sweeps has ended');
  expect(heard).toHaveBeenCalledTimes(1);
  worker.revive();
  expect(heard).toHaveBeenCalledTimes(2);
  await expect(worker.call(() => Promise.resolve(7), silent).answer).resolves.toBe(7);
  expect(started).toHaveLength(2);
});

test('one that tells how far it is lives on', async () => {
  const worker = sweepWorker();
  const shares: number[] = [];
  let tell: (share: number) => void = silent;
  void worker.call(
    (_work, _call, progress) => {
      tell = progress;
      return never();
    },
    (share) => void shares.push(share),
  );
  for (let n = 1; n <= 5; n++) {
    await jest.advanceTimersByTimeAsync(7000);
    tell(n / 10);
  }
  expect([worker.died(), shares]).toEqual([false, [0.1, 0.2, 0.3, 0.4, 0.5]]);
});

test('what is told after the answer does not count it dead later', async () => {
  const worker = sweepWorker();
  let tell: (share: number) => void = silent;
  const heard = jest.fn();
  const { answer } = worker.call((_work, _call, progress) => {
    tell = progress;
    return Promise.resolve('swept');
  }, heard);
  expect(await answer).toBe('swept');
  tell(1);
  await jest.advanceTimersByTimeAsync(60_000);
  expect([worker.died(), started[0]!.terminated]).toEqual([false, false]);
  expect(heard).not.toHaveBeenCalled();
});

test('one that breaks off over a question is dead, and is told so once', async () => {
  const worker = sweepWorker();
  const heard = jest.fn();
  worker.subscribe(heard);
  const [one, other] = [new Lane(worker), new Lane(worker)];
  const waiting = other.ask('b', never);
  expect(await one.ask('a', () => Promise.reject(new Error('no such part')))).toEqual({ name: 'died' });
  expect(await waiting).toEqual({ name: 'died' });
  expect([heard.mock.calls.length, one.busy, other.busy]).toEqual([1, false, false]);
});

test('its own end is no death', async () => {
  const worker = sweepWorker();
  const { answer } = worker.call(never, silent);
  answer.catch(silent);
  worker.end();
  await ticks();
  expect([worker.died(), started[0]!.terminated]).toEqual([false, true]);
});

test('in a lane the newest question wins: the older is stopped, and nobody hears its answer', async () => {
  const lane = new Lane(sweepWorker());
  let answerFirst: (value: string) => void = silent;
  const first = lane.ask('first', () => new Promise<string>((resolve) => (answerFirst = resolve)));
  expect(lane.about).toBe('first');
  const second = lane.ask('second', () => Promise.resolve('new'));
  answerFirst('old');
  expect(await first).toBeNull();
  expect(await second).toEqual({ name: 'done', value: 'new' });
  expect([lane.busy, lane.about]).toEqual([false, null]);
  expect(await lane.ask('third', () => Promise.resolve(null))).toEqual({ name: 'stopped' });
  const dropped = lane.ask('fourth', () => Promise.resolve('late'));
  lane.drop();
  expect(await dropped).toBeNull();
});
