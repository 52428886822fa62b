import type { Fitting, Retorque } from './records';
import type { FitUpTerms } from './terms';

/** When torque is checked again: 50 to 100 km, or a week for a car that stands (common practice, no source). */
export const USUAL_RETORQUE = { days: 7, km: 100 } as const;

/** From when a check of torque is counted; the odometer is null where it was not read. */
export interface RetorqueFrom {
  at: string;
  odometerKm: number | null;
}

/** When a fitting is due for a check of its torque. */
export interface RetorqueDue {
  /** ISO 8601. */
  byDate: string;
  /** Null where the odometer was not read: by date alone. */
  byKm: number | null;
}

const DAY_MS = 86_400_000;

/** The check that counts: the last one. */
const lastOf = (checks: readonly Retorque[]): Retorque | null =>
  checks.reduce<Retorque | null>((last, one) => (last && last.doneAt > one.doneAt ? last : one), null);

/**
 * From when the torque of a fitting waits to be checked: from its end, or from a check that found a fastener that
 * moved. Null for a mock-up, one that is under way, one that came off again, and one whose last check found nothing.
 */
function retorqueFrom({ kind, finishedAt, outcome, odometerKm, retorque = [] }: Fitting): RetorqueFrom | null {
  if (kind !== 'final' || finishedAt == null || outcome === 'taken off' || outcome === 'changed') return null;
  const last = lastOf(retorque);
  if (!last) return { at: finishedAt, odometerKm: odometerKm ?? null };
  return (last.moved ?? []).length === 0 ? null : { at: last.doneAt, odometerKm: last.odometerKm ?? null };
}

/** When a check is due by the terms of the shop: after so many days or km, what comes first. */
export const dueAfter = ({ at, odometerKm }: RetorqueFrom, terms: FitUpTerms = {}): RetorqueDue => ({
  byDate: new Date(new Date(at).getTime() + (terms.retorqueDays ?? USUAL_RETORQUE.days) * DAY_MS).toISOString(),
  byKm: odometerKm === null ? null : odometerKm + (terms.retorqueKm ?? USUAL_RETORQUE.km),
});

/** When the torque of a fitting is due to be checked; null where it is not. */
export function retorqueDue(fitting: Fitting, terms?: FitUpTerms): RetorqueDue | null {
  const from = retorqueFrom(fitting);
  return from && dueAfter(from, terms);
}

/** From when a job waits for a check: what is on the car now is its last final fitting. */
export function jobRetorqueFrom({ fittings = [] }: { fittings?: readonly Fitting[] | undefined }): RetorqueFrom | null {
  const last = fittings.findLast(({ kind, finishedAt }) => kind === 'final' && finishedAt != null);
  return last ? retorqueFrom(last) : null;
}

/** Whether a check is overdue by a clock, or by an odometer that was read since. */
export const isOverdue = ({ byDate, byKm }: RetorqueDue, now: Date, odometerKm: number | null = null): boolean =>
  new Date(byDate) <= now || (byKm !== null && odometerKm !== null && odometerKm >= byKm);
