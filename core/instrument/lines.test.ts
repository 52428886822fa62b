import fc from 'fast-check';
import { DomainError } from '#core/errors';
import { LineGatherer, linePattern, readLine, type LineSettings } from '.';

const usual: Pick<LineSettings, 'pattern' | 'unit'> = { pattern: null, unit: 'mm' };
/** Exact by definition: the international inch, and the pound-force foot (NIST SP 811, appendix B.8). */
const IN = 25.4;
const LB_FT = 1.3558179483314004;

// Forms that instruments of several makes send in general: common practice, no source.
describe('a line as instruments send them', () => {
  test.each([
    ['+012.34 mm', 12.34],
    ['01A+00012.34', 12.34],
    ['01A-00000.05', -0.05],
    ['   12.340mm', 12.34],
    ['12,34 mm', 12.34],
    ['D:+12.34,mm', 12.34],
    ['CH1: 12.34', 12.34],
    ['#123 12.34 mm', 12.34],
    ['01,+12.34', 12.34],
    ['D 12.34', 12.34],
    ['+ 7', 7],
    ['-.5', -0.5],
    ['0.4860 in', 0.486 * IN],
    ['+0.4860"', 0.486 * IN],
    ['DL=0.5 IN', 0.5 * IN],
    ['\u000212.34 mm\u0003', 12.34],
  ])('%s', (line, mm) => {
    const { quantity, value } = readLine(line, usual);
    expect(quantity).toBe('length');
    expect(value).toBeCloseTo(mm, 9);
  });
  test.each([
    ['55.2 Nm', 55.2],
    ['#0012, 95.0 N·m', 95],
    ['70.5 lb.ft', 70.5 * LB_FT],
    ['70 ft-lb', 70 * LB_FT],
    ['70 lbf ft', null],
  ])('torque: %s', (line, nm) => {
    if (nm === null) return expect(() => readLine(line, usual)).toThrow(DomainError);
    const { quantity, value } = readLine(line, usual);
    expect(quantity).toBe('torque');
    expect(value).toBeCloseTo(nm, 6);
  });
  test('a line that names no unit has the one of its instrument', () => {
    expect(readLine('0.486', { ...usual, unit: 'in' }).value).toBeCloseTo(0.486 * IN, 9);
    expect(readLine('95', { ...usual, unit: 'N·m' })).toMatchObject({ quantity: 'torque', value: 95 });
    expect(readLine('12.7 mm', { ...usual, unit: 'in' }).value).toBe(12.7);
  });
  test.each(['', '   ', 'Err', 'ERR 05', 'E5', 'E 5.0', 'LO 2.9', 'OL', '----', 'bat 3.0', '12.34 mm 0.486 in'])(
    'no reading: “%s”',
    (line) => expect(() => readLine(line, usual)).toThrow('is no reading'),
  );
  test.each(['1,234.5 mm', '12.3.4', '12 34.5', '1e5', '0x1F', 'NaN', 'Infinity', '12..3', '+-12', '1/2 in'])(
    'nothing is guessed: “%s”',
    (line) => expect(() => readLine(line, usual)).toThrow(DomainError),
  );
  test.each(['12.3 psi', '12 %', '45°', '12 cm', '35.0 kg'])('a unit that is not known is told: %s', (line) =>
    expect(() => readLine(line, usual)).toThrow(/sends “.*”: known are mm, in, N·m, lb·ft/),
  );
  test('whatever comes is read as a finite value, or refused in words', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 220 }), (line) => {
        try {
          expect(Number.isFinite(readLine(line, usual).value)).toBe(true);
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError);
        }
      }),
      { numRuns: 2000 },
    );
  });
});

describe('a pattern of its own', () => {
  test.each([
    ['01A{value}', '01A+00012.34', 12.34],
    ['*,{value},{unit}', '7,GO,12.34,mm', 12.34],
    ['*,{value},{unit}', '7,GO,0.5,in', 0.5 * IN],
    ['{value} {unit}', '12.34mm', 12.34],
    ['[{value}]', '[ 12.34]', null],
    ['[ {value} ]', '[12.34 ]', 12.34],
  ])('%s reads %s', (pattern, line, mm) => {
    if (mm === null) return expect(() => readLine(line, { pattern, unit: 'mm' })).toThrow('is no reading');
    expect(readLine(line, { pattern, unit: 'mm' }).value).toBeCloseTo(mm, 9);
  });
  test('another channel is not taken for it', () =>
    expect(() => readLine('02A+00012.34', { pattern: '01A{value}', unit: 'mm' })).toThrow('is no reading'));
  test.each(['', '01A', '{value}{value}', '{unit}', '* * * * {value}'])('refused: “%s”', (pattern) =>
    expect(() => linePattern(pattern)).toThrow(DomainError),
  );
  test('every text with one value is a pattern that finds itself', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 20 }).filter((text) => !/[*{]/.test(text)),
        (before) => expect(linePattern(`${before}{value}`).test(`${before.trimStart()}12.5`)).toBe(true),
      ),
    );
  });
});

describe('pieces as they come', () => {
  const lines = ['+012.34 mm', '01A+00012.34', 'Err', '55.2 Nm'];
  test.each(['\r', '\n', '\r\n'])('torn at every place: the same lines (%j)', (ending) => {
    const text = lines.map((line) => line + ending).join('');
    for (let at = 0; at <= text.length; at++)
      for (let to = at; to <= text.length; to++) {
        const gatherer = new LineGatherer();
        const got = [text.slice(0, at), text.slice(at, to), text.slice(to)].flatMap((piece) => gatherer.add(piece));
        expect(got).toEqual(lines);
      }
  });
  test('a line is one when it has ended; what was begun goes with the instrument', () => {
    const gatherer = new LineGatherer();
    expect(gatherer.add('12.3')).toEqual([]);
    gatherer.clear();
    expect(gatherer.add('4.5\r')).toEqual(['4.5']);
    expect(gatherer.add('\n\r\n')).toEqual([]);
  });
  test('what never ends does not grow', () => {
    const gatherer = new LineGatherer();
    for (let n = 0; n < 1000; n++) expect(gatherer.add('9'.repeat(100))).toEqual([]);
    expect(gatherer.add('\r')[0]!.length).toBeLessThanOrEqual(400);
  });
});
