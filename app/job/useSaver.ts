import { useEffect, useRef, type Dispatch } from 'react';
import { useFetcher } from 'react-router';
import type { SaveResult } from '#server/saved';
import { type JobAction, type JobState, type Unreachable, waitingEdits } from './jobState';
import { keepWaiting } from './waiting';

/** The files of each page, as the router keeps them for itself. */
interface Pages {
  routes: Record<string, { module: string } | undefined>;
}

/** How long the hands must rest before a change is saved. */
const REST_MS = 400;
/** How long to wait before an unreachable server is tried again. */
const RETRY_MS = 5000;

/** Saves what waits, one task after the other, and brings every answer back into the job's state. */
export function useSaver(state: JobState, dispatch: Dispatch<JobAction>): void {
  const { id, revision } = state.server;
  const fetcher = useFetcher<SaveResult | Unreachable>({ key: `save-${id}` });
  const { submit } = fetcher;
  const task = state.queue[0];
  const ready = task !== undefined && !state.sending && state.save.name === 'saving';

  useEffect(() => {
    // The router loads the route that a save goes to with the first save; without a network then, it would reload the
    // page, and lose it.
    const { __reactRouterManifest: pages } = window as { __reactRouterManifest?: Pages };
    const file = pages?.routes['routes/job-start']?.module;
    if (file) void import(/* @vite-ignore */ file).catch(() => {});
  }, []);

  useEffect(() => {
    keepWaiting(id, { revision, edits: waitingEdits(state) });
  }, [id, revision, state]);

  useEffect(() => {
    if (!ready || !task) return;
    const send = () => {
      dispatch({ type: 'sending' });
      const body =
        task.kind === 'edits' ? { intent: 'edit', revision, edits: task.edits } : { intent: task.kind, revision };
      void submit(JSON.parse(JSON.stringify(body)), {
        method: 'post',
        action: `/jobs/${id}`,
        encType: 'application/json',
      });
    };
    const timer = setTimeout(send, task.kind === 'edits' && state.queue.length === 1 ? REST_MS : 0);
    return () => clearTimeout(timer);
  }, [ready, task, revision, id, submit, dispatch, state.queue.length]);

  const answer = fetcher.data;
  const taken = useRef(answer);
  useEffect(() => {
    if (fetcher.state !== 'idle' || answer === undefined || taken.current === answer) return;
    taken.current = answer;
    dispatch({ type: 'answer', result: answer });
  }, [fetcher.state, answer, dispatch]);

  const failed = state.save.name === 'failed';
  useEffect(() => {
    if (!failed) return;
    const retry = () => dispatch({ type: 'retry' });
    const timer = setTimeout(retry, RETRY_MS);
    window.addEventListener('online', retry);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('online', retry);
    };
  }, [failed, dispatch]);
}
