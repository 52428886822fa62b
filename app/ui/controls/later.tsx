import { lazy, Suspense, useState, type ComponentType } from 'react';

const all: (() => Promise<unknown>)[] = [];

/**
 * A part that is not there at first sight: it comes once it is asked for, or once the page rests, so that away from the
 * network it is there too. What has come is drawn at once, without a wait.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  let come: ComponentType<P> | undefined;
  const get = async () => (come ??= await load());
  const Coming = lazy(async () => ({ default: await get() }));
  all.push(get);
  return function Later(props: P) {
    // The same as long as it stands: what is typed in it stays.
    const [Part] = useState<ComponentType<P>>(() => come ?? Coming);
    return (
      <Suspense>
        <Part {...props} />
      </Suspense>
    );
  };
}

/** Fetches all such parts of what is in sight. A network that fails is tried again once one is asked for. */
export const fetchLater = (): void => all.forEach((get) => void get().catch(() => {}));
