import { movedWords } from './movedWords';

const none = { ok: 0, caution: 0, fail: 0, unknown: 0 };

test('what became of each setup, where that is known', () =>
  expect(
    movedWords({
      from: '2026.1',
      to: '2026.2',
      was: none,
      setups: [
        { id: 'a', was: 'ok', is: 'caution' },
        { id: 'b', was: 'fail', is: 'ok' },
      ],
    }),
  ).toBe('Rules 2026.2 judge differently from 2026.1: A fits → with care, B does not fit → fits.'));
test('else how many there were of each', () =>
  expect(movedWords({ from: '2026.1', to: '2026.2', was: { ...none, fail: 2, ok: 1 }, setups: [] })).toBe(
    'Rules 2026.2 judge differently from 2026.1: before, 2 do not fit, 1 clears.',
  ));
