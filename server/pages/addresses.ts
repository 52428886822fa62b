import type { ServerBuild } from 'react-router';

/** What a page is made of: the parts of its address that differ, and the routes that have something to show on it. */
export interface PageAt {
  params: Record<string, string>;
  /** By their ids. */
  routes: readonly string[];
}

/** Where nothing lies: a page says so, and no route has anything to show on it. */
const NOWHERE: PageAt = { params: {}, routes: [] };

/** The page at an address; null where there is data of one, or a file. */
export function pageAt(build: ServerBuild, pathname: string): PageAt | null {
  if (pathname.endsWith('.data')) return null;
  const { files, pages } = addressesOf(build);
  const place = decoded(pathname);
  if (files.some((file) => file.test(place))) return null;
  for (const { address, routes } of pages) {
    const found = address.exec(place);
    if (found) return { params: paramsOf(found), routes };
  }
  return NOWHERE;
}

interface Addresses {
  files: readonly RegExp[];
  pages: readonly { address: RegExp; routes: readonly string[] }[];
}

let known: { build: ServerBuild; addresses: Addresses } | undefined;

/** What lies where, known once: matching all routes takes longer than much of what is asked for. */
function addressesOf(build: ServerBuild): Addresses {
  if (known?.build !== build) {
    const routes = Object.values(build.routes).flatMap((route) => route ?? []);
    const addresses = {
      files: routes.filter(isFile).map((route) => addressOf(build, route)),
      pages: routes
        .filter((route) => isPage(route) && !routes.some(({ parentId }) => parentId === route.id))
        .map((route) => ({ address: addressOf(build, route), routes: shown(build, route).map(({ id }) => id) })),
    };
    known = { build, addresses };
  }
  return known.addresses;
}

type Route = NonNullable<ServerBuild['routes'][string]>;

/** A route that is shown; one that has none of that and answers is a file. */
export const isPage = ({ module }: Route): boolean => module.default !== undefined;
const isFile = (route: Route): boolean => !isPage(route) && route.module.loader !== undefined;

/** A route behind those that it is part of. */
const wholeOf = (build: ServerBuild, route: Route): Route[] => [
  ...(route.parentId === undefined ? [] : wholeOf(build, build.routes[route.parentId]!)),
  route,
];

const shown = (build: ServerBuild, route: Route): Route[] =>
  wholeOf(build, route).filter(({ module }) => module.loader !== undefined);

/** All addresses of a route, as the framework finds it: whatever stands where `:name` does, and of any case. */
function addressOf(build: ServerBuild, route: Route): RegExp {
  const parts = wholeOf(build, route)
    .flatMap(({ path }) => path?.split('/').filter(Boolean) ?? [])
    .map((part) => (part.startsWith(':') ? `(?<${part.slice(1)}>[^/]+)` : part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')));
  return new RegExp(`^/${parts.join('/')}/*$`, 'i');
}

const paramsOf = ({ groups = {} }: RegExpExecArray): Record<string, string> =>
  Object.fromEntries(Object.entries(groups).map(([name, value]) => [name, value.replace(/%2F/g, '/')]));

/** An address in plain letters; a slash within a part of it stays apart from those between, and nonsense as it is. */
function decoded(pathname: string): string {
  try {
    return pathname
      .split('/')
      .map((part) => decodeURIComponent(part).replace(/\//g, '%2F'))
      .join('/');
  } catch {
    return pathname;
  }
}
