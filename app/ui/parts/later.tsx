import { lazy, Suspense, type ComponentType } from 'react';

type Load<Props> = () => Promise<ComponentType<Props>>;

/** What this page has not fetched yet. */
const coming = new Set<() => Promise<unknown>>();

/**
 * A part that most who open a page never look at: fetched once it is shown, or before, once the page has nothing else
 * to do. Its looks are there already, as all looks are one file.
 */
export function later<Props extends object>(load: Load<Props>): ComponentType<Props> {
  coming.add(load);
  const Part = lazy(async () => ({ default: await load() }));
  const Later = (props: Props) => (
    <Suspense>
      <Part {...props} />
    </Suspense>
  );
  return Later;
}

/** Fetches what comes later; what does not come now is asked for again when it is shown. */
export function fetchLater(): void {
  for (const load of coming) {
    coming.delete(load);
    load().catch(() => undefined);
  }
}
