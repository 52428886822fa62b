import type { Edit } from '#core/job';
import { keepWaiting, roomToKeep, takeWaiting } from './waiting';

const edits: Edit[] = [{ op: 'set', path: ['title'], value: 'kept' }];
let kept: Map<string, string>;
const storage = (over: Partial<Storage> = {}) => {
  (globalThis as { localStorage?: unknown }).localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
    ...over,
  };
};
beforeEach(() => {
  kept = new Map();
  storage();
});
afterAll(() => {
  delete (globalThis as { localStorage?: unknown }).localStorage;
});

test('unsaved edits come back with the revision they were made on, job by job', () => {
  keepWaiting('one', { revision: 3, edits });
  expect(takeWaiting('one')).toEqual({ revision: 3, edits });
  expect(takeWaiting('two')).toBeNull();
});
test('nothing is left once all is saved', () => {
  keepWaiting('one', { revision: 3, edits });
  keepWaiting('one', { revision: 4, edits: [] });
  expect([takeWaiting('one'), kept.size]).toEqual([null, 0]);
});
test.each(['', '{', 'null', '{"revision":1}', '{"revision":1,"edits":"all"}', '{"revision":1,"edits":[]}'])(
  'what cannot be edits is none: %s',
  (text) => {
    kept.set('scoval-unsaved-one', text);
    expect(takeWaiting('one')).toBeNull();
  },
);
test('a browser that keeps nothing is no reason to fail', () => {
  const refuse = () => {
    throw new Error('denied');
  };
  storage({ getItem: refuse, setItem: refuse, removeItem: refuse });
  expect(() => keepWaiting('one', { revision: 1, edits })).not.toThrow();
  expect(takeWaiting('one')).toBeNull();
});
test('a browser without room says so before anything is typed, when it fills up, and when there is room again', () => {
  // Whatever was known before.
  keepWaiting('one', { revision: 1, edits });
  const heard = jest.fn();
  const leave = roomToKeep.subscribe(heard);
  expect(roomToKeep.get()).toBe(true);
  const full = (_: string, text: string) => {
    if (text.length > 100) throw new DOMException('full', 'QuotaExceededError');
  };
  storage({ setItem: full });
  keepWaiting('one', { revision: 1, edits: [] });
  expect(roomToKeep.get()).toBe(true);
  keepWaiting('one', { revision: 1, edits: [...edits, { op: 'set', path: ['title'], value: 'x'.repeat(100) }] });
  expect([roomToKeep.get(), heard.mock.calls.length]).toEqual([false, 1]);
  // What was kept goes: still no room for much.
  keepWaiting('one', { revision: 2, edits: [] });
  expect(roomToKeep.get()).toBe(false);
  storage();
  keepWaiting('one', { revision: 3, edits });
  expect([roomToKeep.get(), heard.mock.calls.length]).toEqual([true, 2]);
  leave();
});
