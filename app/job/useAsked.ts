import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { Lane } from '../workers/lane';
import type { Ask } from '../workers/sweepWorker';
import { useSweeps } from './SweepsContext';

/** How a question to the worker stands. */
export interface Asked<T> {
  name: 'idle' | 'running' | 'done';
  /** Share done while it runs. */
  share: number;
  /** What it answered last. */
  value: T | null;
  /** The answer is to the question as it is now; an older one stands in, dimmed, until the new one is there. */
  isCurrent: boolean;
  start(): void;
  stop(): void;
}

interface State<T> {
  name: Asked<T>['name'];
  share: number;
  answer: { value: T; of: string; about: readonly unknown[] } | null;
}

interface Question<T> {
  ask: Ask<T>;
  /** Whose it is: an older answer stands in for the same one alone, never for another setup or axle. */
  of: string;
  /** What the answer depends on, compared one by one. */
  about: readonly unknown[];
  /** Asked anew by itself whenever what it is about is another; else it waits to be asked. */
  byItself: boolean;
}

/** How long what is asked about stays as it is before it is asked anew, ms. */
const PAUSE_MS = 120;

/** Asks the worker something about the job: with progress and a stop, the newest answer alone. */
export function useAsked<T>({ ask, of, about, byItself }: Question<T>): Asked<T> {
  const { worker } = useSweeps().store;
  const died = useSyncExternalStore(worker.subscribe, worker.died, () => false);
  const [lane] = useState(() => new Lane(worker));
  const [state, setState] = useState<State<T>>({ name: 'idle', share: 0, answer: null });
  const latest = useRef({ ask, of, about });
  useEffect(() => {
    latest.current = { ask, of, about };
  });
  const start = useCallback(async () => {
    worker.revive();
    const { ask: now, ...asked } = latest.current;
    setState((before) => ({ ...before, name: 'running', share: 0 }));
    const outcome = await lane.ask(asked, now, (share) => setState((before) => ({ ...before, share })));
    if (!outcome) return;
    if (outcome.name === 'done') setState({ name: 'done', share: 1, answer: { value: outcome.value, ...asked } });
    else setState((before) => ({ ...before, name: 'idle' }));
  }, [worker, lane]);
  useEffect(() => {
    // A question that nobody asks any more is stopped; a dead worker is asked again when somebody brings it back.
    if (byItself && !died) {
      const later = setTimeout(() => void start(), PAUSE_MS);
      return () => clearTimeout(later);
    }
    return () => {
      lane.drop();
      setState((before) => ({ ...before, name: 'idle', share: 0 }));
    };
    // What it is about is the caller's list.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of, ...about, byItself, died, start, lane]);
  useEffect(() => () => lane.drop(), [lane]);
  const answer = state.answer?.of === of ? state.answer : null;
  const isCurrent = answer !== null && same(answer.about, about);
  const stop = useCallback(() => lane.stop(), [lane]);
  return {
    name: state.name,
    share: state.share,
    value: answer && (byItself || isCurrent) ? answer.value : null,
    isCurrent,
    start: () => void start(),
    stop,
  };
}

const same = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((part, at) => part === other[at]);
