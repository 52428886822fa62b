import { spawn } from 'node:child_process';
import { constants } from 'node:os';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

/** The project's folder. */
export const root = path.dirname(path.dirname(path.dirname(fileURLToPath(import.meta.url))));

/**
 * How the server is started: what pages leave behind is collected soon; sooner still, some would be kept. Where a heap
 * may grow to several GB, it is let grow to four times of what is alive before it is gone through.
 */
export const SERVER_FLAGS = ['--max-semi-space-size=4', '--max-old-space-size=1024'];

/**
 * Runs a command in the project's folder and shows what it says; rejects when it fails. It ends with whoever asked for
 * it, and all that it began with it: a signal would end the first of them alone, and leave a compiler or a browser.
 */
export async function run(command, args, env = {}) {
  // On Windows there are no groups of processes: it ends by itself.
  const isGroup = process.platform !== 'win32';
  let child;
  const end = () => isGroup && child?.pid && process.kill(-child.pid, 'SIGTERM');
  const stop = (signal) => process.exit(128 + constants.signals[signal]);
  // Before it begins: a signal may come as soon as it is at work.
  process.once('exit', end);
  for (const signal of ENDING) process.once(signal, stop);
  try {
    child = spawn(command, args, {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, ...env },
      detached: isGroup,
    });
    await ended(child);
  } finally {
    process.off('exit', end);
    for (const signal of ENDING) process.off(signal, stop);
  }
}

/** Signals that tell a program to end. */
export const ENDING = ['SIGINT', 'SIGTERM', 'SIGHUP'];

const ended = (child) =>
  new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('exit', (code, signal) =>
      code === 0 ? resolve() : reject(new Error(`${child.spawnargs.join(' ')} ended with ${signal ?? code}`)),
    );
  });
