import { threadOrNull, type Seat } from '#core/fastener';
import type { ShelfItem } from './item';

/** What a stud or bolt must be. Lengths mm. */
export interface FastenerNeed {
  form: 'stud' | 'bolt';
  thread: string | undefined;
  /** Of bolts: the seat the wheel has; null where any does. */
  seat: Seat | null;
  leastMm: number;
  mostMm: number;
}

/**
 * The shortest stud or bolt kept that holds: of this thread and seat, long enough, and not longer than the hub takes.
 */
export function shortestOnShelf(items: readonly ShelfItem[], need: FastenerNeed): ShelfItem | null {
  const name = threadOrNull(need.thread)?.name;
  const does = ({ kind, form, thread, lengthMm, seat, quantity }: ShelfItem): boolean =>
    kind === 'fastener' &&
    form === need.form &&
    quantity !== 0 &&
    name !== undefined &&
    threadOrNull(thread)?.name === name &&
    lengthMm != null &&
    lengthMm >= need.leastMm - 1e-6 &&
    lengthMm <= need.mostMm + 1e-6 &&
    (need.form === 'stud' || need.seat === null || seat === need.seat);
  return items.filter(does).sort((one, other) => one.lengthMm! - other.lengthMm!)[0] ?? null;
}
