import { useEffect, useState } from 'react';
import type { JobListItem } from '#server/bench';

/** How long after an answer, or after none, what is still being judged is asked for again. */
const AGAIN_MS = 1500;

const NONE: readonly JobListItem[] = [];

/**
 * The rows of a list, with what has been judged since they came. It is asked for past the router: a page that is loaded
 * again while a command is on its way takes away the place that the command leads to.
 */
export function useStandings(listed: readonly JobListItem[]): readonly JobListItem[] {
  const [known, setKnown] = useState({ of: listed, rows: NONE });
  const rows = known.of === listed ? known.rows : NONE;
  const jobs = listed.map((job) => rows.find(({ id }) => id === job.id) ?? job);
  const waiting = jobs.flatMap(({ id, standing }) => (standing === 'judging' ? [id] : [])).join();
  useEffect(() => {
    if (waiting === '') return;
    let [gone, timer] = [false, 0];
    const look = async () => {
      const response = await fetch(`/standings.json?ids=${waiting}`);
      if (!response.ok) throw new Error(`the standings did not come: ${response.status}`);
      const come = (await response.json()) as JobListItem[];
      if (!gone)
        setKnown(({ of, rows: before }) => {
          const others = of === listed ? before.filter((row) => !come.some(({ id }) => id === row.id)) : [];
          return { of: listed, rows: [...others, ...come] };
        });
    };
    const again = () => {
      timer = window.setTimeout(() => {
        look()
          .catch(() => {})
          .finally(() => {
            if (!gone) again();
          });
      }, AGAIN_MS);
    };
    again();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [listed, waiting]);
  return jobs;
}
