import { likelihoodWord, rankedParts, shareText } from '#core/uncertainty';
import type { Verdict } from '#core/verdict';
import type { Spread, Sure } from './sure';

/** A figure with how sure it is, as it was judged. */
export interface JudgedFigure {
  plusMinus: number | null;
  probability: number | null;
  touchProbability: number | null;
  verdict: Verdict;
  margin: number | null;
}

/** How sure a figure is, line by line: what it rests on, what that makes of its limit, and what would help most. */
export function spreadLines(
  { plusMinus, probability, touchProbability, verdict, margin }: JudgedFigure,
  { parts, values }: Sure,
  { words, mostTouch }: Spread,
): string[] {
  const [most] = rankedParts(parts);
  const rests = parts.map(
    ({ name, plusMinus: own, assumed }) => `${name} ±${words.figure(own)}${assumed ? ' (assumed)' : ''}`,
  );
  const doubtful = verdict === 'caution' && margin! >= 0 && mostTouch !== null && touchProbability! > mostTouch;
  return [
    values === null
      ? `±${words.length(plusMinus!)} at 95 %: root of the sum of squares of ${rests.join(', ')}`
      : `±${words.length(plusMinus!)} at 95 %: ${values.length} cars drawn at random within every reading’s ±;` +
        ` from ${rests.join(', ')}`,
    `clears: ${likelihoodWord(probability!)},` +
      ` ${shareText(probability!)}${touchProbability === null ? '' : `; touches: ${shareText(touchProbability)}`}`,
    ...(doubtful
      ? [
          `with care: chance of contact ${shareText(touchProbability!)}, more than the` +
            ` ${shareText(mostTouch)} the shop accepts`,
        ]
      : []),
    ...(most
      ? [`most helpful to measure: ${most.name}; exact, it would leave ±${words.length(most.leftPlusMinus)}`]
      : []),
  ];
}
