import type { Compared, Corner, Fitting } from '#core/fitting';

/** What was found on the car against what had been predicted, corner by corner. */
export interface FittingReport {
  id: string;
  kind: Fitting['kind'];
  corners: Partial<Record<Corner, { setup: string; compared: Compared[] }>>;
}
