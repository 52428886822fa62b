import { useEffect, useState } from 'react';
import type { FindAsk, FindRow, Finds } from '#core/find';
import { FindPool } from '../../workers/findPool';

/** How long nothing must change before it is looked for, ms: a slider may still be drawn. */
const REST_MS = 200;

/** A search as the page shows it. */
export interface Found {
  name: 'searching' | 'done' | 'stopped' | 'died';
  tried: number;
  of: number;
  rows: readonly FindRow[];
  /** What was found at the end of the search before or of this one; null until one has ended. */
  finds: Finds | null;
  /** The rows are those of what is asked for now. */
  isCurrent: boolean;
}

const NOTHING: Found = { name: 'searching', tried: 0, of: 0, rows: [], finds: null, isCurrent: false };

/** Searches, and again whenever what is asked for changes; the rows before stay in sight until new ones come. */
export function useFind(ask: FindAsk | null): { found: Found; stop(): void; again(): void } {
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
      setFound((before) => ({ ...before, name: 'searching', tried: 0, of: 0, isCurrent: false }));
      const outcome = await pool.search(ask, ({ tried, of, rows }) =>
        setFound((before) => ({
          ...before,
          tried,
          of,
          ...(rows.length > 0 ? { rows, isCurrent: true } : {}),
        })),
      );
      if (outcome.name === 'done') {
        const { finds } = outcome;
        setFound({ name: 'done', tried: finds.tried, of: finds.tried, rows: finds.rows, finds, isCurrent: true });
      } else if (outcome.name === 'died') setFound((before) => ({ ...before, name: 'died' }));
    };
    const timer = setTimeout(() => void begin(), REST_MS);
    return () => {
      clearTimeout(timer);
      pool.stop();
    };
  }, [ask, pool, tries]);
  return {
    found,
    stop() {
      pool.stop();
      setFound((before) => ({ ...before, name: 'stopped' }));
    },
    again: () => setTries((made) => made + 1),
  };
}
