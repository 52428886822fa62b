import { availableParallelism } from 'node:os';
import path from 'node:path';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { createRequestHandler } from '@react-router/express';
import type { Request as ExpressRequest, RequestHandler, Response as ExpressResponse } from 'express';
import { Piscina } from 'piscina';
import type { AppLoadContext, LoaderFunctionArgs, ServerBuild } from 'react-router';
import { log } from '../base/log';
import { loadPages } from './build';
import { within } from '../work/deadline';
import { endThreads } from '../work/endThreads';
import { failed, outcomeOf } from './outcome';
import { packingFor, type Packing } from './packing';
import type { Answer, PageAsked, PageMade, Question } from './protocol';

/** How long a page may take to make. */
const PAGE_MS = 30_000;
/** How many pages a thread has begun at once: while one waits for what it shows, another is made. */
const BESIDE = 8;

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
    if (!url || !isPage(build, url)) return here(request, response, next);
    try {
      const context = contextOf(request, response);
      send(response, await makePage(build, { url: url.href, request, context, packing: packingFor(request) }));
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

/** Whether an address is a page's: not data of one, not a file; where nothing lies, a page says so. */
const isPage = (build: ServerBuild, { pathname }: URL): boolean =>
  !pathname.endsWith('.data') && !filesOf(build).some((file) => file.test(pathname));

let known: { build: ServerBuild; files: readonly RegExp[] } | undefined;

/** Where files lie, known once: matching all routes takes longer than much of what is asked for. */
function filesOf(build: ServerBuild): readonly RegExp[] {
  if (known?.build !== build) {
    const routes = Object.values(build.routes).flatMap((route) => route ?? []);
    const isFile = ({ module }: Route) => module.default === undefined && module.loader !== undefined;
    known = { build, files: routes.filter(isFile).map((route) => addressesOf(placeOf(build, route))) };
  }
  return known.files;
}

type Route = NonNullable<ServerBuild['routes'][string]>;

/** The whole address of a route, below those that it is part of. */
const placeOf = (build: ServerBuild, { parentId, path: place }: Route): string =>
  [parentId && placeOf(build, build.routes[parentId]!), place].filter(Boolean).join('/');

/** All addresses of a place, whatever stands where `:name` does. */
const addressesOf = (place: string): RegExp => {
  const parts = place
    .split('/')
    .map((part) => (part.startsWith(':') ? '[^/]+' : part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')));
  return new RegExp(`^/${parts.join('/')}/?$`, 'i');
};

/** Makes a page in every thread, for nobody: what is compiled the first time it runs is ready for those who ask. */
export async function makePages(url: string, context: AppLoadContext): Promise<void> {
  const build = (await loadPages()) as ServerBuild;
  const request = { method: 'GET', headers: { accept: 'text/html' } };
  const page: Making = { url, request, context, packing: 'gzip' };
  await Promise.all(Array.from({ length: PAGE_THREADS }, () => makePage(build, page)));
}

interface Making {
  url: string;
  request: Pick<ExpressRequest, 'method' | 'headers'>;
  context: AppLoadContext;
  packing: Packing | null;
}

async function makePage(build: ServerBuild, { url, request, context, packing }: Making): Promise<PageMade> {
  const { port1, port2 } = new MessageChannel();
  const headers = Object.entries(request.headers).flatMap(([name, value]): [string, string][] =>
    [value ?? []].flat().map((one) => [name, one]),
  );
  port1.on('message', (question: Question) => void answer(build, { question, url, headers, context, port: port1 }));
  try {
    const asked: PageAsked = { url, method: request.method, headers, context, packing, port: port2 };
    const transferList = [port2];
    return await within(PAGE_MS, (signal) => threads!.run(asked, { transferList, signal }) as Promise<PageMade>);
  } finally {
    port1.close();
  }
}

interface Asked {
  question: Question;
  url: string;
  headers: [string, string][];
  context: AppLoadContext;
  port: MessagePort;
}

async function answer(build: ServerBuild, { question, url, headers, context, port }: Asked): Promise<void> {
  const { at, route, params } = question;
  const request = new Request(url, { headers });
  const outcome = await outcomeOf(() =>
    build.routes[route]!.module.loader!({ request, params, context } as unknown as LoaderFunctionArgs),
  );
  try {
    port.postMessage({ at, outcome } satisfies Answer);
  } catch (error) {
    // What cannot be handed over must not be waited for.
    port.postMessage({ at, outcome: failed(error) } satisfies Answer);
  }
}

function send(response: ExpressResponse, { status, headers, body }: PageMade): void {
  response.status(status);
  for (const [name, value] of headers) response.append(name, value);
  response.end(body);
}
