import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';

/** A server of this test's own, with what it logs. */
async function start(
  folder: string,
  port = 0,
): Promise<{ child: ChildProcess; log: Record<string, unknown>[]; said: string[]; ended: Promise<number | null> }> {
  const child = spawn(process.execPath, ['server.mjs'], {
    env: { ...process.env, SCOVAL_DATA: folder, PORT: String(port), SCOVAL_LOG: 'info' },
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
const addressOf = (log: Record<string, unknown>[]): string =>
  log.find(({ msg }) => msg === 'listening')!.address as string;

let folder: string;
test.beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'scoval-server-'));
});
test.afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('listens on loopback only, sends its security headers, keeps static files for long', async () => {
  const { child, log, ended } = await start(folder);
  const address = addressOf(log);
  expect(new URL(address).hostname).toBe('127.0.0.1');
  const page = await fetch(address);
  expect(page.status).toBe(200);
  const nonces = [page, await fetch(address)].map(
    (response) => /'nonce-([^']+)'/.exec(response.headers.get('content-security-policy')!)![1],
  );
  expect(nonces[0]).not.toBe(nonces[1]);
  expect(page.headers.get('x-content-type-options')).toBe('nosniff');
  expect(page.headers.get('x-powered-by')).toBeNull();
  const html = await page.text();
  expect(html).toContain('The bench is empty');
  const script = /src="(\/assets\/[^"]+\.js)"|href="(\/assets\/[^"]+\.js)"/.exec(html)!;
  const asset = await fetch(`${address}${script[1] ?? script[2]}`, { headers: { 'accept-encoding': 'br' } });
  expect(asset.headers.get('cache-control')).toContain('immutable');
  expect(asset.headers.get('content-encoding')).toBe('br');
  const plain = await fetch(asset.url, { headers: { 'accept-encoding': 'identity' } });
  expect(plain.headers.get('content-encoding')).toBeNull();
  expect(await plain.text()).toBe(await asset.text());
  expect((await fetch(`${address}/assets/none.js`)).status).toBe(404);
  child.kill('SIGTERM');
  expect(await ended).toBe(0);
});

test('stops gracefully: what is under way is answered, a second signal changes nothing', async () => {
  const { child, log, ended } = await start(folder);
  const address = addressOf(log);
  const body = JSON.stringify({ intent: 'new', car: 'Brindle Kite', title: 'saved at the last moment' });
  const answer = fetch(`${address}/?index`, {
    method: 'POST',
    body,
    redirect: 'manual',
    headers: { 'Content-Type': 'application/json', Origin: address },
  });
  await fetch(address);
  child.kill('SIGTERM');
  child.kill('SIGTERM');
  expect((await answer).status).toBe(302);
  expect(await ended).toBe(0);
  expect(log.map(({ msg }) => msg).filter((msg) => /^stop/.test(String(msg)))).toEqual(['stopping', 'stopped']);
  const again = await start(folder);
  expect(await (await fetch(addressOf(again.log))).text()).toContain('saved at the last moment');
  again.child.kill('SIGINT');
  expect(await again.ended).toBe(0);
});

test('a connection that hangs does not keep it alive', async () => {
  const { child, log, ended } = await start(folder);
  const { hostname, port } = new URL(addressOf(log));
  const socket = connect(Number(port), hostname);
  socket.on('error', () => {});
  await new Promise<void>((resolve) =>
    socket.write(
      `POST /?index HTTP/1.1\r\nHost: ${hostname}:${port}\r\nSec-Fetch-Site: same-origin\r\n` +
        'Content-Type: application/json\r\nContent-Length: 100\r\n\r\n{',
      () => resolve(),
    ),
  );
  child.kill('SIGTERM');
  expect(await ended).toBe(0);
});

test('a port that is taken is said in one line, and the exit code tells', async () => {
  const one = await start(folder);
  const other = mkdtempSync(path.join(tmpdir(), 'scoval-server-'));
  const two = await start(other, Number(new URL(addressOf(one.log)).port));
  expect(await two.ended).toBe(1);
  expect(two.said).toEqual([
    expect.stringMatching(/^Scoval does not start: it cannot listen on 127\.0\.0\.1:\d+: something else listens/),
  ]);
  rmSync(other, { recursive: true });
  one.child.kill('SIGTERM');
  await one.ended;
});
