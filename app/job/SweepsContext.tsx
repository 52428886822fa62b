import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { useLocation } from 'react-router';
import { NO_SWEEPS, type SweepSource } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { useDocument } from './DocumentContext';
import { keptSweepsHere } from './keptSweeps';
import { SweepStore, UNSWEPT, type SweepState } from './sweepStore';
import { useRaised } from './useRaised';

/** The sweeps that the reports are made with, and who makes them. */
export interface Sweeps {
  source: SweepSource;
  store: SweepStore;
}

const SweepsContext = createContext<Sweeps | null>(null);

export function useSweeps(): Sweeps {
  const sweeps = useContext(SweepsContext);
  if (!sweeps) throw new Error('outside a job');
  return sweeps;
}

/** Where readings are taken, and no setup is looked at. */
const MEASURING = /\/(hub|room|brakes|brief)\/?$/;

/** How long a job stays as it is before it is swept anew, ms: a held nudge key is swept once, at its end. */
const PAUSE_MS = 150;

/**
 * Keeps the sweeps of the job on the table up with it; only what comes in draws the stations again, not the progress on
 * the way.
 */
export function SweepsProvider({ children }: { children: ReactNode }) {
  const { job } = useDocument();
  const raised = useRaised();
  const { pathname } = useLocation();
  const resting = MEASURING.test(pathname);
  const [store] = useState(() => new SweepStore(keptSweepsHere()));
  const source = useSyncExternalStore(
    store.subscribe,
    () => store.state().source,
    () => NO_SWEEPS,
  );
  useEffect(() => {
    const later = setTimeout(() => store.follow(job, raised, resting), store.expect() ? PAUSE_MS : 0);
    return () => clearTimeout(later);
  }, [store, job, raised, resting]);
  useEffect(() => () => store.end(), [store]);
  const value = useMemo(() => ({ source, store }), [source, store]);
  return <SweepsContext value={value}>{children}</SweepsContext>;
}

/** How the sweeps stand, progress and all. */
export function useSweepState(): SweepState {
  const { store } = useSweeps();
  return useSyncExternalStore(store.subscribe, store.state, () => UNSWEPT);
}

/** Whether what a sweep says of a setup on an axle is from before a change; asked again whenever one comes in. */
export function useIsStale(): (setup: Setup, axle: AxleName) => boolean {
  const { job } = useDocument();
  const { store, source } = useSweeps();
  // eslint-disable-next-line react-hooks/exhaustive-deps -- another source is when the answer may be another
  return useCallback((setup, axle) => store.isStale({ job, setup, axle }), [job, store, source]);
}
