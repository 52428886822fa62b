import { useEffect, useState, useSyncExternalStore } from 'react';
import { NO_SWEEPS, type SweepSource } from '#core/evaluate';
import type { Job, Setup } from '#core/job';
import { SweepStore, UNSWEPT, type SweepState } from './sweepStore';

/** How long a job stays as it is before it is swept anew, ms: a held nudge key is swept once, at its end. */
const PAUSE_MS = 150;

/**
 * Keeps the sweeps of the job on the table up with it; only what comes in draws the stations again, not the progress on
 * the way.
 */
export function useSweeps(job: Job, raised: Setup | null): { source: SweepSource; store: SweepStore } {
  const [store] = useState(() => new SweepStore());
  const source = useSyncExternalStore(
    store.subscribe,
    () => store.state().source,
    () => NO_SWEEPS,
  );
  useEffect(() => {
    const later = setTimeout(() => store.follow(job, raised), store.expect() ? PAUSE_MS : 0);
    return () => clearTimeout(later);
  }, [store, job, raised]);
  useEffect(() => () => store.end(), [store]);
  return { source, store };
}

/** How the sweeps stand, progress and all. */
export const useSweepState = (store: SweepStore): SweepState =>
  useSyncExternalStore(store.subscribe, store.state, () => UNSWEPT);
