import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { fetchLater } from '../parts/later';
import { STATIONS } from './stations';

/** The files of each page, as the router keeps them for itself. */
interface PageFiles {
  routes: Record<string, { module: string; imports?: string[] } | undefined>;
}

/** How long a page may be busy before its neighbours are fetched all the same, ms. */
const LATEST_MS = 3000;

/** The script of each station; their looks are one file with what is in sight. */
const files = (manifest: PageFiles): string[] =>
  STATIONS.flatMap(({ path }) => {
    const page = manifest.routes[`routes/${path}`];
    return page ? [page.module, ...(page.imports ?? [])] : [];
  });

/** Does something once the page has nothing else to do; gives the way to leave it. */
function whenIdle(act: () => void): () => void {
  if (!('requestIdleCallback' in window)) {
    const timer = setTimeout(act, LATEST_MS);
    return () => clearTimeout(timer);
  }
  const idle = requestIdleCallback(act, { timeout: LATEST_MS });
  return () => cancelIdleCallback(idle);
}

/** Fetches the other stations alone, without reading them: most of them are not gone to. */
function fetchStations(): void {
  const manifest = (window as { __reactRouterManifest?: PageFiles }).__reactRouterManifest;
  const here = new Set(performance.getEntriesByType('resource').map(({ name }) => new URL(name).pathname));
  for (const href of new Set(manifest ? files(manifest) : []))
    if (!here.has(href))
      document.head.append(Object.assign(document.createElement('link'), { rel: 'prefetch', href, as: 'script' }));
}

/**
 * Fetches the other stations, and what comes later on this one, once what is in sight has nothing left to do: a key
 * shows them at once, and also away from the network.
 */
export function useFetchedAhead(): void {
  const { pathname } = useLocation();
  useEffect(() => whenIdle(fetchStations), []);
  useEffect(() => whenIdle(fetchLater), [pathname]);
}
