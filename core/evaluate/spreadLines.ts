import { likelihoodWord, rankedParts, shareText, type Contribution } from '#core/uncertainty';
import type { Check } from '#core/verdict';
import type { Spread } from './judged';

/** How sure a figure is, line by line: what it rests on, what that makes of its limit, and what would help most. */
export function spreadLines(
  { plusMinus, probability, touchProbability }: Pick<Check, 'plusMinus' | 'probability' | 'touchProbability'>,
  parts: readonly Contribution[],
  { words, drawn }: Spread,
): string[] {
  const draws = drawn?.()?.values.length;
  const [most] = rankedParts(parts);
  const rests = parts.map(
    ({ name, plusMinus: own, assumed }) => `${name} ±${words.figure(own)}${assumed ? ' (assumed)' : ''}`,
  );
  return [
    draws === undefined
      ? `±${words.length(plusMinus!)} at 95 %: root of the sum of squares of ${rests.join(', ')}`
      : `±${words.length(plusMinus!)} at 95 %: ${draws} cars drawn with every reading off by chance; it rests on ${rests.join(', ')}`,
    `keeps its limit: ${likelihoodWord(probability!)}, ${shareText(probability!)}${touchProbability === null ? '' : `; touches: ${shareText(touchProbability)}`}`,
    ...(most
      ? [`would help most: ${most.name}; read exactly, ±${words.length(most.leftPlusMinus)} would be left`]
      : []),
  ];
}
