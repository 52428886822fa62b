import { useEffect } from 'react';
import { STATIONS } from './stations';

/** The files of each page, as the router keeps them for itself. */
interface PageFiles {
  routes: Record<string, { module: string; imports?: string[]; css?: string[] } | undefined>;
}

/** How long a page may be busy before its neighbours are fetched all the same, ms. */
const LATEST_MS = 3000;

const files = (manifest: PageFiles): [string, 'script' | 'style'][] =>
  STATIONS.flatMap(({ path }) => {
    const page = manifest.routes[`routes/${path}`];
    if (!page) return [];
    const scripts = [page.module, ...(page.imports ?? [])].map((file) => [file, 'script'] as const);
    return [...scripts, ...(page.css ?? []).map((file) => [file, 'style'] as const)].map(
      ([file, as]) => [file.split('#')[0]!, as] as [string, 'script' | 'style'],
    );
  });

/**
 * Fetches the other stations once the one in sight has nothing left to do, so that a key shows them at once, and also
 * away from the network. They are fetched alone, not read: most of them are not gone to.
 */
export function useFetchedAhead(): void {
  useEffect(() => {
    const fetchAhead = () => {
      const manifest = (window as { __reactRouterManifest?: PageFiles }).__reactRouterManifest;
      const here = new Set(performance.getEntriesByType('resource').map(({ name }) => new URL(name).pathname));
      for (const [href, as] of new Map(manifest ? files(manifest) : [])) {
        if (here.has(href)) continue;
        document.head.append(Object.assign(document.createElement('link'), { rel: 'prefetch', href, as }));
      }
    };
    if (!('requestIdleCallback' in window)) {
      const later = setTimeout(fetchAhead, LATEST_MS);
      return () => clearTimeout(later);
    }
    const idle = requestIdleCallback(fetchAhead, { timeout: LATEST_MS });
    return () => cancelIdleCallback(idle);
  }, []);
}
