import dayjs from 'dayjs';
import fc from 'fast-check';
import { dueOn, markOf, monthsLater, plusMinusOf, USUAL_LINE, wasOverdue, type ShopInstrument } from '.';

const gauge: ShopInstrument = {
  id: 'g1',
  name: 'Depth gauge 2',
  kind: 'caliper',
  plusMinus: null,
  calibratedOn: '2026-03-01',
  everyMonths: 12,
  connection: 'serial',
  line: USUAL_LINE,
};

// Source: dayjs, a library of dates.
test('months later, as a library of dates has it', () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('1900-01-01'), max: new Date('2200-12-31'), noInvalidDate: true }),
      fc.integer({ min: 0, max: 240 }),
      (date, months) => {
        const day = date.toISOString().slice(0, 10);
        expect(monthsLater(day, months)).toBe(dayjs(day).add(months, 'month').format('YYYY-MM-DD'));
      },
    ),
  );
});

test.each([
  ['2026-01-31', 1, '2026-02-28'],
  ['2024-01-31', 1, '2024-02-29'],
  ['2026-12-15', 3, '2027-03-15'],
])('%s and %d months: %s', (day, months, later) => expect(monthsLater(day, months)).toBe(later));

test('a calibration holds to its last day, and is overdue from the next one on', () => {
  const mark = markOf(gauge);
  expect(mark).toEqual({ name: 'Depth gauge 2', calibratedOn: '2026-03-01', dueOn: '2027-03-01' });
  expect(wasOverdue(mark, '2027-03-01T23:59:00.000Z')).toBe(false);
  expect(wasOverdue(mark, '2027-03-02T00:00:00.000Z')).toBe(true);
});

test('what was never calibrated, or never has to be, is never due', () => {
  expect(dueOn({ ...gauge, calibratedOn: null })).toBeNull();
  expect(dueOn({ ...gauge, everyMonths: null })).toBeNull();
  expect(wasOverdue({ name: 'Rule' }, '2090-01-01T00:00:00.000Z')).toBe(false);
});

test('± is its own, else that of its kind', () => {
  expect(plusMinusOf({ ...gauge, plusMinus: 0.02 })).toBe(0.02);
  expect(plusMinusOf(gauge)).toBe(0.1);
  // ISO 6789-1: ±4 % for indicating tools above 10 N·m (from memory).
  expect(plusMinusOf({ kind: 'torque-wrench', plusMinus: null })).toBe(4);
});
