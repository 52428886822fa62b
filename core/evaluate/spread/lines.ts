import type { OwnError } from '#core/fitting';
import { likelihoodWord, shareText } from '#core/uncertainty';
import type { Words } from '#core/units';
import type { Verdict } from '#core/verdict';
import { plainPlusMinus, rankedOf, type Spread, type Sure } from './sure';

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
  sure: Sure,
  { words, mostTouch }: Spread,
): string[] {
  const { parts, values, own } = sure;
  const [most] = rankedOf(sure);
  const plain = own ? plainPlusMinus(sure) : plusMinus!;
  const rests = parts.map(
    ({ name, plusMinus: own, assumed }) => `${name} ±${words.figure(own)}${assumed ? ' (assumed)' : ''}`,
  );
  const doubtful = verdict === 'caution' && margin! >= 0 && mostTouch !== null && touchProbability! > mostTouch;
  return [
    values === null
      ? `±${words.length(plain)} at 95 %: root of the sum of squares of ${rests.join(', ')}`
      : `±${words.length(plain)} at 95 %: ${values.length} cars drawn at random within every reading’s ±;` +
        ` from ${rests.join(', ')}`,
    ...(own ? [ownErrorLine(own, plusMinus!, words)] : []),
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

/** What the shop's own error makes of a ±, and the bias that it leaves where it is. */
function ownErrorLine({ scale, biasMm, fittings }: OwnError, plusMinus: number, words: Words): string {
  const shown = fittings === 1 ? 'a finished fitting' : `${fittings} finished fittings`;
  const bias = words.length(Math.abs(biasMm));
  const off =
    bias === words.length(0) ? '' : `; measured ${bias} ${biasMm > 0 ? 'more' : 'less'} than predicted, not corrected`;
  return `× ${scale.toFixed(2)} by the shop’s own error in ${shown}: ±${words.length(plusMinus)}${off}`;
}
