import { useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * A text that only the reader's own browser knows (clock, time zone), and what stands for it in the first HTML.
 * @param client gives the same text again as long as nothing changes
 */
export const useOnClient = (client: () => string, server: string): string =>
  useSyncExternalStore(never, client, () => server);
