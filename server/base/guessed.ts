import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** Below that, of 0 to 4, a phrase is found by whoever can try 10⁸ of them (the library's scale). */
const LEAST_SCORE = 3;

/**
 * Whether a pass-phrase is one of the usual ones, or made of them, of keys that lie side by side, of dates, of
 * repetitions. The shop's own name makes nothing harder to guess.
 */
export function isGuessed(phrase: string): boolean {
  const guessing = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs, maxLength: 256 });
  return guessing.check(phrase, ['scoval', 'wheel', 'tire', 'garage', 'workshop']).score < LEAST_SCORE;
}
