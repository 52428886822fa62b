import type { Steps } from '#core/progress';
import { turns } from './turns';

/** Steps that write down when they are taken, each as long as a breath, so that others are heard after it. */
function* work(name: string, count: number, log: string[]): Steps<string> {
  for (let n = 1; n <= count; n++) {
    const until = performance.now() + 13;
    while (performance.now() < until);
    log.push(`${name}${n}`);
    yield n / count;
  }
  return `${name} done`;
}
const silent = () => {};

test('runs to the end and tells the share done, which never falls', async () => {
  const shares: number[] = [];
  const answer = await turns().run(1, work('a', 4, []), { progress: (share) => void shares.push(share) });
  expect(answer).toBe('a done');
  expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
});

test('steps that take no time are not told one by one', async () => {
  const told = jest.fn();
  function* quick(): Steps<number> {
    for (let n = 0; n < 50; n++) yield n / 50;
    return 50;
  }
  expect(await turns().run(1, quick(), { progress: told })).toBe(50);
  expect(told.mock.calls.length).toBeLessThan(10);
});

test('a stopped call answers with null and goes no further; the others do', async () => {
  const log: string[] = [];
  const { run, stop } = turns();
  const first = run(1, work('a', 6, log), { progress: (share) => share >= 0.3 && stop(1) });
  const second = run(2, work('b', 3, log), { progress: silent });
  expect(await Promise.all([first, second])).toEqual([null, 'b done']);
  expect(log.filter((step) => step.startsWith('a'))).toEqual(['a1', 'a2']);
  expect(log).toContain('b3');
});

test('a call that was stopped once may be made again under another number', async () => {
  const { run, stop } = turns();
  stop(1);
  expect(await run(1, work('a', 2, []), { progress: silent })).toBeNull();
  expect(await run(2, work('a', 2, []), { progress: silent })).toBe('a done');
});

test('what nobody waits for stands still while another call runs, says that it lives, goes on after', async () => {
  const log: string[] = [];
  const { run } = turns();
  const told: number[] = [];
  const behind = run(1, work('draw', 3, log), { progress: (share) => void told.push(share), givesWay: true });
  const ahead = run(2, work('asked', 3, log), { progress: silent });
  expect(await ahead).toBe('asked done');
  expect(log).toEqual(['asked1', 'asked2', 'asked3']);
  expect(told.length).toBeGreaterThan(0);
  expect(new Set(told)).toEqual(new Set([0]));
  expect(await behind).toBe('draw done');
  expect(log.slice(3)).toEqual(['draw1', 'draw2', 'draw3']);
});

test('it can be stopped while it gives way', async () => {
  const log: string[] = [];
  const { run, stop } = turns();
  const behind = run(1, work('draw', 3, log), { progress: silent, givesWay: true });
  const ahead = run(2, work('asked', 4, log), { progress: (share) => share >= 0.5 && stop(1) });
  expect(await Promise.all([behind, ahead])).toEqual([null, 'asked done']);
  expect(log.filter((step) => step.startsWith('draw'))).toEqual([]);
});

test('a fault ends its own call alone, and what gave way to it goes on', async () => {
  const { run } = turns();
  function* broken(): Steps<string> {
    yield 0.5;
    throw new Error('no such part');
  }
  const behind = run(1, work('draw', 2, []), { progress: silent, givesWay: true });
  await expect(run(2, broken(), { progress: silent })).rejects.toThrow('no such part');
  expect(await behind).toBe('draw done');
});
