import { inTurn } from './turns';

test('one after the other, what a person waits for before the rest; one that fails holds up nobody', async () => {
  const began: string[] = [];
  const ends: (() => void)[] = [];
  const work = (name: string) => () =>
    new Promise<string>((resolve) => {
      began.push(name);
      ends.push(() => resolve(name));
    });
  const first = inTurn('nobody', work('first'));
  const later = inTurn('nobody', work('later'));
  const failing = inTurn('person', () => Promise.reject(new Error('no')));
  const asked = inTurn('person', work('asked'));
  failing.catch(() => {});
  await Promise.resolve();
  expect(began).toEqual(['first']);
  ends[0]!();
  expect(await first).toBe('first');
  await expect(failing).rejects.toThrow('no');
  while (ends.length < 2) await new Promise((resolve) => setImmediate(resolve));
  expect(began).toEqual(['first', 'asked']);
  ends[1]!();
  expect(await asked).toBe('asked');
  while (ends.length < 3) await new Promise((resolve) => setImmediate(resolve));
  ends[2]!();
  expect(await later).toBe('later');
});
