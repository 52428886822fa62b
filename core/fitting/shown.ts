import type { Fitting } from './records';

/** The fitting that is looked at: the one that was asked for, else the one under way, else the last. */
export const fittingShown = (fittings: readonly Fitting[], asked: string | null): Fitting | undefined =>
  fittings.find(({ id }) => id === asked) ?? fittings.findLast(({ finishedAt }) => !finishedAt) ?? fittings.at(-1);
