import { useCallback, useEffect, useRef, useState } from 'react';
import type { Remote } from 'comlink';
import type { SweepWork } from '../workers/sweepProtocol';
import type { Running, SweepWorker } from '../workers/sweepWorker';

/** How a question to the worker stands; what it answered last stays until another answer comes. */
export interface Asked<T> {
  name: 'idle' | 'running' | 'done' | 'died';
  /** Share done while it runs. */
  share: number;
  value: T | null;
  start(): void;
  stop(): void;
}

type Ask<T> = (work: Remote<SweepWork>, call: number, progress: (share: number) => void) => Promise<T | null>;

/** How long what is asked about stays as it is before it is asked anew, ms. */
const PAUSE_MS = 120;

/**
 * Asks the worker something about the job. When what it is about becomes another, what runs is stopped; then it is
 * asked anew by itself, or what it answered is forgotten and it waits to be asked.
 * @param about what the answer belongs to, compared one by one
 */
export function useAsked<T>({
  worker,
  ask,
  about,
  byItself,
}: {
  worker: SweepWorker;
  ask: Ask<T>;
  about: readonly unknown[];
  byItself: boolean;
}): Asked<T> {
  const [state, setState] = useState<Omit<Asked<T>, 'start' | 'stop'>>({ name: 'idle', share: 0, value: null });
  const running = useRef<Running<T> | null>(null);
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  const start = useCallback(() => {
    running.current?.stop();
    const run: Running<T> = worker.call<T>(
      (work, call, progress) => latest.current(work, call, progress),
      (share) => running.current === run && setState((now) => ({ ...now, share })),
    );
    running.current = run;
    setState((now) => ({ ...now, name: 'running', share: 0 }));
    run.answer.then(
      (value) =>
        running.current === run &&
        setState((now) => (value === null ? { ...now, name: 'idle' } : { name: 'done', share: 1, value })),
      () => running.current === run && setState((now) => ({ ...now, name: 'died' })),
    );
  }, [worker]);
  const stop = useCallback(() => running.current?.stop(), []);
  useEffect(() => {
    if (byItself) {
      const later = setTimeout(start, PAUSE_MS);
      return () => clearTimeout(later);
    }
    return () => {
      running.current?.stop();
      running.current = null;
      setState({ name: 'idle', share: 0, value: null });
    };
    // What it is about is the caller's list.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [...about, byItself, start]);
  useEffect(() => () => running.current?.stop(), []);
  return { ...state, start, stop };
}
