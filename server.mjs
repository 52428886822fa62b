// Starts the built application: listens on loopback only, closes connections and database on a signal, then ends.
import { createServer } from 'node:http';
import { existsSync } from 'node:fs';

if (!existsSync(new URL('./build/server/index.js', import.meta.url))) {
  console.error('Scoval is not built yet: run "npm run build", or "npm run demo", which does everything.');
  process.exit(1);
}
process.env.NODE_ENV ??= 'production';
const { app, closeDatabase, log } = await import('./build/server/index.js');

const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4180);
const server = createServer(app);
server.on('error', (error) => {
  log.fatal({ err: error }, `cannot listen on ${host}:${port}`);
  process.exitCode = 1;
});
server.listen(port, host, () => {
  const address = `http://${host}:${server.address().port}`;
  log.info({ address }, 'listening');
  process.send?.({ address });
});

let stopping = false;
function stop(signal) {
  if (stopping) return;
  stopping = true;
  log.info({ signal }, 'stopping');
  const forced = setTimeout(() => server.closeAllConnections(), 5000);
  server.close(async () => {
    clearTimeout(forced);
    await closeDatabase();
    log.info('stopped');
  });
  server.closeIdleConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
