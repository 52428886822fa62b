import type { Measured } from '#core/units';

/** Which setup goes on the car, and why the others do not. */
export interface Decision {
  setup: string;
  decidedAt: string;
  by?: string | undefined;
  why?: string | undefined;
  against?: { setup: string; why: string }[] | undefined;
}

/** Whose car it is, and which. */
export interface Customer {
  name?: string | undefined;
  /** Telephone, mail, or whatever reaches them. */
  contact?: string | undefined;
  plate?: string | undefined;
  vin?: string | undefined;
  odometerKm?: Measured;
}

/** As many setups as a customer is shown side by side. */
export const MOST_OPTIONS = 3;
