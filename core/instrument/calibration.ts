import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';
import { toolOf, type InstrumentMark, type ShopInstrument } from './records';

/** ± of a torque wrench at 95 %, percent of what it shows (ISO 6789-1: ±4 % above 10 N·m). */
const WRENCH_PERCENT = 4;

/**
 * The day that lies a number of months after another one, as calendars go: the last of a month that has no such day.
 * @param day as `2026-03-01`
 */
export function monthsLater(day: string, months: number): string {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const lastOfMonth = new Date(Date.UTC(year, month + months, 0)).getUTCDate();
  const later = new Date(Date.UTC(year, month - 1 + months, Math.min(date, lastOfMonth)));
  return later.toISOString().slice(0, 10);
}

/** The last day for which a calibration holds; null where there was none, or it is never due. */
export const dueOn = ({ calibratedOn, everyMonths }: Pick<ShopInstrument, 'calibratedOn' | 'everyMonths'>) =>
  calibratedOn === null || everyMonths === null ? null : monthsLater(calibratedOn, everyMonths);

/** Whether a reading of a day was taken after the calibration of its instrument had run out. */
export const wasOverdue = ({ dueOn: due }: InstrumentMark, takenAt: string): boolean =>
  due != null && takenAt.slice(0, 10) > due;

/** ± of an instrument at 95 %: its own, else that of its kind; mm, of a torque wrench percent. */
export function plusMinusOf(one: Pick<ShopInstrument, 'kind' | 'plusMinus'>): number {
  const tool = toolOf(one);
  return one.plusMinus ?? (tool === null ? WRENCH_PERCENT : INSTRUMENT_UNCERTAINTY_MM[tool]!);
}

/** What goes with each reading of an instrument. */
export const markOf = (one: ShopInstrument): InstrumentMark => ({
  name: one.name,
  calibratedOn: one.calibratedOn,
  dueOn: dueOn(one),
});
