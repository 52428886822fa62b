import { formatMeasure, formatNumber, measureFigure, measureSign, rimFigure, type Quantity } from '#core/units';
import { likelihoodWord } from '#core/uncertainty';
import { MATCHING, verdictWord, type Check } from '#core/verdict';
import type { Lengths } from '../preferences/PreferencesContext';
import { faceText } from './words';

/** Quantities that are said in the reader's own unit, by the unit of the check. */
const MEASURES: Partial<Record<Check['unit'], Quantity>> = { kg: 'mass', 'km/h': 'speed' };

/** The sign behind a check's value, in the reader's unit. */
export function unitText({ unit }: Check, lengths: Lengths): string {
  if (unit === 'mm') return lengths.sign;
  const quantity = MEASURES[unit];
  return quantity ? measureSign(quantity, lengths.units) : unit;
}

/** A check's value without its unit. */
export function valueFigure(check: Check, lengths: Lengths): string {
  if (check.code === 'seat') return { ok: 'same', caution: 'same', fail: 'differs', unknown: '—' }[check.verdict];
  if (check.code === 'tpms') return { ok: 'suits', caution: 'none', fail: 'differs', unknown: '—' }[check.verdict];
  if (check.value === null) return '—';
  if (check.code === 'pattern') return patternFigure(check.value);
  if (check.code === 'centring') return formatNumber(check.value, 1);
  if (check.code === 'fender') return faceText(check.value, lengths);
  if (check.unit === 'mm') return lengths.figure(check.value);
  if (check.unit === 'in') return rimFigure(check.value);
  const quantity = MEASURES[check.unit];
  if (quantity) return measureFigure(quantity, check.value, lengths.units);
  return check.unit === '%' ? formatNumber(check.value, 1, true) : formatNumber(check.value, 1);
}

/** Circles that differ, in mm: their names are mm whatever the unit of the rest. */
const patternFigure = (deltaMm: number): string =>
  Math.abs(deltaMm) < 0.005 ? 'same' : formatNumber(deltaMm, 2, true);

/** What parts that must go together say instead of a limit. */
const MATCH_NOTES: Record<string, string> = {
  pattern: 'wheel circle less hub circle',
  centring: 'bore less what it sits on',
  seat: 'wheel against nut or bolt',
  'bolt-lengths': 'do not mix them',
  spacers: 'the whole stack',
  speedometer: 'shown: never below true',
  tpms: 'against car and wheels',
};

/** A check's limit in a few words. */
export function limitText(check: Check, lengths: Lengths): string {
  const note = MATCH_NOTES[check.code];
  if (note) return note;
  if (check.code === 'spare') return check.unit === '%' ? 'diameter against the other wheels' : 'play in its well';
  if (check.limit === null) return check.verdict === 'unknown' ? 'a reading is missing' : 'no limit';
  if (check.code === 'fender') return `out to ${faceText(check.limit, lengths)}`;
  if (check.code === 'rim-diameter') return `tire for ${rimFigure(check.limit)} in`;
  if (check.unit === 'mm') return `limit ${lengths.figure(check.limit)}`;
  if (check.unit === 'in') return `rim limit ${rimFigure(check.limit)}`;
  const quantity = MEASURES[check.unit];
  if (quantity) return `needs ${formatMeasure(quantity, check.limit, lengths.units)}`;
  return `limit ±${formatNumber(check.limit, 1)} %`;
}

/** How sure a figure is: its ± at 95 % and, where that leaves its limit open, how likely it keeps it. */
export function sureText({ plusMinus, probability }: Check, lengths: Lengths): string {
  if (plusMinus === null || probability === null) return '';
  const open = probability > 0.025 && probability < 0.975;
  return ` · ±${lengths.figure(plusMinus)}${open ? `, ${likelihoodWord(probability)} to keep it` : ''}`;
}

/** Why parts that must go together do not, as far as the figure says it. */
function matchReason({ code, value, verdict }: Check): string {
  if (verdict === 'ok') return 'as it should be';
  if (verdict === 'unknown') return 'not known yet';
  if (code === 'speedometer') return verdict === 'caution' ? 'to be proved' : 'it must be set anew';
  if (code === 'tpms') return verdict === 'caution' ? 'the lamp stays on' : 'car or wheel does not take them';
  if (code === 'seat') return 'forms differ';
  if (code === 'bolt-lengths') return 'two lengths on one car';
  if (code === 'spacers') return 'a wheel of the right offset does it';
  if (code === 'pattern') return value ? `circles ${formatNumber(value, 2, true)} mm apart` : 'counts differ';
  if (value !== null && value < 0) return `bore ${formatNumber(-value, 1)} mm too small`;
  return value !== null && value > 0 ? `${formatNumber(value, 1)} mm of play` : 'the lip does not carry it';
}

/** How far a check is from its limit, in words. */
export function marginText(check: Check, lengths: Lengths): string {
  const { margin, value, verdict } = check;
  if (check.code !== 'rim-diameter' && MATCHING.has(check.code)) return matchReason(check);
  if (check.code === 'spare' && check.unit === '%' && verdict !== 'unknown')
    return value === null ? 'none is carried' : `${formatNumber(value, 1, true)} % in diameter`;
  if (margin === null || value === null) return 'not known yet';
  const quantity = MEASURES[check.unit];
  const amount = (size: number): string =>
    check.unit === 'mm'
      ? lengths.text(Math.abs(size))
      : quantity
        ? formatMeasure(quantity, Math.abs(size), lengths.units)
        : `${formatNumber(Math.abs(size), 1)} ${check.unit}`;
  if (check.code === 'rim-diameter') return verdict === 'ok' ? 'same diameter' : 'diameters differ';
  if (margin === 0) return 'right at its limit';
  if (check.code === 'coverage')
    return verdict === 'fail' ? `${amount(margin)} uncovered` : `${amount(margin)} to spare`;
  if (check.code === 'fender') {
    if (verdict === 'fail') return `${amount(margin)} beyond`;
    return verdict === 'caution' ? 'short of the wish' : `${amount(margin)} to spare`;
  }
  if (check.code === 'fastening' && verdict !== 'ok')
    return margin < 0 ? `${amount(margin)} too little thread` : verdictWord(check);
  if (check.code === 'lug-hole' && margin < 0) return `${amount(margin)} too small`;
  if (quantity && margin < 0) return `${amount(margin)} too little`;
  if (check.code === 'spare') return verdict === 'fail' ? 'does not go in' : `${amount(value)} play`;
  if (check.unit === 'mm' && verdict === 'fail') return `touches by ${amount(value)}`;
  return margin < 0 ? `${amount(margin)} past its limit` : `${amount(margin)} to spare`;
}

/** The name of a check with its axle. */
export const checkName = (check: Check): string => (check.axle ? `${check.label}, ${check.axle}` : check.label);
