import { Writable } from 'node:stream';
import { renderToPipeableStream } from 'react-dom/server';
import { isRouteErrorResponse, ServerRouter, type AppLoadContext, type EntryContext } from 'react-router';
import { log } from '#server/base/log';

const RENDER_TIMEOUT_MS = 6000;

/**
 * Renders a page, whole: it is handed from a thread to the server in one piece. Scripts carry the response's nonce.
 * Nothing of a page is held once it is made: a timer that waits holds all that was rendered.
 */
// eslint-disable-next-line max-params -- as the framework calls it
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  routerContext: EntryContext,
  { nonce }: AppLoadContext,
): Promise<Response> {
  return new Promise((resolve, reject) => {
    let code = status;
    const { pipe, abort } = renderToPipeableStream(
      <ServerRouter context={routerContext} url={request.url} nonce={nonce} />,
      {
        nonce,
        onAllReady() {
          clearTimeout(late);
          headers.set('Content-Type', 'text/html; charset=utf-8');
          pipe(collected((body) => resolve(new Response(body, { headers, status: code }))));
        },
        onShellError(error: unknown) {
          clearTimeout(late);
          reject(error as Error);
        },
        onError(error: unknown) {
          code = 500;
          log.error({ err: error }, 'rendering failed');
        },
      },
    );
    const late = setTimeout(abort, RENDER_TIMEOUT_MS).unref();
  });
}

/** Takes all that is written and hands it on in one piece. */
function collected(done: (all: Uint8Array<ArrayBuffer>) => void): Writable {
  const chunks: Buffer[] = [];
  return new Writable({
    write(chunk: Buffer, _encoding, next) {
      chunks.push(chunk);
      next();
    },
    final(next) {
      done(new Uint8Array(Buffer.concat(chunks)));
      next();
    },
  });
}

/** Errors of loaders and actions go to the log; a request the browser gave up is none. */
export function handleError(error: unknown, { request }: { request: Request }): void {
  if (request.signal.aborted) return;
  // What a client did wrong, and what was said in words, is no fault of the server.
  if (isRouteErrorResponse(error) && error.status < 500)
    log.debug({ status: error.status, url: request.url }, 'refused');
  else log.error({ err: error, url: request.url }, 'request failed');
}
