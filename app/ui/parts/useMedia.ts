import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query holds, followed as it changes; not on the server. */
export function useMedia(query: string): boolean {
  const follow = useCallback(
    (changed: () => void) => {
      const list = matchMedia(query);
      list.addEventListener('change', changed);
      return () => list.removeEventListener('change', changed);
    },
    [query],
  );
  return useSyncExternalStore(
    follow,
    () => matchMedia(query).matches,
    () => false,
  );
}
