import type { Piscina } from 'piscina';
import { log } from '../base/log';
import { soon } from '../base/soon';

/** How long threads have to end. */
const END_MS = 2000;

/**
 * Ends threads; what they were doing is dropped. One that was told to end and does not, as happens now and then where
 * it is just falling asleep, is left to the end of the process: it has nothing that is worth waiting for.
 */
export async function endThreads(threads: Piscina | undefined): Promise<void> {
  const ended = await soon(
    Promise.resolve(threads?.destroy()).then(() => true),
    END_MS,
  );
  if (!ended) log.warn('a thread did not end');
}
