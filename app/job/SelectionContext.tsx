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
import { useLocation, useNavigate } from 'react-router';
import type { AxleName } from '#core/job';
import type { Side } from '#core/sweep';
import { useAhead } from './useAhead';
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

/** Where a browser stands, or is about to: what the last step there changed is kept with it. */
interface Place {
  pathname: string;
  search: string;
  state: unknown;
  key: string;
}

const changedAt = ({ state }: Place): string | undefined => (state as { changed?: string } | null)?.changed;

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
  const navigate = useNavigate();
  const [ahead, show] = useAhead<string>(location.key);
  // Keys may follow each other faster than the address does: each change is made on the last that was asked for.
  const asked = useRef<Place>(location);
  /** What the step changed that the history stands at. */
  const stepped = useRef<string>(undefined);
  useLayoutEffect(() => {
    asked.current = location;
    stepped.current = changedAt(location);
  }, [location]);
  const change = useCallback(
    (change: SightChange) => {
      const now = asked.current;
      const search = searchAfter(now.search, change);
      if (search === now.search) return;
      const changed = Object.keys(change).sort().join();
      // A pose follows the hand: it is no step of its own.
      const follows = changed === 'pose';
      const next = { ...now, search, state: follows ? now.state : { changed } };
      asked.current = next;
      show({ of: now.key, value: search });
      const { pathname, state } = next;
      const replace = follows || stepped.current === changed;
      const gone = navigate({ pathname, search }, { state, replace, preventScrollReset: true });
      // One that another overtakes on the way is no step of the history.
      void Promise.resolve(gone).then(() => {
        if (asked.current === next) stepped.current = changedAt(next);
      });
    },
    [navigate, show],
  );
  return { search: ahead ? ahead.value : location.search, change };
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
