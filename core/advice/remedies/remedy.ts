import type { Obstacle } from '#core/sweep';
import { priceInForce, type Job, type SuspensionChange } from '#core/job';
import { AFTERCARE, rungsOf, type BodyWork } from '#core/remedy';
import { formatNumber, type Words } from '#core/units';

/** Something that can be done to make room. */
export type Remedy =
  /** A part gives by so much, of itself or by work on it. */
  | { kind: 'work'; part: string; work: BodyWork; mm: number }
  /** The suspension is raised by so much more. */
  | { kind: 'lift'; change: SuspensionChange }
  /** A spacer of this thickness comes under the wheel. */
  | { kind: 'stack'; addMm: number }
  /** A wheel whose offset is by so much another. */
  | { kind: 'offset'; byMm: number };

/** A remedy that leaves the body as it is: the wheel stands elsewhere, or the car does. */
export type WheelMove = Exclude<Remedy, { kind: 'work' }>;

/** What a remedy takes. */
export interface Effort {
  minutes: number;
  /** Null where a price is missing. */
  cost: number | null;
}

/** Minutes that fitting a lift, and a pair of spacers, takes an axle (common practice, no source). */
const LIFT_MINUTES = 180;
const STACK_MINUTES = 20;

const NO_EFFORT: Effort = { minutes: 0, cost: 0 };

/** What several remedies take together. */
export const effortOf = (efforts: readonly Effort[]): Effort =>
  efforts.reduce(
    (sum, one) => ({
      minutes: sum.minutes + one.minutes,
      cost: sum.cost === null || one.cost === null ? null : sum.cost + one.cost,
    }),
    NO_EFFORT,
  );

/**
 * Effort and cost of a remedy for the axle: work on a part of both sides counts twice; a wheel that is still to be
 * bought costs no more.
 */
export function remedyEffort(job: Job, remedy: Remedy, parts: readonly Obstacle[]): Effort {
  if (remedy.kind === 'offset') return NO_EFFORT;
  if (remedy.kind === 'work') {
    const part = parts.find(({ id }) => id === remedy.part);
    const rung = part && rungsOf(part).find(({ work }) => work === remedy.work);
    const minutes = (rung?.minutes ?? 0) * (part?.side ? 1 : 2);
    return { minutes, cost: labor(job, minutes) };
  }
  const [minutes, bought] =
    remedy.kind === 'stack'
      ? [STACK_MINUTES, sum(twice(priceInForce('spacerEach', job)))]
      : [
          LIFT_MINUTES,
          sum(priceInForce('liftKitAxle', job), remedy.change.kind === 'body' ? 0 : priceInForce('alignment', job)),
        ];
  return { minutes, cost: sum(labor(job, minutes), bought) };
}

type Price = number | null | undefined;
const twice = (price: Price): Price => (price == null ? null : 2 * price);
const sum = (...prices: Price[]): number | null =>
  prices.reduce<number | null>((all, one) => (all === null || one == null ? null : all + one), 0);

function labor(job: Job, minutes: number): number | null {
  const rate = priceInForce('labourPerHour', job);
  return rate == null ? null : (rate * minutes) / 60;
}

const WORK_WORDS: Record<BodyWork, string> = {
  heat: 'heat and push',
  move: 'move its clip or bracket',
  remove: 'take it off',
  trimPlastic: 'trim the plastic',
  trimFlap: 'trim the flap',
  fold: 'fold it over',
  cut: 'cut metal',
};

/** A remedy in words, with the part that is worked on. */
export function remedyWords(remedy: Remedy, parts: readonly Obstacle[], words: Words): string {
  if (remedy.kind !== 'work') return wayWords(remedy, words);
  const part = parts.find(({ id }) => id === remedy.part);
  return `${part?.label ?? remedy.part}: ${wayWords(remedy, words)}`;
}

/** What is done, in words. */
export function wayWords(remedy: Remedy, words: Words): string {
  switch (remedy.kind) {
    case 'work':
      return remedy.work === 'remove' ? WORK_WORDS.remove : `${WORK_WORDS[remedy.work]}, ${words.length(remedy.mm)}`;
    case 'lift':
      return `lift of ${words.length(remedy.change.mm)}, ${LIFT_WORDS[remedy.change.kind]}`;
    case 'stack':
      return `spacer of ${words.length(remedy.addMm)}`;
    case 'offset':
      return `a wheel with ${formatNumber(Math.abs(remedy.byMm), 0)} mm ${remedy.byMm > 0 ? 'more' : 'less'} offset`;
  }
}

const LIFT_WORDS: Record<SuspensionChange['kind'], string> = {
  spring: 'at the spring',
  'strut-top': 'strut spacer',
  body: 'body lift',
};

/** What a remedy takes, as a line of working. */
export const effortLine = ({ minutes, cost }: Effort, words: Words): string =>
  minutes === 0
    ? 'no modification to the car'
    : `${formatNumber(minutes, 0)} min of` +
      ` work${cost === null ? ', a price is missing' : `, ${words.number(cost, 2)} in all`}`;

export const LIFT_CAUTION =
  'Lifts are regulated differently in every place. Align it afterwards; check brake hoses and shafts.';

/** What is still to be done after a piece of work, and what a part that was taken off leaves open. */
export const aftercareOf = (work: BodyWork, { leavesOpen }: Pick<Obstacle, 'leavesOpen'>): string =>
  work === 'remove'
    ? `${AFTERCARE.remove}; leaves open: ${leavesOpen || 'not given, check what it kept out'}`
    : AFTERCARE[work];
