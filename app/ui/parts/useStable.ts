import { useLayoutEffect, useMemo, useRef } from 'react';

/**
 * The same functions for the life of a component that always run the latest version of themselves, so that parts which
 * take them need not be drawn again. For event handlers only: they must not be called while rendering.
 */
export function useStable<H extends Record<string, (...args: never[]) => unknown>>(handlers: H): H {
  const latest = useRef(handlers);
  useLayoutEffect(() => {
    latest.current = handlers;
  });
  const names = Object.keys(handlers).join();
  return useMemo(
    () =>
      Object.fromEntries(
        names.split(',').map((name) => [name, (...args: never[]) => latest.current[name]!(...args)]),
      ) as unknown as H,
    [names],
  );
}
