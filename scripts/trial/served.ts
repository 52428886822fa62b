import { spawn, type ChildProcess } from 'node:child_process';
import { request } from 'node:http';
import path from 'node:path';
import { root } from '../lib/run.mjs';

/** A server of the trial's own, on a free port of this machine. */
export interface Served {
  child: ChildProcess;
  port: number;
  address: string;
  ended: Promise<number | null>;
}

/** How long anything may take before it counts as stuck, ms. */
export const STUCK_MS = 30_000;

export interface Started {
  served: Served | null;
  code: number | null;
  said: string;
}

const running = new Set<ChildProcess>();
// What a part that broke off has left running ends with the trial.
process.on('exit', () => running.forEach((child) => child.kill('SIGKILL')));

/** Starts the built server on a folder; what it says and its exit code where it does not come up. */
export async function start(
  folder: string,
  env: Record<string, string> = {},
  spawned: (child: ChildProcess) => void = () => {},
): Promise<Started> {
  const child = spawn(process.execPath, [path.join(root, 'server.mjs')], {
    cwd: '/',
    env: { ...process.env, SCOVAL_DATA: folder, PORT: '0', SCOVAL_LOG: 'error', ...env },
    stdio: ['ignore', 'ignore', 'pipe', 'ipc'],
  });
  running.add(child);
  child.on('exit', () => running.delete(child));
  spawned(child);
  let said = '';
  child.stderr!.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  const address = await Promise.race([
    new Promise<string>((resolve) => child.on('message', ({ address: at }: { address: string }) => resolve(at))),
    ended.then(() => null),
    new Promise<null>((resolve) => setTimeout(resolve, STUCK_MS, null).unref()),
  ]);
  if (address === null) {
    const over = await Promise.race([ended, Promise.resolve('running' as const)]);
    child.kill('SIGKILL');
    return { served: null, code: over === 'running' ? -1 : over, said: said.trim() };
  }
  return { served: { child, address, port: Number(new URL(address).port), ended }, code: null, said };
}

/** Starts it, or tells why not. @throws where it does not come up */
export async function mustStart(folder: string, env?: Record<string, string>): Promise<Served> {
  const { served, said, code } = await start(folder, env);
  if (!served) throw new Error(`the server did not come up (${code}): ${said}`);
  return served;
}

export interface Sent {
  method?: string;
  path: string;
  headers?: Record<string, string>;
  body?: string | Buffer;
}
export interface Answered {
  status: number;
  text: string;
  ms: number;
}

/** Sends one request; status 0 where the connection went, −1 where no answer came in time. */
export function ask(port: number, { method = 'GET', path: at, headers = {}, body }: Sent): Promise<Answered> {
  const since = performance.now();
  return new Promise((resolve) => {
    const done = (status: number, text = '') => resolve({ status, text, ms: performance.now() - since });
    try {
      const sent = request(
        { host: '127.0.0.1', port, method, path: at, headers: { ...OWN, ...headers }, agent: false, timeout: STUCK_MS },
        (response) => {
          const chunks: Buffer[] = [];
          response.on('data', (chunk: Buffer) => chunks.push(chunk));
          response.on('end', () => done(response.statusCode!, Buffer.concat(chunks).toString()));
          response.on('error', () => done(0));
        },
      );
      sent.on('timeout', () => {
        done(-1);
        sent.destroy();
      });
      sent.on('error', () => done(0));
      sent.end(body);
    } catch {
      // A path or a header that no client may send.
      done(0);
    }
  });
}

const OWN = { 'Sec-Fetch-Site': 'same-origin' };

export const json = (body: unknown): Pick<Sent, 'method' | 'headers' | 'body'> => ({
  method: 'POST',
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});

/** A file as a form. */
export function form(name: string, bytes: Buffer): Pick<Sent, 'method' | 'headers' | 'body'> {
  const edge = '----trial';
  const head = `--${edge}\r\nContent-Disposition: form-data; name="file"; filename="${name}"\r\n\r\n`;
  return {
    method: 'POST',
    headers: { 'Content-Type': `multipart/form-data; boundary=${edge}` },
    body: Buffer.concat([Buffer.from(head), bytes, Buffer.from(`\r\n--${edge}--\r\n`)]),
  };
}

/** What a page's data says, out of the flat list that it is sent as: places stand for values, keys for places. */
export function dataOf(text: string): unknown {
  const flat = JSON.parse(text.split('\n')[0]!) as unknown[];
  const at = (place: number): unknown => {
    if (place < 0) return place === -5 ? null : undefined;
    const value = flat[place];
    if (Array.isArray(value)) return typeof value[0] === 'string' ? value[1] : value.map((one) => at(one as number));
    if (value === null || typeof value !== 'object') return value;
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [flat[Number(key.slice(1))] as string, at(one as number)]),
    );
  };
  return at(0);
}

/** Takes a job in. @returns its id; null where it was refused */
export async function takeIn(port: number, job: object): Promise<string | null> {
  const { status, text } = await ask(port, {
    path: '/_root.data?index',
    ...form('job.json', Buffer.from(JSON.stringify(job))),
  });
  const id = /\/jobs\/([\w-]{10})/.exec(text)?.[1];
  return status < 400 && id ? id : null;
}
