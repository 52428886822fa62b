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
const CARRY: Record<Verdict, string> = {
  ok: 'carries it',
  caution: 'with care',
  fail: 'too little',
  unknown: 'not known',
};
const SPEED: Record<Verdict, string> = {
  ok: 'within its band',
  caution: 'with care',
  fail: 'out of its band',
  unknown: 'not known',
};
const WANTED: Record<Verdict, string> = {
  ok: 'as wished',
  caution: 'not preferred',
  fail: 'not wanted',
  unknown: 'not known',
};
const FACE: Record<Verdict, string> = {
  ok: 'in place',
  caution: 'too far in',
  fail: 'too far out',
  unknown: 'not measured',
};

const COVER: Record<Verdict, string> = {
  ok: 'covered',
  caution: 'with care',
  fail: 'not covered',
  unknown: 'not measured',
};

const CLEARANCES: ReadonlySet<string> = new Set([
  'inboard',
  'arch',
  'dual',
  'brake-spoke',
  'brake-barrel',
  'brake-weight',
]);

/** The word that stands for a check's verdict, so that colour is never the only sign. */
export function verdictWord(check: Pick<Check, 'code' | 'verdict'>): string {
  if (check.code === 'fender') return FACE[check.verdict];
  if (check.code === 'coverage') return COVER[check.verdict];
  if (CLEARANCES.has(check.code) || check.code.startsWith('obstacle:')) return CLEARANCE[check.verdict];
  if (check.code === 'load' || check.code === 'wheel-rating') return CARRY[check.verdict];
  if (check.code === 'speedometer') return SPEED[check.verdict];
  if (check.code === 'fastening') return HOLD[check.verdict];
  if (check.code === 'spacers') return WANTED[check.verdict];
  return MATCH[check.verdict];
}
