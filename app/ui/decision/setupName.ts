import { setupTitle, type Setup } from '#core/job';

/** A setup by its letter and title. */
export const setupName = (setup: Setup, flangeMm: number | null | undefined): string =>
  `${setup.id.toUpperCase()} ${setupTitle(setup, flangeMm)}`;
