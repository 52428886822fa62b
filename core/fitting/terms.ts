import type { Measured } from '#core/units';

/** How the shop works at the car; what is left out is as usual. */
export interface FitUpTerms {
  /** When torque is checked again: what comes first. */
  retorqueDays?: Measured;
  retorqueKm?: Measured;
  /** Anti-seize on mating faces. */
  antiSeize?: (typeof ANTI_SEIZE)[number] | undefined;
  threadlock?: (typeof THREADLOCK)[number] | undefined;
}
export const ANTI_SEIZE = ['film', 'none'] as const;
export const THREADLOCK = ['maker', 'never'] as const;
