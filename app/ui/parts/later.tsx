import { lazy, Suspense, useState, type ComponentType } from 'react';

type Load<Props> = () => Promise<ComponentType<Props>>;

/** What this page has not fetched yet. */
const coming = new Set<() => Promise<unknown>>();

/**
 * A part that most who open a page never look at: fetched once it is shown, or before, once the page has nothing else
 * to do. What has come is drawn at once. Its looks are there already, as all looks are one file.
 */
export function later<Props extends object>(load: Load<Props>): ComponentType<Props> {
  let come: ComponentType<Props> | null = null;
  const get = async () => (come ??= await load());
  const Coming = lazy(async () => ({ default: await get() }));
  coming.add(get);
  return function Later(props: Props) {
    // The same as long as it stands: what is typed in it stays.
    const [Part] = useState<ComponentType<Props>>(() => come ?? Coming);
    return (
      <Suspense>
        <Part {...props} />
      </Suspense>
    );
  };
}

/** Fetches what comes later; what does not come now is asked for again when it is shown. */
export function fetchLater(): void {
  for (const load of coming) {
    coming.delete(load);
    load().catch(() => undefined);
  }
}
