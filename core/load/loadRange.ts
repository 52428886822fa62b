import { DomainError } from '#core/errors';

/**
 * A load range letter: the plies it once stood for, and the cold pressure its load is stated at, kPa (TRA Year Book,
 * from memory).
 */
export interface LoadRange {
  letter: string;
  plyRating: number;
  /** Of light truck tires; null where it differs by size. */
  referenceKpa: number | null;
}

/** Load range letters A to N. */

export const LOAD_RANGES: readonly LoadRange[] = [
  ['A', 2, null],
  ['B', 4, 240],
  ['C', 6, 350],
  ['D', 8, 450],
  ['E', 10, 550],
  ['F', 12, 655],
  ['G', 14, 760],
  ['H', 16, null],
  ['J', 18, null],
  ['L', 20, null],
  ['M', 22, null],
  ['N', 24, null],
].map(([letter, plyRating, referenceKpa]) => ({ letter, plyRating, referenceKpa }) as LoadRange);

/** A load range by its letter; null where there is none of that letter. */
export const loadRangeOf = (letter: string | null | undefined): LoadRange | null =>
  LOAD_RANGES.find((range) => range.letter === letter) ?? null;

/**
 * Reads a load range letter in either case.
 * @throws DomainError where there is none of that letter
 */
export function readLoadRange(text: string): string {
  const letter = text.trim().toUpperCase();
  if (!loadRangeOf(letter)) throw new DomainError(`“${text.slice(0, 8)}” is not a load range letter such as C, D or E`);
  return letter;
}
