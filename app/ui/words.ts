import type { SetupAxle, Setup } from '#core/job';
import { formatNumber, offsetFigure, rimFigure } from '#core/units';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import { stackThicknessMm } from '#core/stack';
import { HOUSE_LIMITS, MATCHING, verdictWord, type Check } from '#core/verdict';
import type { Lengths } from '../preferences/PreferencesContext';

/** A wheel as the trade names it: `17 × 7.5 +42`. */
export function wheelCode(axle: SetupAxle | undefined, flangeMm: number | null | undefined): string {
  const wheel = axle?.wheel ?? {};
  const rim = [wheel.rimDiameterIn, wheel.rimWidthIn].map((inches) => (inches == null ? '—' : rimFigure(inches)));
  const offset = wheelOffsetMm(wheel, flangeMm ?? DEFAULT_FLANGE_MM);
  return `${rim.join(' × ')} ${offset === null ? '—' : offsetFigure(offset)}`;
}

/** A setup's own name, or its front wheel where it has none. */
export const setupTitle = (setup: Setup, flangeMm: number | null | undefined): string =>
  setup.label || wheelCode(setup.front ?? setup.rear, flangeMm);

/** The tire and stack of an axle in a line. */
export function tireLine(axle: SetupAxle | undefined): string {
  return axle?.tire?.size ?? 'no tire yet';
}

export function stackLine(axle: SetupAxle | undefined, lengths: Lengths): string {
  const pieces = axle?.stack ?? [];
  if (pieces.length === 0) return 'no stack';
  const thickness = stackThicknessMm(pieces);
  const kind = pieces.length <= 2 ? pieces.map((piece) => piece.kind).join(', ') : `${pieces.length} pieces`;
  return thickness === null ? `${kind}, thickness —` : `${lengths.text(thickness)} ${kind}`;
}

/** How proud or tucked a face stands. */
export function faceText(poke: number | null, lengths: Lengths): string {
  if (poke === null) return '—';
  const figure = lengths.figure(Math.abs(poke));
  if (figure === lengths.figure(0)) return 'level';
  return `${figure} ${poke > 0 ? 'proud' : 'inside'}`;
}

/** A check's value without its unit. */
export function valueFigure(check: Check, lengths: Lengths): string {
  if (check.code === 'seat') return { ok: 'same', caution: 'same', fail: 'differs', unknown: '—' }[check.verdict];
  if (check.value === null) return '—';
  if (check.code === 'pattern') return patternFigure(check.value);
  if (check.code === 'centring') return formatNumber(check.value, 1);
  if (check.code === 'fender') return faceText(check.value, lengths);
  if (check.unit === 'mm') return lengths.figure(check.value);
  if (check.unit === 'in') return rimFigure(check.value);
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
};

/** A check's limit in a few words. */
export function limitText(check: Check, lengths: Lengths): string {
  const note = MATCH_NOTES[check.code];
  if (note) return note;
  if (check.limit === null) return check.verdict === 'unknown' ? 'a reading is missing' : '';
  if (check.code === 'fender') return `out to ${faceText(check.limit, lengths)}`;
  if (check.code === 'rim-diameter') return `tire for ${rimFigure(check.limit)} in`;
  if (check.unit === 'mm') return `limit ${lengths.figure(check.limit)}`;
  if (check.unit === 'in') return `rim limit ${rimFigure(check.limit)}`;
  return `limit ±${formatNumber(check.limit, 1)} %`;
}

/** Why parts that must go together do not, as far as the figure says it. */
function matchReason({ code, value, verdict }: Check): string {
  if (verdict === 'ok') return 'as it should be';
  if (verdict === 'unknown') return 'not known yet';
  if (code === 'seat') return 'forms differ';
  if (code === 'bolt-lengths') return 'two lengths on one car';
  if (code === 'pattern') return value ? `circles ${formatNumber(value, 2, true)} mm apart` : 'counts differ';
  if (value !== null && value < 0) return `bore ${formatNumber(-value, 1)} mm too small`;
  return value !== null && value > HOUSE_LIMITS.boreMm
    ? `${formatNumber(value, 1)} mm of play`
    : 'the lip does not carry it';
}

/** How far a check is from its limit, in words. */
export function marginText(check: Check, lengths: Lengths): string {
  const { margin, value, verdict } = check;
  if (check.code !== 'rim-diameter' && MATCHING.has(check.code)) return matchReason(check);
  if (margin === null || value === null) return 'not known yet';
  const amount = (size: number): string =>
    check.unit === 'mm' ? lengths.text(Math.abs(size)) : `${formatNumber(Math.abs(size), 1)} ${check.unit}`;
  if (check.code === 'rim-diameter') return verdict === 'ok' ? 'same diameter' : 'diameters differ';
  if (margin === 0) return 'right at its limit';
  if (check.code === 'fender') {
    if (verdict === 'fail') return `${amount(margin)} beyond`;
    return verdict === 'caution' ? 'short of the wish' : `${amount(margin)} to spare`;
  }
  if (check.code === 'fastening' && verdict !== 'ok')
    return margin < 0 ? `${amount(margin)} too little thread` : verdictWord(check);
  if (check.code === 'lug-hole' && margin < 0) return `${amount(margin)} too small`;
  if (check.unit === 'mm' && verdict === 'fail') return `touches by ${amount(value)}`;
  return margin < 0 ? `${amount(margin)} past its limit` : `${amount(margin)} to spare`;
}

/** The name of a check with its axle. */
export const checkName = (check: Check): string => (check.axle ? `${check.label}, ${check.axle}` : check.label);
