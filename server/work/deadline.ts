/**
 * Does something with a signal that comes when its time is over. Not one that times out by itself: that lives on for as
 * long as it might have taken, and all that was asked with it.
 */
export async function within<T>(ms: number, run: (signal: AbortSignal) => Promise<T>): Promise<T> {
  const late = new AbortController();
  const timer = setTimeout(() => late.abort(), ms).unref();
  try {
    return await run(late.signal);
  } finally {
    clearTimeout(timer);
  }
}

/** Fails once a time is over, for what does not end by the signal. */
export const over = (signal: AbortSignal): Promise<never> =>
  new Promise((_, reject) =>
    signal.addEventListener('abort', () => reject(signal.reason as DOMException), { once: true }),
  );
