import { useEffect, useState } from 'react';
import type { FindAsk, FindRow, Finds } from '#core/find';
import { FindPool } from '../../workers/findPool';

/** How long nothing must change before it is looked for, ms: a slider may still be drawn. */
const REST_MS = 200;

/** How a search stands. */
interface State {
  name: 'idle' | 'running' | 'done' | 'died';
  /** Share done while it runs. */
  share: number;
  rows: readonly FindRow[];
  /** What was found at the end of the search before or of this one; null until one has ended. */
  finds: Finds | null;
  /** The rows are those of what is asked for now. */
  isCurrent: boolean;
}

/** A search as the page shows it. */
export interface Found extends State {
  start(): void;
  stop(): void;
}

const NOTHING: State = { name: 'running', share: 0, rows: [], finds: null, isCurrent: false };

/** Searches, and again whenever what is asked for changes; the rows before stay in sight until new ones come. */
export function useFind(ask: FindAsk | null): Found {
  const [pool] = useState(() => new FindPool());
  const [found, setFound] = useState(NOTHING);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    pool.warm();
    return () => pool.end();
  }, [pool]);
  useEffect(() => {
    if (!ask) return;
    const begin = async () => {
      setFound((before) => ({ ...before, name: 'running', share: 0, isCurrent: false }));
      const outcome = await pool.search(ask, ({ tried, of, rows }) =>
        setFound((before) => ({
          ...before,
          share: of === 0 ? 0 : tried / of,
          ...(rows.length > 0 ? { rows, isCurrent: true } : {}),
        })),
      );
      if (outcome.name === 'done') {
        const { finds } = outcome;
        setFound({ name: 'done', share: 1, rows: finds.rows, finds, isCurrent: true });
      } else if (outcome.name === 'died') setFound((before) => ({ ...before, name: 'died' }));
    };
    const timer = setTimeout(() => void begin(), REST_MS);
    return () => {
      clearTimeout(timer);
      pool.stop();
    };
  }, [ask, pool, tries]);
  return {
    ...found,
    stop() {
      pool.stop();
      setFound((before) => ({ ...before, name: 'idle' }));
    },
    start: () => setTries((made) => made + 1),
  };
}
