import { CHECK_KINDS, type Check } from '../check';
import { checkOf } from './checks';

/** The word that stands for a check's verdict, so that color is never the only sign. */
export function verdictWord({ code, verdict }: Pick<Check, 'code' | 'verdict'>): string {
  const { words, kind } = checkOf(code);
  return (words ?? CHECK_KINDS[kind].words)[verdict];
}
