import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useReducer,
  useRef,
  useState,
  type Dispatch,
  type ReactNode,
} from 'react';
import type { Edit, Job, ShopDefaults } from '#core/job';
import type { OpenJob } from '#formats/openJob';
import type { HistoryEntry } from '#formats/openJob';
import type { Screen } from '#server/live/records';
import { usePreferences } from '../preferences/PreferencesContext';
import { DraftsContext } from '../ui/fields/DraftsContext';
import { ForeignContext } from '../ui/fields/ForeignContext';
import { jobReducer, startState, type JobAction, type JobState } from './jobState';
import { useLive } from './useLive';
import { useSaver } from './useSaver';
import { withReadings } from './withReadings';
import { takeWaiting } from './waiting';

/** The job on the table, as it is shown. */
export interface JobDocument {
  id: string;
  job: Job;
  readings: HistoryEntry[];
  edit(...edits: Edit[]): void;
}
/** What the server has of it, and what waits to be saved. */
export interface Saves {
  state: JobState;
  /** Other screens that have it open. */
  others: readonly Screen[];
}

const DocumentContext = createContext<JobDocument | null>(null);
const SavesContext = createContext<Saves | null>(null);
const DispatchContext = createContext<Dispatch<JobAction> | null>(null);

function inJob<T>(value: T | null): T {
  if (value === null) throw new Error('outside a job');
  return value;
}
export const useDocument = (): JobDocument => inJob(useContext(DocumentContext));
export const useSaves = (): Saves => inJob(useContext(SavesContext));
/** What is done to the job but an edit; who only does it need not be drawn again with every change. */
export const useDispatch = (): Dispatch<JobAction> => inJob(useContext(DispatchContext));

interface DocumentProviderProps {
  open: OpenJob;
  /** The shop's own limits and rules. */
  house: ShopDefaults;
  children: ReactNode;
}

/** Keeps the document of a job: takes edits, shows them at once and saves them. */
export function DocumentProvider({ open, house, children }: DocumentProviderProps) {
  const [state, dispatch] = useReducer(jobReducer, open, (server) => startState(server));
  /** Texts that were typed and are no value yet; they outlive a change of station. */
  const [drafts] = useState(() => new Map<string, string>());
  // Before the saver, which would take an empty table for "nothing is waiting".
  useUnsavedEdits(open, dispatch);
  useSaver(state, dispatch);
  const { initials } = usePreferences();
  const others = useLive(state, dispatch, initials);
  useEffect(() => dispatch({ type: 'fresh', open }), [open]);

  const { readings } = state;
  const { id } = open;
  const vehicle = useMemo(() => withReadings(state.job.vehicle, readings), [state.job.vehicle, readings]);
  const job = useMemo(() => ({ ...state.job, vehicle, house }), [state.job, vehicle, house]);
  const value = useMemo<JobDocument>(
    () => ({
      id,
      job,
      readings,
      edit: (...edits) => dispatch({ type: 'edit', edits, at: new Date().toISOString() }),
    }),
    [id, job, readings],
  );
  const saves = useMemo(() => ({ state, others }), [state, others]);
  return (
    <DraftsContext value={drafts}>
      <ForeignContext value={state.foreign}>
        <DispatchContext value={dispatch}>
          <SavesContext value={saves}>
            <DocumentContext value={value}>{children}</DocumentContext>
          </SavesContext>
        </DispatchContext>
      </ForeignContext>
    </DraftsContext>
  );
}

/** Edits this browser could not save before a reload are put back on the table once. */
function useUnsavedEdits(open: OpenJob, dispatch: Dispatch<JobAction>): void {
  const looked = useRef(false);
  useEffect(() => {
    if (looked.current) return;
    looked.current = true;
    const waiting = takeWaiting(open.id);
    if (waiting) dispatch({ type: 'restore', ...waiting, at: new Date().toISOString() });
  }, [open.id, dispatch]);
}
