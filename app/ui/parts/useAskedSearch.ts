import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import { useLocation, useNavigate, type Location } from 'react-router';

/** A search that was asked for, while the address is on the way to it. */
interface Asked {
  /** The place it was asked at. */
  key: string;
  /** The turns of it and of the first one asked at that place: those between are overtaken. */
  turn: number;
  first: number;
  search: string;
}

/** How a search is gone to: what the history keeps with it, and whether it takes the place of the last step. */
interface Step {
  state?: Readonly<Record<string, unknown>>;
  replace: boolean;
}

interface AskedSearch {
  /** What was asked for last, and is shown at once. */
  search: string;
  /** The same in the midst of a run of changes that nothing has been drawn of yet. */
  last(): string;
  /** Asks for another search of this page; told once the address is there, and whether nothing overtook it. */
  ask(search: string, step: Step): Promise<boolean>;
}

/** Each question of this browser has a later turn than all before it, also after a reload. */
let turn = Date.now();

/** Whether an address is still on the way to what was asked: at the place it was asked at, or at an overtaken one. */
function isBefore({ key, state }: Location, asked: Asked): boolean {
  const at = (state as { turn?: number } | null)?.turn ?? 0;
  return key === asked.key || (at >= asked.first && at < asked.turn);
}

/**
 * Another search of the same page: it counts from the moment it is asked for, and the address follows. Questions may
 * follow each other faster than the address does: each is made on the last, also where an overtaken one arrives
 * meanwhile.
 */
export function useAskedSearch(): AskedSearch {
  const location = useLocation();
  const navigate = useNavigate();
  const [held, hold] = useState<Asked | null>(null);
  const asked = held && isBefore(location, held) ? held : null;
  // Once the address is there it is dropped for good, also where it comes back to what it was: a step back.
  if (held && !asked) hold(null);
  const now = useRef<Location & Partial<Asked>>(location);
  useLayoutEffect(() => {
    if (!asked) now.current = location;
  }, [location, asked]);
  const ask = useCallback(
    async (search: string, { state, replace }: Step) => {
      turn += 1;
      const { key, pathname, first = turn } = now.current;
      const next = { ...now.current, turn, first, search };
      now.current = next;
      hold({ key, turn, first, search });
      await navigate({ pathname, search }, { state: { ...state, turn }, replace, preventScrollReset: true });
      return now.current.turn === next.turn;
    },
    [navigate],
  );
  const last = useCallback(() => now.current.search, []);
  return { search: asked ? asked.search : location.search, last, ask };
}
