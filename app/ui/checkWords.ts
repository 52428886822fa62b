import { checkOf, type Check } from '#core/evaluate';
import { likelihoodWord } from '#core/uncertainty';
import {
  formatMeasure,
  formatNumber,
  measureFigure,
  measureSign,
  rimFigure,
  wordsIn,
  type Quantity,
} from '#core/units';
import type { Lengths } from '../preferences/PreferencesContext';

/** Quantities that are said in the reader's own unit, by the unit of the check. */
const MEASURES: Partial<Record<Check['unit'], Quantity>> = { kg: 'mass', 'km/h': 'speed' };

/** The sign behind a check's value, in the reader's unit. */
export function unitText({ code, unit }: Check, lengths: Lengths): string {
  const sign = checkOf(code).says?.sign;
  if (sign !== undefined) return sign;
  if (unit === 'mm') return lengths.sign;
  const quantity = MEASURES[unit];
  return quantity ? measureSign(quantity, lengths.units) : unit;
}

/** A check's value without its unit. */
export function valueFigure(check: Check, lengths: Lengths): string {
  const said = checkOf(check.code).says?.figure?.(check, wordsIn(lengths.units));
  if (said != null) return said;
  if (check.value === null) return '—';
  if (check.unit === 'mm') return lengths.figure(check.value);
  if (check.unit === 'in') return rimFigure(check.value);
  const quantity = MEASURES[check.unit];
  if (quantity) return measureFigure({ quantity, value: check.value, unit: lengths.units });
  return check.unit === '%' ? formatNumber(check.value, 1, true) : formatNumber(check.value, 1);
}

/** A check's limit in a few words. */
export function limitText(check: Check, lengths: Lengths): string {
  const said = checkOf(check.code).says?.limit?.(check, wordsIn(lengths.units));
  if (said != null) return said;
  if (check.limit === null) return check.verdict === 'unknown' ? 'a reading is missing' : 'no limit';
  if (check.unit === 'mm') return `limit ${lengths.figure(check.limit)}`;
  if (check.unit === 'in') return `rim limit ${rimFigure(check.limit)}`;
  const quantity = MEASURES[check.unit];
  if (quantity) return `needs ${formatMeasure({ quantity, value: check.limit, unit: lengths.units })}`;
  return `limit ±${formatNumber(check.limit, 1)} %`;
}

/** How sure a figure is: its ± at 95 % and, where that leaves its limit open, how likely it keeps it. */
export function sureText({ plusMinus, probability }: Check, lengths: Lengths): string {
  if (plusMinus === null || probability === null) return '';
  const open = probability > 0.025 && probability < 0.975;
  return ` · ±${lengths.figure(plusMinus)}${open ? `, ${likelihoodWord(probability)} to clear` : ''}`;
}

/** How far a check is from its limit, in words. */
export function marginText(check: Check, lengths: Lengths): string {
  const { margin, value, verdict, unit } = check;
  const { says, kind } = checkOf(check.code);
  const said = says?.margin?.(check, wordsIn(lengths.units));
  if (said != null) return said;
  if (kind === 'match') return verdict === 'ok' ? 'as required' : 'not known yet';
  if (margin === null || value === null) return 'not known yet';
  if (margin === 0) return 'exactly at its limit';
  const quantity = MEASURES[unit];
  const amount = (size: number): string =>
    unit === 'mm'
      ? lengths.text(Math.abs(size))
      : quantity
        ? formatMeasure({ quantity, value: Math.abs(size), unit: lengths.units })
        : `${formatNumber(Math.abs(size), 1)} ${unit}`;
  if (quantity && margin < 0) return `${amount(margin)} short`;
  if (unit === 'mm' && verdict === 'fail') return `touches by ${amount(value)}`;
  if (margin >= 0) return `${amount(margin)} to spare`;
  // A length is short of its limit; a share of change is over it.
  return unit === '%' ? `${amount(margin)} over` : `${amount(margin)} short`;
}

/** The name of a check with its axle. */
export const checkName = (check: Check): string => (check.axle ? `${check.label}, ${check.axle}` : check.label);
