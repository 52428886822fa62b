import { availableParallelism } from 'node:os';
import path from 'node:path';
import { createRequestHandler } from '@react-router/express';
import type { Request as ExpressRequest, RequestHandler, Response as ExpressResponse } from 'express';
import { Piscina } from 'piscina';
import type { AppLoadContext, LoaderFunctionArgs, ServerBuild } from 'react-router';
import { log } from '../base/log';
import { loadPages } from './build';
import { over, within } from '../work/deadline';
import { endThreads } from '../work/endThreads';
import { pageAt, type PageAt } from './addresses';
import { outcomeOf } from './outcome';
import { packingFor, type Packing } from './packing';
import type { Outcome, PageAsked, PageMade } from './protocol';

/** How long a page may take to make. */
const PAGE_MS = 30_000;
/** How many pages a thread is given at once: while one is on its way back, the next is made. */
const BESIDE = 2;

/**
 * What a thread that makes pages may hold, MB. Most of a page is dropped once it is made: collected sooner it takes a
 * third of the memory, and no more time.
 */
const PAGE_MEMORY = { maxOldGenerationSizeMb: 512, maxYoungGenerationSizeMb: 12 };

let threads: Piscina | undefined;

/** Threads that make pages, so that a large one holds up nobody; without them pages are made where they are asked. */
export function startPages(): void {
  threads = new Piscina({
    filename: path.resolve('build/pages/page.js'),
    minThreads: PAGE_THREADS,
    maxThreads: PAGE_THREADS,
    concurrentTasksPerWorker: BESIDE,
    // Else a thread stands still between two pages, and what is to be closed or collected after one stays.
    atomics: 'disabled',
    resourceLimits: PAGE_MEMORY,
    recordTiming: false,
  });
  threads.on('error', (error) => log.error({ err: error }, 'a thread that makes pages died'));
}

/** On two cores one: the other is for what is asked of the database and for judging. */
const PAGE_THREADS = Math.min(4, Math.max(1, availableParallelism() - 1));

export async function endPages(): Promise<void> {
  const ending = threads;
  threads = undefined;
  await endThreads(ending);
}

type ContextOf = (request: ExpressRequest, response: ExpressResponse) => AppLoadContext;

/** Answers with pages, with what they show, and to commands. */
export function pages(contextOf: ContextOf): RequestHandler {
  const here = createRequestHandler({ build: loadPages, getLoadContext: contextOf });
  return async (request, response, next) => {
    if (!threads || !['GET', 'HEAD'].includes(request.method)) return here(request, response, next);
    const build = (await loadPages()) as ServerBuild;
    const url = addressOf(request);
    const at = url && pageAt(build, url.pathname);
    if (!at) return here(request, response, next);
    try {
      const context = contextOf(request, response);
      send(response, await makePage(build, { url: url.href, at, request, context, packing: packingFor(request) }));
    } catch (error) {
      if (response.headersSent) return next(error);
      const late = (error as Error).name === 'AbortError';
      log[late ? 'warn' : 'error']({ err: error, url: url.href }, 'a page was not made');
      response
        .status(late ? 503 : 500)
        .type('text/plain')
        .send(late ? 'This page takes too long to make.' : 'This page could not be made.');
    }
  };
}

/** The address as it was asked for; null where it is none. */
function addressOf({ protocol, headers, originalUrl }: ExpressRequest): URL | null {
  const address = `${protocol}://${headers.host ?? 'localhost'}${originalUrl}`;
  return URL.canParse(address) ? new URL(address) : null;
}

/** Makes a page in every thread, for nobody: what is compiled the first time it runs is ready for those who ask. */
export async function makePages(url: string, context: AppLoadContext): Promise<void> {
  const build = (await loadPages()) as ServerBuild;
  const request = { method: 'GET', headers: { accept: 'text/html' } };
  const page: Making = { url, at: pageAt(build, new URL(url).pathname)!, request, context, packing: 'gzip' };
  await Promise.all(Array.from({ length: PAGE_THREADS }, () => makePage(build, page)));
}

interface Making {
  url: string;
  at: PageAt;
  request: Pick<ExpressRequest, 'method' | 'headers'>;
  context: AppLoadContext;
  packing: Packing | null;
}

/** Finds out here what the routes of a page have to show, and has a thread make the page of it. */
const makePage = (build: ServerBuild, { url, at, request, context, packing }: Making): Promise<PageMade> =>
  within(PAGE_MS, async (signal) => {
    const headers = Object.entries(request.headers).flatMap(([name, value]): [string, string][] =>
      [value ?? []].flat().map((one) => [name, one]),
    );
    const asked = { request: new Request(url, { headers }), params: at.params, context };
    const shown = at.routes.map(async (id): Promise<[string, Outcome]> => {
      const { loader } = build.routes[id]!.module;
      return [id, await outcomeOf(() => loader!(asked as unknown as LoaderFunctionArgs))];
    });
    const outcomes = await Promise.race([Promise.all(shown), over(signal)]);
    const page: PageAsked = { url, method: request.method, headers, context, packing, outcomes };
    return threads!.run(page, { signal }) as Promise<PageMade>;
  });

function send(response: ExpressResponse, { status, headers, body }: PageMade): void {
  response.status(status);
  for (const [name, value] of headers) response.append(name, value);
  response.end(body);
}
