import type { SetupAxle } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import type { Verdict } from '#core/verdict';
import type { Lengths } from '../preferences/PreferencesContext';

const OF_ONE = { ok: 'clears', caution: 'needs care', fail: 'does not fit', unknown: 'not known' } as const;
const OF_MANY = { ok: 'clear', caution: 'need care', fail: 'do not fit', unknown: 'not known' } as const;

/** How many setups there are of a verdict, as people say it: `1 needs care`, `3 do not fit`. */
export const countedVerdict = (verdict: Verdict, count: number): string =>
  `${count} ${(count === 1 ? OF_ONE : OF_MANY)[verdict]}`;

/** The tire and stack of an axle in a line. */
export function tireLine(axle: SetupAxle | undefined): string {
  return axle?.tire?.size ?? 'no tire yet';
}

export function stackLine(axle: SetupAxle | undefined, lengths: Lengths): string {
  const pieces = axle?.stack ?? [];
  if (pieces.length === 0) return 'no stack';
  const thickness = stackThicknessMm(pieces);
  const kind = pieces.length <= 2 ? pieces.map((piece) => piece.kind).join(', ') : `${pieces.length} parts`;
  return thickness === null ? `${kind}, thickness —` : `${lengths.text(thickness)} ${kind}`;
}

/** What lengths are in, said of a table of them. */
export const LENGTH_WORDS: Record<Lengths['sign'], string> = { mm: 'mm', in: 'inches' };

/** Poke or tuck as people say it. */
export function faceText(poke: number | null, lengths: Lengths): string {
  if (poke === null) return '—';
  const figure = lengths.figure(Math.abs(poke));
  if (figure === lengths.figure(0)) return 'flush';
  return `${figure} ${poke > 0 ? 'poke' : 'tuck'}`;
}
