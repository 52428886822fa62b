import { createServer, type Server } from 'node:http';
import { createServer as createSecure } from 'node:https';
import type { AddressInfo } from 'node:net';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { createApp } from './app';
import { dataFolder, isPassing } from './base/folder';
import { log } from './base/log';
import { readPassphrase } from './base/passphrase';
import { readSettings, type Settings } from './base/settings';
import { StartFault } from './base/startFault';
import { closeDatabase, database } from './database/connection';
import { ownErrorFollowed } from './ownError';
import { findDamaged } from './damaged';
import { keepDaily } from './database/daily';
import { asStartFault } from './database/faults';
import { holdFolder } from './database/lock';
import { boundConnections, endServer } from './doors/connections';
import { watchHolds } from './health';
import { endLive } from './live/hub';
import { endPages, startPages } from './pages/pages';
import { warmUp } from './warm';
import { endWork, startWork } from './work/pool';

export { createApp, readSettings };

/**
 * Starts the server: everything it needs is there and in order before it listens. What is not is one line, and an exit
 * code of 1.
 */
export async function start(words: readonly string[] = process.argv.slice(2)): Promise<void> {
  let letGo: (() => Promise<void>) | undefined;
  try {
    const settings = readSettings(process.env, words);
    const folder = dataFolder();
    letGo = await takeFolder(folder);
    if (settings.beyond && !readPassphrase(folder))
      throw new StartFault('other machines could reach it: set a pass-phrase first (npm run passphrase)');
    await database();
    startWork();
    startPages();
    await warmUp();
    const server = makeServer(settings);
    let stopDaily = () => {};
    endOnSignal(server, async () => {
      stopDaily();
      await Promise.all([endPages(), endWork()]);
      await ownErrorFollowed();
      await closeDatabase();
      await letGo!();
    });
    await listen(server, settings);
    stopDaily = keepDaily();
    watchHolds();
    void findDamaged();
  } catch (error) {
    if (!(error instanceof StartFault)) log.fatal({ err: error }, 'the start failed');
    console.error(`Scoval does not start: ${error instanceof StartFault ? error.message : String(error)}`);
    await Promise.all([endPages(), endWork()]);
    await closeDatabase();
    await letGo?.();
    process.exitCode = 1;
  }
}

async function takeFolder(folder: string): Promise<() => Promise<void>> {
  try {
    mkdirSync(folder, { recursive: true });
    const letGo = await holdFolder(folder);
    for (const left of readdirSync(folder).filter(isPassing)) rmSync(path.join(folder, left), { force: true });
    return letGo;
  } catch (error) {
    throw asStartFault(error, folder);
  }
}

function makeServer(settings: Settings): Server {
  const app = createApp(settings);
  try {
    const often = { connectionsCheckingInterval: 1000 };
    return settings.tls ? createSecure({ ...settings.tls, ...often }, app) : createServer(often, app);
  } catch (error) {
    throw new StartFault(
      `SCOVAL_TLS_CERT and SCOVAL_TLS_KEY are no certificate and its key (${(error as Error).message})`,
    );
  }
}

const LISTEN_WORDS: Readonly<Record<string, string>> = {
  EADDRINUSE: 'something else listens there already',
  EACCES: 'this user may not listen there',
  EADDRNOTAVAIL: 'this machine has no such address',
  ENOTFOUND: 'there is no such host',
};

async function listen(server: Server, { host, port, beyond, tls }: Settings): Promise<void> {
  boundConnections(server);
  await new Promise<void>((resolve, reject) => {
    server.once('error', ({ code, message }: NodeJS.ErrnoException) =>
      reject(new StartFault(`it cannot listen on ${host}:${port}: ${LISTEN_WORDS[code ?? ''] ?? message}`)),
    );
    server.listen(port, host, resolve);
  });
  server.on('error', (error) => log.error({ err: error }, 'server error'));
  const name = host.includes(':') ? `[${host}]` : host;
  const address = `${tls ? 'https' : 'http'}://${name}:${(server.address() as AddressInfo).port}`;
  log.info({ address, beyond }, 'listening');
  if (beyond && !tls) log.warn('without TLS whoever is on the network can listen: SCOVAL_TLS_CERT and SCOVAL_TLS_KEY');
  process.send?.({ address });
}

/** On a signal the server answers what is under way, closes what it holds and ends with 0. */
function endOnSignal(server: Server, close: () => Promise<void>): void {
  let ending = false;
  const end = async (signal: NodeJS.Signals) => {
    if (ending) return;
    ending = true;
    log.info({ signal }, 'stopping');
    // Lines to screens would stay under way for ever.
    endLive();
    await endServer(server);
    await close();
    log.info('stopped');
    process.exit(0);
  };
  // The last of them comes as the terminal is closed.
  for (const signal of ['SIGTERM', 'SIGINT', 'SIGHUP']) process.on(signal, (told) => void end(told));
}
