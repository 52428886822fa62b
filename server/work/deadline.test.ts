import { over, within } from './deadline';

it('tells what takes too long, and leaves nothing behind of what does not', async () => {
  jest.useFakeTimers();
  const slow = within(
    30,
    (signal) => new Promise((resolve) => signal.addEventListener('abort', () => resolve('told'))),
  );
  expect(jest.getTimerCount()).toBe(1);
  jest.advanceTimersByTime(29);
  await expect(Promise.race([slow, Promise.resolve('not yet')])).resolves.toBe('not yet');
  jest.advanceTimersByTime(1);
  await expect(slow).resolves.toBe('told');
  const signals: AbortSignal[] = [];
  await expect(within(30, (signal) => (signals.push(signal), Promise.resolve('made')))).resolves.toBe('made');
  await expect(within(30, () => Promise.reject(new Error('no')))).rejects.toThrow('no');
  expect(jest.getTimerCount()).toBe(0);
  expect(signals[0]!.aborted).toBe(false);
  jest.useRealTimers();
});

it('does not wait for what hears no signal', async () => {
  jest.useFakeTimers();
  const stuck = within(30, (signal) => Promise.race([new Promise(() => {}), over(signal)]));
  jest.advanceTimersByTime(30);
  await expect(stuck).rejects.toMatchObject({ name: 'AbortError' });
  jest.useRealTimers();
});
