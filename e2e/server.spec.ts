import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { setPassphrase } from '../server/base/passphrase';
import { clean } from './axe';
import { demoJob, saved } from './bench';
import { addressOf, start } from './ownServer';

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
  expect(html).toContain('No jobs yet');
  const script = /src="(\/assets\/[^"]+\.js)"|href="(\/assets\/[^"]+\.js)"/.exec(html)!;
  const asset = await fetch(`${address}${script[1] ?? script[2]}`, { headers: { 'accept-encoding': 'br' } });
  expect(asset.headers.get('cache-control')).toContain('immutable');
  expect(asset.headers.get('content-encoding')).toBe('br');
  const plain = await fetch(asset.url, { headers: { 'accept-encoding': 'identity' } });
  expect(plain.headers.get('content-encoding')).toBeNull();
  expect(await plain.text()).toBe(await asset.text());
  // A worker is bound by what its script comes with.
  expect(asset.headers.get('content-security-policy')).toBe("default-src 'self'");
  expect(asset.headers.get('x-content-type-options')).toBe('nosniff');
  const none = await fetch(`${address}/assets/none.js`);
  expect([none.status, none.headers.get('cache-control')]).toEqual([404, 'no-store']);
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
  // As a terminal says that it closes.
  one.child.kill('SIGHUP');
  expect(await one.ended).toBe(0);
});

test('what stands in the way of a start is one line and an exit code, before it listens', async () => {
  const refused = async (wanted: RegExp, env: Record<string, string> = {}) => {
    const { ended, said, log } = await start(folder, 0, env);
    expect(await ended).toBe(1);
    expect(said).toEqual([expect.stringMatching(wanted)]);
    expect(log.map(({ msg }) => msg)).not.toContain('listening');
  };
  await refused(/PORT must be a whole number from 0 to 65535/, { PORT: 'http' });
  await refused(/SCOVAL_LOG must be one of trace/, { SCOVAL_LOG: 'loud' });
  await refused(/SCOVAL_TLS_CERT and SCOVAL_TLS_KEY are given together/, { SCOVAL_TLS_CERT: 'x.pem' });
  await refused(/set a pass-phrase first \(npm run passphrase\)/, { HOST: '0.0.0.0' });
  writeFileSync(path.join(folder, 'scoval.sqlite'), 'a letter');
  await refused(/scoval\.sqlite is no database/);
  rmSync(path.join(folder, 'scoval.sqlite'));
  await notWritable();
  const one = await start(folder);
  await refused(/another Scoval runs on/);
  one.child.kill('SIGTERM');
  expect(await one.ended).toBe(0);
});

/** A folder that this user may not write; who may write everything starts it as nobody. */
async function notWritable(): Promise<void> {
  const all = process.getuid?.() === 0 ? { uid: 65534, gid: 65534 } : {};
  chmodSync(folder, 0o555);
  const env = { ...process.env, SCOVAL_DATA: folder, PORT: '0' };
  const { status, stderr } = spawnSync(process.execPath, [path.resolve('server.mjs')], { cwd: '/', env, ...all });
  chmodSync(folder, 0o755);
  expect([status, stderr.toString()]).toEqual([1, expect.stringMatching(/^Scoval does not start: [^\n]+\n$/)]);
}

test('a NUL byte, in an address or in what is sent, is told in words', async () => {
  const { child, log, ended } = await start(folder);
  const address = addressOf(log);
  for (const place of ['/jobs/a%00b/room', '/jobs/%00/file', '/?search=%00', '/standings.json?ids=%00'])
    expect([place, (await fetch(`${address}${place}`)).status]).toEqual([place, 400]);
  const headers = { 'Sec-Fetch-Site': 'same-origin', 'Content-Type': 'application/json' };
  const sent = async (place: string, data: object) => {
    const response = await fetch(`${address}${place}`, { method: 'POST', headers, body: JSON.stringify(data) });
    return [response.status, await response.text()];
  };
  const told = (words: string) => [200, expect.stringContaining(words)];
  const control = 'has a control character in it';
  const noId = 'must be 1 to 40 letters';
  expect(await sent('/_root.data?index', { intent: 'new', car: 'a\u0000', title: '' })).toEqual(told(control));
  expect(await sent('/_root.data?index', { intent: 'duplicate', id: 'a\u0000' })).toEqual(told(noId));
  expect(await sent('/defaults.data', { intent: 'end-device', id: 'a\u0000' })).toEqual(told(noId));
  const job = demoJob('brindle-kite');
  job.vehicle.front!.readings = [{ ...job.vehicle.front!.readings![0]!, key: 'room.archGapMm\u0000' }];
  const form = new FormData();
  form.set('file', new Blob([JSON.stringify(job)]), 'job.json');
  const taken = await fetch(`${address}/_root.data?index`, {
    method: 'POST',
    headers: { 'Sec-Fetch-Site': 'same-origin' },
    body: form,
  });
  expect([taken.status, await taken.text()]).toEqual(told('is no place of a reading'));
  child.kill('SIGTERM');
  expect(await ended).toBe(0);
});

test('beyond this machine a device signs in once; another comes in by the code that the first shows', async ({
  page,
  browser,
}) => {
  await setPassphrase(folder, 'twelve torque wrenches');
  const { child, log, ended } = await start(folder, 0, { HOST: '0.0.0.0' });
  const address = addressOf(log).replace('0.0.0.0', '127.0.0.1');
  expect((await fetch(`${address}/shelf.csv`, { headers: { Accept: 'text/csv' } })).status).toBe(401);
  await page.goto(`${address}/defaults`);
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await expect(page.getByText('anyone on this network can listen')).toBeVisible();
  await clean(page);
  const phrase = page.getByRole('textbox', { name: 'Shop pass-phrase' });
  await phrase.fill('twelve torque wrenchers');
  await phrase.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('that is not the shop pass-phrase');
  await expect(phrase).toHaveValue('twelve torque wrenchers');
  await phrase.fill('twelve torque wrenches');
  await phrase.press('Enter');
  await page.waitForURL(`${address}/defaults`);
  await expect(page.getByRole('list', { name: 'Devices' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByText(/is saved and checked/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a phone or tablet' }).click();
  await expect(page.getByRole('img', { name: /^QR code/ })).toBeVisible();
  await clean(page);
  const way = new URL((await page.locator('.joining code').textContent())!);
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.goto(`${address}${way.pathname}${way.search}`);
  await phone.getByRole('button', { name: 'Join this shop' }).click();
  await expect(phone.getByRole('heading', { name: 'Bench' })).toBeVisible();
  await page.reload();
  const devices = page.getByRole('list', { name: 'Devices' }).getByRole('listitem');
  await expect(devices).toHaveCount(2);
  await devices.filter({ hasNotText: 'this one' }).getByRole('button', { name: 'Sign out' }).click();
  await expect(devices).toHaveCount(1);
  await phone.goto(`${address}/shelf`);
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await phone.context().close();

  // From a job the code leads straight into the walk round its car.
  const started = await page.request.post(`${address}/?index`, {
    data: { intent: 'new', car: 'Brindle Kite', title: 'by phone' },
    headers: { 'Sec-Fetch-Site': 'same-origin' },
    maxRedirects: 0,
  });
  await page.goto(new URL(started.headers().location!, address).href);
  await saved(page);
  await page.getByRole('button', { name: 'Measure with a phone' }).click();
  const dialog = page.getByRole('dialog', { name: 'Measure with a phone' });
  await expect(dialog.getByRole('img', { name: /^QR code/ })).toBeVisible();
  await clean(page, 'dialog');
  const walk = new URL((await dialog.locator('code').textContent())!);
  const held = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await held.goto(`${address}${walk.pathname}${walk.search}`);
  await held.getByRole('button', { name: 'Join and go on' }).click();
  await expect(held.getByLabel('The walk')).toBeVisible();
  await expect(dialog.getByText(/^Also open on: /)).toBeVisible();
  // Scanned once more by the device that is in: it goes on, and the code lets nobody else in.
  await held.goto(`${address}${walk.pathname}${walk.search}`);
  await expect(held.getByLabel('The walk')).toBeVisible();
  await held.context().close();
  child.kill('SIGTERM');
  expect(await ended).toBe(0);
});

test('everything goes out as one file and into another shop', async ({ page }) => {
  const one = await start(folder);
  const from = addressOf(one.log);
  for (const car of ['Brindle Kite', 'Velder Two'])
    await fetch(`${from}/?index`, {
      method: 'POST',
      body: JSON.stringify({ intent: 'new', car, title: 'moves house' }),
      redirect: 'manual',
      headers: { 'Content-Type': 'application/json', Origin: from },
    });
  const packed = await fetch(`${from}/archive`);
  expect(packed.headers.get('content-type')).toBe('application/zip');
  const buffer = Buffer.from(await packed.arrayBuffer());
  one.child.kill('SIGTERM');
  await one.ended;
  const other = mkdtempSync(path.join(tmpdir(), 'scoval-server-'));
  // A server that was ended in the midst of a file leaves it there.
  writeFileSync(path.join(other, 'incoming-half.zip'), 'PK');
  const two = await start(other);
  expect(existsSync(path.join(other, 'incoming-half.zip'))).toBe(false);
  await page.goto(`${addressOf(two.log)}/defaults`);
  await expect(page.getByRole('link', { name: 'Save everything' })).toHaveAttribute('href', '/archive');
  const take = (bytes: Buffer) =>
    page.getByLabel('Archive').setInputFiles({ name: 'shop.zip', mimeType: 'application/zip', buffer: bytes });
  await take(Buffer.from('a letter'));
  await expect(page.getByRole('alert')).toContainText('is no zip, or a broken one');
  await take(buffer);
  await expect(page.getByText('2 jobs imported, 0 items on the shelf.')).toBeVisible();
  await clean(page);
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByRole('row', { name: /SK-002 Velder Two/ })).toBeVisible();
  two.child.kill('SIGTERM');
  expect(await two.ended).toBe(0);
  rmSync(other, { recursive: true });
});
