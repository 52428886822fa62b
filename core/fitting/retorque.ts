import type { Fitting, Retorque } from './records';

/** When torque is checked again after a fitting: at what comes first. */
export interface RetorqueTerms {
  afterDays: number;
  afterKm: number;
}

/** Common practice, no source: 50 to 100 km, or a week for a car that stands. */
const USUAL_RETORQUE: RetorqueTerms = { afterDays: 7, afterKm: 100 };

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
 * When the torque of a fitting is due to be checked: counted from its end, or from a check that found a fastener that
 * moved. Null for a mock-up, one that is under way, one that came off again, and one whose last check found nothing.
 */
export function retorqueDue(fitting: Fitting, terms: RetorqueTerms = USUAL_RETORQUE): RetorqueDue | null {
  const { kind, finishedAt, outcome, odometerKm, retorque = [] } = fitting;
  if (kind !== 'final' || finishedAt == null || outcome === 'taken off' || outcome === 'changed') return null;
  const last = lastOf(retorque);
  if (last && (last.moved ?? []).length === 0) return null;
  const from = last?.doneAt ?? finishedAt;
  const km = (last ? last.odometerKm : odometerKm) ?? null;
  return {
    byDate: new Date(new Date(from).getTime() + terms.afterDays * DAY_MS).toISOString(),
    byKm: km === null ? null : km + terms.afterKm,
  };
}

/** Whether a check is overdue by a clock, or by an odometer that was read since. */
export const isOverdue = ({ byDate, byKm }: RetorqueDue, now: Date, odometerKm: number | null = null): boolean =>
  new Date(byDate) <= now || (byKm !== null && odometerKm !== null && odometerKm >= byKm);
