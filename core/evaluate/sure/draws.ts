import type { AxleName, Job, Setup } from '#core/job';
import { atOnce, type Steps } from '#core/progress';
import { drawSteps, seededChance } from '#core/uncertainty';
import { carsOf, type Cars } from './cars';
import { onlyOf, type ObstacleSpreads } from '../spread';

/** How many cars are drawn, and the seed they are drawn by. */
const DRAWS = 256;
const SEED = 20_261;

/**
 * How sure the clearances of an axle's parts are: cars are drawn with every reading and every assumed value off by
 * chance, and the parts placed, and the wheel swept, anew in each. The sweep of a draw begins where the sweep of the
 * car as it was read came nearest.
 * @returns a generator that yields the share done; what cannot be placed or swept is left out
 */
export function* obstacleSpreadSteps(job: Job, setup: Setup, axle: AxleName): Steps<ObstacleSpreads> {
  const cars = carsOf({ job, setup, axle });
  if (!cars) return {};
  yield 0.05;
  return yield* drawnSteps(cars, (off) => cars.clearances(off, true));
}

/** Draws the cars: the same ones, whatever is asked of them. */
export function* drawnSteps(
  { inputs, placed }: Cars,
  clearances: (off: readonly number[]) => readonly (number | null)[],
): Steps<ObstacleSpreads> {
  const drawn = yield* drawSteps({ inputs, figures: clearances, chance: seededChance(SEED), draws: DRAWS });
  return Object.fromEntries(
    placed.flatMap(({ obstacle: { id } }, i) =>
      drawn[i] ? [[id, { parts: onlyOf(drawn[i].parts, inputs, id), values: drawn[i].values }]] : [],
    ),
  );
}

/** The same at one go. */
export const obstacleSpreads = (job: Job, setup: Setup, axle: AxleName): ObstacleSpreads =>
  atOnce(obstacleSpreadSteps(job, setup, axle));
