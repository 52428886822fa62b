import type { Chance } from '#core/uncertainty';

const pick = <T>(values: readonly T[], chance: Chance): T => values[Math.floor(chance() * values.length)]!;

/** Values that stand where others are meant. */
const ODD: readonly unknown[] = [
  null,
  true,
  false,
  0,
  -0,
  -1,
  1e308,
  -1e308,
  5e-324,
  2 ** 53,
  0.1 + 0.2,
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\u202e',
  '\ud800',
  'é'.repeat(300),
  '=cmd()',
  '../../etc',
  '__proto__',
  'constructor',
  '2026-02-30T00:00:00Z',
  '0000-00-00',
  '99999-01-01T00:00:00Z',
  [],
  {},
  [[[[]]]],
  { a: { b: { c: {} } } },
  Array.from({ length: 500 }, (_, at) => at),
  Object.fromEntries(Array.from({ length: 600 }, (_, at) => [`k${at}`, at])),
  'x'.repeat(100_000),
];

const NOISE = [
  '\u0000',
  '\ufeff',
  '"',
  '{',
  '}',
  '[',
  ']',
  ',',
  ':',
  '\\',
  '\n',
  'null',
  '1e999',
  '-',
  '\ud83d',
  '<',
  '%00',
  '[['.repeat(50),
];

/** A text with some of it written over, cut, doubled or strewn with noise. */
export function oddText(text: string, chance: Chance): string {
  let made = text;
  for (let times = 1 + Math.floor(3 * chance()); times > 0; times--) {
    const at = Math.floor(chance() * made.length);
    const length = Math.floor(chance() * Math.min(200, made.length));
    const way = chance();
    if (way < 0.3) made = made.slice(0, at) + pick(NOISE, chance) + made.slice(at);
    else if (way < 0.5) made = made.slice(0, at) + made.slice(at + length);
    else if (way < 0.6) made = made.slice(0, at);
    else if (way < 0.8)
      made = made.slice(0, at) + made.slice(at, at + length).repeat(1 + Math.floor(4 * chance())) + made.slice(at);
    else made = made.slice(0, at) + String.fromCharCode(Math.floor(65536 * chance())) + made.slice(at + 1);
  }
  return made;
}

/** Data with one place of it, however deep, made odd, taken away or added. */
export function oddData(data: unknown, chance: Chance): unknown {
  if (data === null || typeof data !== 'object' || chance() < 0.08) return pick(ODD, chance);
  if (Array.isArray(data)) {
    if (data.length === 0) return [pick(ODD, chance)];
    const at = Math.floor(chance() * data.length);
    if (chance() < 0.05) return data.flatMap((one) => Array.from({ length: 30 }, () => one as unknown));
    return data.map((one: unknown, index) => (index === at ? oddData(one, chance) : one));
  }
  const keys = Object.keys(data);
  const key =
    keys.length > 0 && chance() > 0.05 ? pick(keys, chance) : pick(['__proto__', 'x', 'id', 'constructor', ''], chance);
  const made: Record<string, unknown> = { ...(data as object) };
  if (chance() < 0.06) delete made[key];
  else made[key] = oddData(made[key], chance);
  return made;
}

export { pick };
