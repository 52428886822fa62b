import { AXLES, type AxleName, type Job, type ReadingRecord } from '#core/job';
import { wordsIn, type Words } from '#core/units';
import type { FittingInHand } from '../fitup/useFittings';
import { brakeCards } from './cards/brakeCards';
import type { WalkCard } from './cards/card';
import { fitUpCards } from './cards/fitUpCards';
import { gapCards } from './cards/gapCards';
import { hubCards } from './cards/hubCards';
import { partCards } from './cards/partCards';
import { labelCards, tireCards } from './cards/wheelCards';

/** What a walk knows beside the job. */
export interface WalkAsk {
  /** The history of readings. */
  readings?: readonly TakenReading[];
  /** The fitting in hand. */
  inHand?: FittingInHand | null;
  words?: Words;
}

/**
 * Every reading of a car one after the other, as somebody walks round it: what is written on wheel and tire, the gaps
 * at rest on either side, the parts beside the wheel, with the wheel off hub and brake, and what is asked for by a
 * fitting that is under way.
 */
export const measuringWalk = (job: Job, ask: WalkAsk = {}): WalkCard[] =>
  AXLES.flatMap((axle) => cardsOf(job, axle, ask)).map((card) =>
    card.key === null ? card : { ...card, fromJob: lastOf(card, ask.readings ?? [])?.fromJob ?? null },
  );

const cardsOf = (job: Job, axle: AxleName, { inHand = null, words = wordsIn('mm') }: WalkAsk): WalkCard[] => [
  ...labelCards(job, axle),
  ...gapCards(job, axle),
  ...partCards(job, axle),
  ...tireCards(job, axle),
  ...hubCards(job, axle),
  ...brakeCards(job, axle),
  ...fitUpCards(job, inHand, { axle, words }),
];

/** A reading of the history as far as a card says it. */
type TakenReading = ReadingRecord & { corner: string };

/** The reading that counts now. */
const lastOf = ({ key, axle }: WalkCard, readings: readonly TakenReading[]): TakenReading | undefined =>
  readings.findLast((one) => one.key === key && one.corner === axle && !one.withdrawn);

/** Whether a card still waits for its reading. */
export const isOpen = ({ value, like }: WalkCard): boolean => value === null && like === null;

/** Where a walk stands. */
interface WalkPlace {
  /** The card that it goes on from; null at its beginning. */
  from: string | null;
  skipped: ReadonlySet<string>;
  /** Something was taken there: readings of one run are taken one after the other. */
  isTaken?: boolean;
}

/** Where a walk goes on: the next card that waits, from one on and then from the beginning; null where none does. */
export function nextOpen(walk: readonly WalkCard[], { from, skipped, isTaken = false }: WalkPlace): WalkCard | null {
  const at = walk.findIndex(({ id }) => id === from);
  const waits = (card: WalkCard) => isOpen(card) && !skipped.has(card.id) && card.id !== from;
  const following = walk[at + 1];
  const run = walk[at]?.run;
  if (isTaken && run !== undefined && following?.run === run && waits(following)) return following;
  const round = [...walk.slice(at + 1), ...walk.slice(0, at + 1)];
  return round.find((card) => waits(card) && (!card.optional || card.isWorth)) ?? null;
}

/** How many readings a verdict waits for, how many more are worth taking, and how many are another car's. */
export function stillOpen(walk: readonly WalkCard[]): { needed: number; worth: number; takenOver: number } {
  const open = walk.filter(isOpen);
  return {
    needed: open.filter(({ optional }) => !optional).length,
    worth: open.filter(({ optional, isWorth }) => optional && isWorth).length,
    takenOver: walk.filter(({ fromJob }) => fromJob !== null).length,
  };
}
