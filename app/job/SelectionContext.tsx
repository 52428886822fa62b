import {
  createContext,
  useCallback,
  useContext,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useLocation, type Location } from 'react-router';
import type { AxleName } from '#core/job';
import type { Side } from '#core/sweep';
import { useAskedSearch } from '../ui/parts/useAskedSearch';
import { ownSearch, searchAfter, searchFor, sightIn, type Sight, type SightChange } from './sight';

/** What is looked at, as it stands in the address, and how another sight is gone to. */
export interface Selection extends Sight {
  setAxle(axle: AxleName): void;
  setSide(side: Side): void;
  /** Takes another setup in hand; null when there is none left. */
  raise(id: string | null): void;
  params: URLSearchParams;
  change(change: SightChange): void;
  /** The address of a station for the same axle, side and setup, as it was left. */
  addressOf(station: string, change?: SightChange): string;
}

const SelectionContext = createContext<Selection>({
  ...sightIn(new URLSearchParams()),
  setAxle: () => {},
  setSide: () => {},
  raise: () => {},
  params: new URLSearchParams(),
  change: () => {},
  addressOf: (station) => station,
});

/** Outside a job, the front right corner. */
export const useSelection = (): Selection => useContext(SelectionContext);

/** What the last step to a place changed: it is kept with it. */
const changedAt = ({ state }: Location): string | undefined => (state as { changed?: string } | null)?.changed;

/** Keeps what is looked at in the address, so that a reload, a step back and a link show the same sight. */
export function SelectionProvider({ jobId, children }: { jobId: string; children: ReactNode }) {
  const { pathname } = useLocation();
  const { search, change } = useSearch();
  const base = `/jobs/${jobId}/`;
  const left = useLeft(pathname.startsWith(base) ? pathname.slice(base.length) : '', search);
  const value = useMemo<Selection>(() => {
    const params = new URLSearchParams(search);
    return {
      ...sightIn(params),
      setAxle: (axle) => change({ axle: axle === 'front' ? null : axle }),
      setSide: (side) => change({ side: side === 'right' ? null : side }),
      raise: (setup) => change({ setup }),
      params,
      change,
      addressOf: (station, to = {}) => `${base}${station}${searchAfter(searchFor(search, left[station] ?? ''), to)}`,
    };
  }, [search, change, base, left]);
  return <SelectionContext value={value}>{children}</SelectionContext>;
}

/**
 * The sight that is shown, and how another one of the same station is gone to: it is shown at once, and the address
 * follows. A run of the same change, such as setups looked through one by one, is one step back.
 */
function useSearch(): { search: string; change(change: SightChange): void } {
  const location = useLocation();
  const { search, last, ask } = useAskedSearch();
  /** What the step changed that the history stands at. */
  const stepped = useRef<string>(undefined);
  useLayoutEffect(() => {
    stepped.current = changedAt(location);
  }, [location]);
  const change = useCallback(
    (change: SightChange) => {
      const next = searchAfter(last(), change);
      if (next === last()) return;
      const changed = Object.keys(change).sort().join();
      // A pose follows the hand: it is no step of its own.
      const follows = changed === 'pose';
      const kept = follows ? stepped.current : changed;
      const replace = follows || stepped.current === changed;
      void ask(next, { ...(kept ? { state: { changed: kept } } : {}), replace }).then((isLast) => {
        // One that another overtakes on the way is no step of the history.
        if (isLast) stepped.current = kept;
      });
    },
    [last, ask],
  );
  return { search, change };
}

/** What each station looked like when it was left. */
function useLeft(station: string, search: string): Readonly<Record<string, string>> {
  const [left, setLeft] = useState<Readonly<Record<string, string>>>({});
  const own = ownSearch(search);
  if ((left[station] ?? '') === own) return left;
  const next = { ...left, [station]: own };
  setLeft(next);
  return next;
}
