import type { AxleName, Job, Setup } from '#core/job';
import { atOnce } from '#core/progress';
import { obstacleLimit } from '../parts';
import { carsOf, type Cars } from './cars';
import { drawnSteps } from './draws';
import { asSureAsShown, onlyOf, ownErrorIn, touchShare, type ObstacleSpreads } from '../spread';

/** Between these chances of contact the first order does not decide. */
const DOUBT = [0.005, 0.25] as const;
/** A rough sweep may be off by so much, mm. */
const ROUGH_MM = 1;
/**
 * How far the first order may miss a draw: so much, and this share of what it moves; both far more than it was seen to.
 */
const MISSES = { mm: 4, share: 0.25 };

/** What a part's clearance becomes when an input alone is off by its ±, less and more; mm. */
interface Slope {
  less: number;
  more: number;
}

/** The parts of an axle to first order, in the order of the cars' own. */
interface FirstOrder {
  cars: Cars;
  /** Of each part, as the car was read. */
  clearances: number[];
  /** Of each input, of each part. */
  slopes: Slope[][];
  spreads: ObstacleSpreads;
}

/**
 * How sure the clearances of an axle's parts are, to first order: every input is off by its ± alone, either way, and
 * the parts are looked at where the sweep came nearest. Good enough to tell what is clear of doubt; what is not wants
 * draws.
 */
export const obstacleSlopes = (job: Job, setup: Setup, axle: AxleName): ObstacleSpreads =>
  firstOrder(carsOf({ job, setup, axle, rough: true }))?.spreads ?? {};

function firstOrder(cars: Cars | null): FirstOrder | null {
  if (!cars) return null;
  const { inputs, placed, nominal } = cars;
  const read = cars.clearances(
    inputs.map(() => 0),
    false,
  );
  const slopes = inputs.map(({ of, plusMinus }, i) => {
    const only = of === undefined ? undefined : new Set([of]);
    const by = (off: number) =>
      cars.clearances(
        inputs.map((_, at) => (at === i ? off : 0)),
        false,
        only,
      );
    const [less, more] = [by(-plusMinus), by(plusMinus)];
    return placed.map((_, at) => {
      const [was, low, high] = [read[at], less[at], more[at]];
      return was == null || low == null || high == null ? { less: 0, more: 0 } : { less: low - was, more: high - was };
    });
  });
  const spreads = placed.map(({ obstacle: { id } }, at) => {
    const parts = inputs.map(({ name, assumed }, i) => {
      const { less, more } = slopes[i]![at]!;
      return { name, assumed, plusMinus: Math.abs(more - less) / 2 };
    });
    return [id, { parts: onlyOf(parts, inputs, id), values: null }] as const;
  });
  const clearances = placed.map(({ obstacle: { id } }) => nominal.parts.find((part) => part.id === id)!.clearanceMm);
  return { cars, clearances, slopes, spreads: Object.fromEntries(spreads) };
}

/**
 * The same for a verdict: where the first order leaves a doubt, and the clearance itself does not settle it, cars are
 * drawn. A draw is looked at only where the first order does not tell whether it touches.
 */
export function obstacleDoubts(job: Job, setup: Setup, axle: AxleName): ObstacleSpreads {
  const rough = firstOrder(carsOf({ job, setup, axle, rough: true }));
  if (!rough) return {};
  const { cars, clearances, spreads } = rough;
  const shown = asSureAsShown(spreads, job);
  const guessed = ownErrorIn('obstacle', job) === null;
  const open = cars.placed.map(({ obstacle, placed }, at) => {
    const touches = touchShare(shown[obstacle.id]!, clearances[at]!);
    const limitMm = obstacleLimit({ obstacle, terms: job, axle, placed, tireRadiusMm: 0 }).value;
    return touches > DOUBT[0] && touches < DOUBT[1] && clearances[at]! >= limitMm - ROUGH_MM;
  });
  if (!open.includes(true)) return spreads;
  const exact = firstOrder(carsOf({ job, setup, axle }))!;
  return { ...spreads, ...atOnce(drawnSteps(exact.cars, (off) => drawnAbout({ exact, open, guessed }, off))) };
}

interface Doubt {
  exact: FirstOrder;
  open: readonly boolean[];
  /**
   * Whether the first order may tell a draw that is far from contact; not where draws count as lying further out than
   * they were drawn, for then contact is where most of them lie.
   */
  guessed: boolean;
}

/** Clearances of the open parts in a draw, right on which side of contact they lie; null for the others. */
function drawnAbout({ exact: { cars, clearances, slopes }, open, guessed }: Doubt, off: readonly number[]) {
  const guesses = clearances.map((clearance, at) => {
    if (!open[at]) return null;
    const moved = slopes.reduce((sum, of, i) => {
      const share = off[i]! / (cars.inputs[i]!.plusMinus || 1);
      return sum + (share < 0 ? -share * of[at]!.less : share * of[at]!.more);
    }, 0);
    const guess = clearance + moved;
    return { guess, told: guessed && Math.abs(guess) > MISSES.mm + MISSES.share * Math.abs(moved) };
  });
  const untold = cars.placed.filter((_, at) => guesses[at]?.told === false);
  if (untold.length === 0) return guesses.map((one) => one && one.guess);
  const looked = cars.clearances(off, true, new Set(untold.map(({ obstacle }) => obstacle.id)));
  return guesses.map((one, at) => one && (one.told ? one.guess : looked[at]!));
}
