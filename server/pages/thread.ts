import { createRequestHandler, type AppLoadContext, type ServerBuild } from 'react-router';
import { forgetKept } from '#core/kept';
import { isPage } from './addresses';
import { loadPages } from './build';
import { replay } from './outcome';
import { packed } from './packing';
import type { Outcome, PageAsked, PageMade } from './protocol';

/** The context of a page, with what the loaders of its routes came to elsewhere. */
interface Given extends AppLoadContext {
  outcomes: ReadonlyMap<string, Outcome>;
}

const handle = createRequestHandler(given((await loadPages()) as ServerBuild), 'production');

/**
 * The pages alone, without files, which the framework would go through for each page; and they are built without what
 * answers: what they have to show comes with each.
 */
function given(build: ServerBuild): ServerBuild {
  const pages = Object.entries(build.routes).flatMap(([id, route]): [string, Route][] =>
    route && isPage(route) ? [[id, { ...route, module: { ...route.module, ...loaderOf(id, route) } }]] : [],
  );
  const assets = Object.entries(build.assets.routes).filter(([id]) => pages.some(([page]) => page === id));
  return {
    ...build,
    routes: Object.fromEntries(pages),
    assets: { ...build.assets, routes: Object.fromEntries(assets) },
  };
}

type Route = NonNullable<ServerBuild['routes'][string]>;

function loaderOf(id: string, { module }: Route): Pick<Route['module'], 'loader'> {
  return module.loader ? { loader: ({ context }) => replay((context as unknown as Given).outcomes.get(id)!) } : {};
}

/** Makes one page. */
export default async function makePage(asked: PageAsked): Promise<PageMade> {
  const { url, method, headers, context, packing, outcomes } = asked;
  try {
    const request = new Request(url, { method, headers });
    const response = await handle(request, { ...context, outcomes: new Map(outcomes) } as Given);
    const [body, of] = packed(new Uint8Array(await response.arrayBuffer()), packing);
    return { status: response.status, headers: [...response.headers, ...of], body };
  } finally {
    // The next page has a job of its own, also where it is the same job.
    forgetKept();
  }
}
