import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

/** The project's folder. */
export const root = path.dirname(path.dirname(path.dirname(fileURLToPath(import.meta.url))));

/**
 * How the server is started: what pages leave behind is collected soon; sooner still, some would be kept. Where a heap
 * may grow to several GB, it is let grow to four times of what is alive before it is gone through.
 */
export const SERVER_FLAGS = ['--max-semi-space-size=4', '--max-old-space-size=1024'];

/** Runs a command in the project's folder and shows what it says; rejects when it fails. */
export function run(command, args, env = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
    child.on('error', reject);
    child.on('exit', (code, signal) =>
      code === 0 ? resolve() : reject(new Error(`${command} ${args.join(' ')} ended with ${signal ?? code}`)),
    );
  });
}
