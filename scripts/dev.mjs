// Development: the pages with hot reload, behind the same Express host as in production.
import { createServer } from 'vite';
import express from 'express';
import { ensureInstalled } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

await ensureInstalled();
await run('npx', ['tsx', 'scripts/palette.ts']);
await run('node', ['scripts/faces.mjs']);
const vite = await createServer({ server: { middlewareMode: true } });
const host = express();
/** The application of each state of its code: made once, not for each request. */
const made = new WeakMap();
host.use(vite.middlewares);
host.use(async (request, response, next) => {
  try {
    const { createApp } = await vite.ssrLoadModule('./server/app.ts');
    if (!made.has(createApp)) made.set(createApp, createApp({ host: '', names: [], beyond: false, tls: null }));
    made.get(createApp)(request, response, next);
  } catch (error) {
    vite.ssrFixStacktrace(error);
    next(error);
  }
});
const port = Number(process.env.PORT ?? 4181);
host.listen(port, '127.0.0.1', () => console.log(`http://127.0.0.1:${port}`));
