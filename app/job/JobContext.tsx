import type { Side } from '#core/sweep';
import { createContext, useContext, useEffect, useMemo, useReducer, useRef, useState, type ReactNode } from 'react';
import type { SetupReport, SweepSource, VehicleReport } from '#core/evaluate';
import type { AxleName, Edit, ShopDefaults, Job, Setup } from '#core/job';
import type { HistoryEntry, OpenJob } from '#server/jobs';
import type { Units } from '#core/units';
import { DraftsContext } from '../ui/fields/DraftsContext';
import { useLengths } from '../preferences/PreferencesContext';
import { jobReducer, startState, type JobAction, type JobState } from './jobState';
import { presentReportOf, reportOf, vehicleReportsOf } from './reports';
import type { SweepStore } from './sweepStore';
import { useSaver } from './useSaver';
import { withReadings } from './withReadings';
import { ShelfProvider } from './ShelfContext';
import { useSweeps } from './useSweeps';
import { takeWaiting } from './waiting';

/** A job on the table, for every station. */
export interface JobTable {
  state: JobState;
  job: Job;
  setups: { setup: Setup; report: SetupReport }[];
  present: SetupReport;
  /** What the readings of each axle say of themselves. */
  vehicle: Record<AxleName, VehicleReport>;
  /** The sweeps behind the reports, and who makes them. */
  sweeps: SweepSource;
  sweepStore: SweepStore;
  readings: HistoryEntry[];
  edit(...edits: Edit[]): void;
  dispatch(action: JobAction): void;
  /** Texts that were typed and are no value yet, by the field they stand in; they outlive a change of station. */
  drafts: Map<string, string>;
  axle: AxleName;
  setAxle(axle: AxleName): void;
  side: Side;
  setSide(side: Side): void;
  /** The setup that is raised in the tray. */
  current: Setup | null;
  raise(id: string): void;
}

/** The axle in hand, by itself: switches need not follow every change of the job. */
interface AxleChoice {
  axle: AxleName;
  setAxle(axle: AxleName): void;
  side: Side;
  setSide(side: Side): void;
}
const AxleContext = createContext<AxleChoice>({
  axle: 'front',
  setAxle: () => {},
  side: 'right',
  setSide: () => {},
});
export const useAxle = (): AxleChoice => useContext(AxleContext);

const JobContext = createContext<JobTable | null>(null);

export function useJob(): JobTable {
  const table = useContext(JobContext);
  if (!table) throw new Error('useJob outside a job');
  return table;
}

interface JobProviderProps {
  open: OpenJob;
  /** The shop's own limits and rules. */
  house: ShopDefaults;
  children: ReactNode;
}

export function JobProvider({ open, house, children }: JobProviderProps) {
  const [state, dispatch] = useReducer(jobReducer, open, (server) => startState(server));
  const { units: unit } = useLengths();
  const [axle, setAxle] = useState<AxleName>('front');
  const [side, setSide] = useState<Side>('right');
  const [raised, setRaised] = useState<string | null>(null);
  const [drafts] = useState(() => new Map<string, string>());
  // Before the saver, which would take an empty table for "nothing is waiting".
  useUnsavedEdits(open, dispatch);
  useSaver(state, dispatch);
  useEffect(() => dispatch({ type: 'fresh', open }), [open]);

  const { readings } = state;
  const vehicle = useMemo(() => withReadings(state.job.vehicle, readings), [state.job.vehicle, readings]);
  const job = useMemo(() => ({ ...state.job, vehicle, house }), [state.job, vehicle, house]);
  const current = job.setups.find(({ id }) => id === raised) ?? job.setups[0] ?? null;
  const { source: sweeps, store: sweepStore } = useSweeps(job, current);
  const judged = useMemo(() => reports(job, unit, sweeps), [job, unit, sweeps]);
  const table = useMemo<JobTable>(
    () => ({
      state,
      job,
      ...judged,
      sweeps,
      sweepStore,
      readings,
      edit: (...edits) => dispatch({ type: 'edit', edits, at: new Date().toISOString() }),
      dispatch,
      drafts,
      axle,
      setAxle,
      side,
      setSide,
      current,
      raise: setRaised,
    }),
    [state, job, judged, sweeps, sweepStore, readings, axle, side, current, drafts],
  );
  const axleChoice = useMemo(() => ({ axle, setAxle, side, setSide }), [axle, side]);
  return (
    <DraftsContext value={drafts}>
      <AxleContext value={axleChoice}>
        <ShelfProvider>
          <JobContext value={table}>{children}</JobContext>
        </ShelfProvider>
      </AxleContext>
    </DraftsContext>
  );
}

const reports = (job: Job, unit: Units, sweeps: SweepSource) => ({
  setups: job.setups.map((setup) => ({ setup, report: reportOf({ job, setup, unit, sweeps }) })),
  present: presentReportOf(job, unit, sweeps),
  vehicle: vehicleReportsOf(job, unit, sweeps),
});

/** Edits this browser could not save before a reload are put back on the table once. */
function useUnsavedEdits(open: OpenJob, dispatch: (action: JobAction) => void): void {
  const looked = useRef(false);
  useEffect(() => {
    if (looked.current) return;
    looked.current = true;
    const waiting = takeWaiting(open.id);
    if (waiting) dispatch({ type: 'restore', ...waiting, at: new Date().toISOString() });
  }, [open.id, dispatch]);
}
