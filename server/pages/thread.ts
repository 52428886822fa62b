import type { MessagePort } from 'node:worker_threads';
import { createRequestHandler, type AppLoadContext, type ServerBuild } from 'react-router';
import { forgetKept } from '#core/kept';
import { loadPages } from './build';
import { replay } from './outcome';
import { packed } from './packing';
import type { Answer, Outcome, PageAsked, PageMade, Question } from './protocol';

/** The context of a page, with what its routes are asked through. */
interface Asking extends AppLoadContext {
  ask(route: string, params: Question['params']): Promise<Outcome>;
}

const handle = createRequestHandler(asking((await loadPages()) as ServerBuild), 'production');

/** The pages, which are built without what answers: what they have to show is asked of the thread that does. */
function asking(build: ServerBuild): ServerBuild {
  const routes = Object.fromEntries(
    Object.entries(build.routes).map(([id, route]) => {
      if (!route?.module.loader) return [id, route];
      const loader = async ({ params, context }: { params: Question['params']; context: unknown }) =>
        replay(await (context as Asking).ask(id, params));
      return [id, { ...route, module: { ...route.module, loader } }];
    }),
  ) as ServerBuild['routes'];
  return { ...build, routes };
}

/** Makes one page. */
export default async function makePage(asked: PageAsked): Promise<PageMade> {
  const { url, method, headers, context, packing, port } = asked;
  try {
    const response = await handle(new Request(url, { method, headers }), { ...context, ask: asker(port) } as Asking);
    const [body, of] = packed(new Uint8Array(await response.arrayBuffer()), packing);
    return { status: response.status, headers: [...response.headers, ...of], body };
  } finally {
    port.close();
    // The next page has a job of its own, also where it is the same job.
    forgetKept();
  }
}

/** Sends questions through a port, each of which gets its own answer. */
function asker(port: MessagePort): Asking['ask'] {
  const waiting = new Map<number, (outcome: Outcome) => void>();
  let asked = 0;
  port.on('message', ({ at, outcome }: Answer) => {
    waiting.get(at)?.(outcome);
    waiting.delete(at);
  });
  return (route, params) =>
    new Promise((resolve) => {
      const at = asked++;
      waiting.set(at, resolve);
      port.postMessage({ at, route, params: { ...params } } satisfies Question);
    });
}
