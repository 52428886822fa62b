import type { PlainWords } from './plainWords';

/** How far the outermost place of wheel and tire stands from the fender, in plain words. */
export function faceWords(pokeMm: number, words: PlainWords): string {
  if (words.isNone(pokeMm)) return 'flush with the fender';
  return `${words.length(pokeMm)} ${pokeMm > 0 ? 'past' : 'inside'} the fender`;
}
