import { randomBytes } from 'node:crypto';
import path from 'node:path';
import compression from 'compression';
import express from 'express';
import staticFiles from 'express-static-gzip';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { log } from './base/log';
import type { Settings } from './base/settings';
import { addressDoor } from './doors/address';
import { enterLimit } from './doors/enterLimit';
import { hostDoor } from './doors/host';
import { originDoor } from './doors/origin';
import { sessionDoor } from './doors/session';
import { health } from './health';
import { liveStream } from './live/stream';
import { pages } from './pages/pages';
import type { Device } from './doors/devices';

declare module 'react-router' {
  interface AppLoadContext {
    /** Stands on every script and style of the page that the content security policy lets run. */
    nonce: string;
    /** The device that asks, where devices are let in; null where the server is this machine's own. */
    device: Device | null;
    /** Other machines can reach the server. */
    beyond: boolean;
    /** What is sent can be read by nobody on the way. */
    secure: boolean;
    /** Where the call came from, and the port it came in by. */
    address: string;
    port: number;
    /** What the server listens on. */
    host: string;
  }
}

/**
 * The Express host: doors (host, origin, device), security headers, static files of the build, a log line a request,
 * and the pages.
 */
export function createApp({ host, names, beyond, tls }: Omit<Settings, 'port'>): express.Express {
  const app = express();
  app.disable('x-powered-by');
  app.use((_request, response, next) => {
    response.locals.nonce = randomBytes(16).toString('base64');
    next();
  });
  app.use('/assets', ofFiles);
  app.use(/^(?!\/assets\/)/, headers(tls !== null, beyond));
  app.use(hostDoor(names));
  app.use(originDoor);
  app.use(addressDoor);
  app.get('/health', health);
  if (!import.meta.env.DEV) {
    const client = path.resolve('build/client');
    // The build laid compressed copies beside its files.
    const files = (folder: string, serveStatic: { immutable?: boolean; maxAge: string }) =>
      staticFiles(folder, { enableBrotli: true, orderPreference: ['br', 'gz'], index: false, serveStatic });
    app.use('/assets', files(path.join(client, 'assets'), { immutable: true, maxAge: '1y' }), noSuchFile);
    // Beside them one picture: a page is not looked for on the disk.
    app.get(/^\/[^/]+\.\w+$/, files(client, { maxAge: '1h' }));
  }
  // What follows are the shop's data: no copy of them stays on the way or in a browser that was shown the door.
  app.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use(
    pinoHttp({
      logger: log,
      quietReqLogger: true,
      customLogLevel: (_request, response, error) => (error || response.statusCode >= 500 ? 'error' : 'debug'),
      serializers: { req: ({ method, url }) => ({ method, url }), res: ({ statusCode }) => ({ statusCode }) },
    }),
  );
  if (beyond) {
    app.use(enterLimit());
    app.use(sessionDoor((response, device) => (response.locals.device = device)));
  }
  // Before what is compressed: a line is sent when it is said.
  app.get('/jobs/:jobId/events', liveStream);
  app.use(compression());
  app.use(
    pages((request, { locals }) => ({
      nonce: locals.nonce as string,
      device: (locals.device as Device | undefined) ?? null,
      beyond,
      secure: tls !== null,
      address: request.socket.remoteAddress ?? '',
      port: request.socket.localPort ?? 0,
      host,
    })),
  );
  return app;
}

/** A script or a face says what binds it alone: all that a page says is 700 bytes, on each of twenty files. */
const ofFiles: express.RequestHandler = (_request, response, next) => {
  response.set({
    // A worker is bound by what came with its own script.
    'Content-Security-Policy': "default-src 'self'",
    'Cross-Origin-Resource-Policy': 'same-origin',
    'X-Content-Type-Options': 'nosniff',
  });
  next();
};

const noSuchFile: express.RequestHandler = (_request, response) => {
  response.set('Cache-Control', 'no-store').status(404).type('text/plain').send('There is no such file.');
};

const headers = (secure: boolean, beyond: boolean) =>
  helmet({
    // Browsers heed these of what is encrypted, or is their own machine.
    crossOriginOpenerPolicy: secure || !beyond,
    originAgentCluster: secure || !beyond,
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'", (_request, response) => `'nonce-${(response as express.Response).locals.nonce}'`],
        styleSrc: ["'self'", (_request, response) => `'nonce-${(response as express.Response).locals.nonce}'`],
        // Places and sizes that are computed stand in style attributes of the first HTML; they carry no script.
        styleSrcAttr: ["'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'", ...(import.meta.env.DEV ? ['ws:'] : [])],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
        baseUri: ["'none'"],
      },
    },
    // Plain http on loopback: there is nothing to upgrade to.
    strictTransportSecurity: secure ? { maxAge: 15_552_000, includeSubDomains: false } : false,
  });
