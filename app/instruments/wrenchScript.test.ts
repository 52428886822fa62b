import fc from 'fast-check';
import { DomainError } from '#core/errors';
import { readWrenchScript } from './wrenchScript';

test('torques, unplug and plug, with remarks and blank lines', () => {
  expect(readWrenchScript('55\n 55.5 N·m # first stage\n\nunplug\nPLUG\n95nm')).toEqual([
    { kind: 'pull', nm: 55 },
    { kind: 'pull', nm: 55.5 },
    { kind: 'unplugged' },
    { kind: 'plugged' },
    { kind: 'pull', nm: 95 },
  ]);
  expect(readWrenchScript('')).toEqual([]);
});

test.each(['0', '-5', '1001', 'tight', '5;5', 'NaN', 'Infinity'])('“%s” is refused with its line', (line) =>
  expect(() => readWrenchScript(`55\n${line}`)).toThrow(/line 2/),
);

test('too many lines are refused', () => expect(() => readWrenchScript('5\n'.repeat(501))).toThrow('502 lines'));

test('whatever is typed is read or refused in words', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), (text) => {
      try {
        for (const event of readWrenchScript(text))
          expect(event.kind !== 'pull' || (event.nm > 0 && event.nm <= 1000)).toBe(true);
      } catch (error) {
        expect(error).toBeInstanceOf(DomainError);
      }
    }),
  );
});
