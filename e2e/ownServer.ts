import { spawn, type ChildProcess } from 'node:child_process';

/** A server of this test's own, with what it logs. */
export async function start(
  folder: string,
  port = 0,
  env: Record<string, string> = {},
): Promise<{ child: ChildProcess; log: Record<string, unknown>[]; said: string[]; ended: Promise<number | null> }> {
  const child = spawn(process.execPath, ['server.mjs'], {
    env: { ...process.env, SCOVAL_DATA: folder, PORT: String(port), SCOVAL_LOG: 'info', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const log: Record<string, unknown>[] = [];
  const said: string[] = [];
  child.stderr.on('data', (chunk: Buffer) => said.push(...chunk.toString().trim().split('\n')));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  await new Promise<void>((resolve) => {
    void ended.then(() => resolve());
    let rest = '';
    child.stdout.on('data', (chunk: Buffer) => {
      const lines = (rest + chunk.toString()).split('\n');
      rest = lines.pop()!;
      log.push(...lines.map((line) => JSON.parse(line) as Record<string, unknown>));
      if (log.some(({ msg }) => msg === 'listening')) resolve();
    });
  });
  return { child, log, said, ended };
}
/** Where it listens. */
export const addressOf = (log: Record<string, unknown>[]): string =>
  log.find(({ msg }) => msg === 'listening')!.address as string;
