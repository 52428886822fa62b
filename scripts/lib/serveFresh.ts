import { fork } from 'node:child_process';
import path from 'node:path';
import { root, SERVER_FLAGS } from './run.mjs';

/** The built application at work, by its own means. */
export interface AtWork {
  address: string;
  pid: number;
  stop(): Promise<void>;
}

/** The built application on a free port, on a database of its own that holds the demo. */
export const serveFresh = (): Promise<AtWork> => begin('scripts/serve-fresh.mjs');

/** The built application on a free port, on the database of a folder. */
export const serveFolder = (folder: string): Promise<AtWork> => begin('server.mjs', { SCOVAL_DATA: folder });

async function begin(program: string, env: Record<string, string> = {}): Promise<AtWork> {
  const child = fork(path.join(root, program), {
    cwd: root,
    env: { ...process.env, PORT: '0', SCOVAL_LOG: 'error', ...env },
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    // The server itself is plain JavaScript; it must not inherit this process's loader.
    execArgv: SERVER_FLAGS,
  });
  const address = await new Promise<string>((resolve, reject) => {
    child.on('message', (message: { address: string }) => resolve(message.address));
    child.on('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  return {
    address,
    pid: child.pid!,
    stop: () =>
      new Promise((resolve) => {
        child.removeAllListeners('exit');
        child.on('exit', () => resolve());
        child.kill('SIGTERM');
      }),
  };
}
