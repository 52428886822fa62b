import { useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * What only the reader's own browser knows (clock, time zone), and what stands for it in the first HTML.
 * @param client gives the same again as long as nothing changes
 */
export const useOnClient = <T extends string | boolean>(client: () => T, server: T): T =>
  useSyncExternalStore(never, client, () => server);
