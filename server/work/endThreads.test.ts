import { endThreads } from './endThreads';

type Threads = Parameters<typeof endThreads>[0];

test('threads that end are waited for; one that does not holds nothing up', async () => {
  let ended = false;
  const ending = {
    destroy: () => new Promise<void>((resolve) => setTimeout(() => resolve((ended = true) as never), 50)),
  };
  await endThreads(ending as unknown as Threads);
  expect(ended).toBe(true);
  const began = Date.now();
  await endThreads({ destroy: () => new Promise<void>(() => {}) } as unknown as Threads);
  expect(Date.now() - began).toBeLessThan(10_000);
  await endThreads(undefined);
});
