import { randomBytes } from 'node:crypto';
import path from 'node:path';
import { createRequestHandler } from '@react-router/express';
import compression from 'compression';
import express from 'express';
import staticFiles from 'express-static-gzip';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { log } from './log';

export { closeDatabase } from './database';
export { log };

declare module 'react-router' {
  interface AppLoadContext {
    /** Stands on every script and style of the page that the content security policy lets run. */
    nonce: string;
  }
}

/** The Express host: security headers, static files of the build, a log line a request, and the pages. */
export const app = express();
app.disable('x-powered-by');
app.use((_request, response, next) => {
  response.locals.nonce = randomBytes(16).toString('base64');
  next();
});
app.use(
  helmet({
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
    strictTransportSecurity: false,
  }),
);
if (!import.meta.env.DEV) {
  const client = path.resolve('build/client');
  // The build laid compressed copies beside its files.
  const files = (folder: string, serveStatic: { immutable?: boolean; maxAge: string }) =>
    staticFiles(folder, { enableBrotli: true, orderPreference: ['br', 'gz'], index: false, serveStatic });
  app.use('/assets', files(path.join(client, 'assets'), { immutable: true, maxAge: '1y' }));
  app.use(files(client, { maxAge: '1h' }));
}
app.use(compression());
app.use(
  pinoHttp({
    logger: log,
    quietReqLogger: true,
    customLogLevel: (_request, response, error) => (error || response.statusCode >= 500 ? 'error' : 'debug'),
    serializers: { req: ({ method, url }) => ({ method, url }), res: ({ statusCode }) => ({ statusCode }) },
  }),
);
app.use(
  createRequestHandler({
    build: () => import('virtual:react-router/server-build'),
    getLoadContext: (_request, response) => ({ nonce: response.locals.nonce as string }),
  }),
);
