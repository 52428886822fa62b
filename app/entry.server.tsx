import { PassThrough } from 'node:stream';
import { createReadableStreamFromReadable } from '@react-router/node';
import { isbot } from 'isbot';
import { renderToPipeableStream } from 'react-dom/server';
import { isRouteErrorResponse, ServerRouter, type AppLoadContext, type EntryContext } from 'react-router';
import { log } from '#server/base/log';

const RENDER_TIMEOUT_MS = 5000;

/** Renders a page; scripts carry the response's nonce. */
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
    let shellSent = false;
    const whole = isbot(request.headers.get('user-agent') ?? '');
    const { pipe, abort } = renderToPipeableStream(
      <ServerRouter context={routerContext} url={request.url} nonce={nonce} />,
      {
        nonce,
        [whole ? 'onAllReady' : 'onShellReady']() {
          shellSent = true;
          const body = new PassThrough();
          headers.set('Content-Type', 'text/html; charset=utf-8');
          resolve(new Response(createReadableStreamFromReadable(body), { headers, status: code }));
          pipe(body);
        },
        onShellError: reject,
        onError(error: unknown) {
          code = 500;
          if (shellSent) log.error({ err: error }, 'rendering failed');
        },
      },
    );
    setTimeout(abort, RENDER_TIMEOUT_MS + 1000).unref();
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
