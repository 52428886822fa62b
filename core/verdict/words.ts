import type { Check, Verdict } from './verdict';

const CLEARANCE: Record<Verdict, string> = {
  ok: 'clears',
  caution: 'tight',
  fail: 'touches',
  unknown: 'not measured',
};
const MATCH: Record<Verdict, string> = {
  ok: 'fits',
  caution: 'with care',
  fail: 'does not fit',
  unknown: 'not known',
};
const HOLD: Record<Verdict, string> = {
  ok: 'holds',
  caution: 'with care',
  fail: 'does not hold',
  unknown: 'not known',
};
const FACE: Record<Verdict, string> = {
  ok: 'in place',
  caution: 'too far in',
  fail: 'too far out',
  unknown: 'not measured',
};

/** The word that stands for a check's verdict, so that colour is never the only sign. */
export function verdictWord(check: Pick<Check, 'code' | 'verdict'>): string {
  if (check.code === 'fender') return FACE[check.verdict];
  if (check.code === 'inboard' || check.code === 'arch' || check.code.startsWith('obstacle:'))
    return CLEARANCE[check.verdict];
  if (check.code === 'fastening') return HOLD[check.verdict];
  return MATCH[check.verdict];
}
