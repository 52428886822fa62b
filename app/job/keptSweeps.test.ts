import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import type { Swept } from '#core/sweep';
import { KeptSweeps } from './keptSweeps';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  jest.spyOn(Date, 'now').mockImplementation(() => ++clock);
});
let clock = 0;

const swept = (id: string): { swept: Swept | null } => ({
  swept: { grid: null, restTravelMm: 0, parts: [{ id } as Swept['parts'][number]] },
});

test('what was kept is found when a page is opened anew, by what it was made of', async () => {
  const first = new KeptSweeps('p1');
  await first.keep('sweep', 'one', swept('strut'));
  await first.keep('sweep', 'nothing', { swept: null });
  const anew = new KeptSweeps('p1');
  expect(await anew.find('sweep', ['one', 'two', 'nothing'])).toEqual(
    new Map([
      ['one', swept('strut')],
      ['nothing', { swept: null }],
    ]),
  );
});

test('a spread is no sweep, and what another program made counts for nothing', async () => {
  await new KeptSweeps('p1').keep('sweep', 'one', swept('strut'));
  expect(await new KeptSweeps('p1').find('spread', ['one'])).toEqual(new Map());
  expect(await new KeptSweeps('p2').find('sweep', ['one'])).toEqual(new Map());
});

test('the oldest make room; what is kept again is young again', async () => {
  const kept = new KeptSweeps('p1', 3);
  for (const key of ['a', 'b', 'c', 'a', 'd']) await kept.keep('sweep', key, swept(key));
  expect([...(await kept.find('sweep', ['a', 'b', 'c', 'd'])).keys()]).toEqual(['a', 'c', 'd']);
});

test('a browser that keeps nothing has everything made again', async () => {
  globalThis.indexedDB = {
    open: () => {
      throw new DOMException('no', 'SecurityError');
    },
  } as unknown as IDBFactory;
  const kept = new KeptSweeps('p1');
  await kept.keep('sweep', 'one', swept('strut'));
  expect(await kept.find('sweep', ['one'])).toEqual(new Map());
});

test('a browser that does not answer is waited for once, then everything is made again', async () => {
  const asked = jest.spyOn(indexedDB, 'open').mockImplementation(() => new IDBOpenDBRequest());
  const kept = new KeptSweeps('p1');
  jest.useFakeTimers();
  const found = kept.find('sweep', ['one']);
  expect(jest.getTimerCount()).toBe(1);
  await jest.runAllTimersAsync();
  expect(await found).toEqual(new Map());
  const again = kept.find('spread', ['one']);
  await kept.keep('sweep', 'one', swept('strut'));
  expect(await again).toEqual(new Map());
  expect([asked.mock.calls.length, jest.getTimerCount()]).toEqual([1, 0]);
  jest.useRealTimers();
});
