import { statfs } from 'node:fs/promises';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import type { RequestHandler } from 'express';
import { backupsFolder, dataFolder } from './base/folder';
import { VERSION } from './base/version';
import { database } from './database/connection';
import { copiesIn } from './database/copies';
import { storageWords } from './database/faults';

/** How finely holds of the event loop are seen, ms; a wait of that length is none. */
const FINE_MS = 5;
const holds = monitorEventLoopDelay({ resolution: FINE_MS });

/** Begins to watch how long the event loop is held. */
export const watchHolds = (): void => void holds.enable();

/** The longest time since then in which nothing else was answered, ms. */
const longestHoldMs = (): number => Math.max(0, Math.round(holds.max / 1e6) - FINE_MS);

/** For whoever watches the server: whether it works, and on what; nothing of what it keeps. */
export const health: RequestHandler = async (_request, response) => {
  const [state, free] = await Promise.all([databaseState(), freeBytes()]);
  const newest = copiesIn(backupsFolder(dataFolder()))[0];
  response
    .status(state === 'ok' ? 200 : 503)
    .setHeader('Cache-Control', 'no-store')
    .json({
      version: VERSION,
      database: state,
      freeBytes: free,
      lastBackup: newest?.madeAt.toISOString() ?? null,
      longestHoldMs: longestHoldMs(),
    });
};

async function databaseState(): Promise<string> {
  try {
    await (await database()).query('SELECT 1 FROM jobs LIMIT 1');
    return 'ok';
  } catch (error) {
    return storageWords(error) ?? 'does not answer';
  }
}

async function freeBytes(): Promise<number | null> {
  try {
    const { bavail, bsize } = await statfs(dataFolder());
    return bavail * bsize;
  } catch {
    return null;
  }
}
