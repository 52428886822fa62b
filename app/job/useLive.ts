import { useEffect, useRef, useState, type Dispatch } from 'react';
import { openJobOf, type OpenJob } from '#formats/openJob';
import type { LiveEvents, Screen } from '#server/live/records';
import type { JobAction, JobState } from './jobState';
import { useStable } from '../ui/parts/useStable';

/** How long a page may be out of sight before it lets its line go: a browser has only a few to one place. */
const OUT_OF_SIGHT_MS = 5_000;
/** How long until a line that was refused is tried again; meanwhile it is asked. */
const AGAIN_MS = 5_000;

const NOBODY: readonly Screen[] = [];

/**
 * Hears what other screens save of a job, and who they are. Where no line holds, it is asked from time to time; what
 * waits here to be saved is never touched: its own save finds out.
 */
export function useLive(state: JobState, dispatch: Dispatch<JobAction>, by: string): readonly Screen[] {
  const { id, revision } = state.server;
  const [others, setOthers] = useState(NOBODY);
  const [latest, setLatest] = useState(0);
  const isIdle = state.queue.length === 0;
  const heard = useRef(revision);
  useEffect(() => {
    heard.current = revision;
  }, [revision]);

  // Behind, with nothing that waits: the whole of it is asked for.
  useEffect(() => {
    if (!isIdle || latest <= revision) return;
    const stop = new AbortController();
    void openAnew(id, revision, stop.signal).then((open) => open && dispatch({ type: 'fresh', open }));
    return () => stop.abort();
  }, [id, isIdle, latest, revision, dispatch]);

  const hear = useStable({
    saved(saved: LiveEvents['saved']) {
      dispatch({ type: 'heard', saved });
      setLatest(saved.revision);
    },
    behind: ({ revision: later }: LiveEvents['behind']) => setLatest(later),
    present: ({ own, screens }: LiveEvents['present']) => setOthers(screens.filter((one) => one.id !== own)),
    lost() {
      setOthers(NOBODY);
      void openAnew(id, heard.current).then((open) => open && dispatch({ type: 'fresh', open }));
    },
  });

  useEffect(() => {
    let source: EventSource | undefined;
    let timer: number | undefined;
    const shut = () => {
      window.clearTimeout(timer);
      source?.close();
      source = undefined;
    };
    const listen = () => {
      window.clearTimeout(timer);
      if (source) return;
      const line = new EventSource(`/jobs/${id}/events?${new URLSearchParams({ from: String(heard.current), by })}`);
      source = line;
      const on = <K extends keyof LiveEvents>(event: K, take: (data: LiveEvents[K]) => void) =>
        line.addEventListener(event, ({ data }: MessageEvent<string>) => take(JSON.parse(data) as LiveEvents[K]));
      on('saved', hear.saved);
      on('behind', hear.behind);
      on('present', hear.present);
      line.addEventListener('error', () => {
        // A line that was cut comes back by itself; one that was refused does not.
        if (line.readyState !== EventSource.CLOSED) return;
        shut();
        hear.lost();
        timer = window.setTimeout(listen, AGAIN_MS);
      });
    };
    const look = () => {
      window.clearTimeout(timer);
      if (document.visibilityState === 'visible') listen();
      else timer = window.setTimeout(shut, OUT_OF_SIGHT_MS);
    };
    look();
    document.addEventListener('visibilitychange', look);
    return () => {
      document.removeEventListener('visibilitychange', look);
      shut();
    };
  }, [id, by, hear]);

  return others;
}

/** The job as it is on the server, where that is later than a revision; null where it is not, or cannot be asked. */
async function openAnew(id: string, revision: number, signal?: AbortSignal): Promise<OpenJob | null> {
  try {
    const response = await fetch(`/jobs/${id}/open.json?from=${revision}`, signal ? { signal } : {});
    return response.status === 200 ? openJobOf(await response.text()) : null;
  } catch {
    return null;
  }
}
