import { request as call, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import express, { type Express } from 'express';
import { freshDatabase } from '#support/freshDatabase';
import { boundConnections, endServer } from './connections';
import { deviceOf, endDevice, letIn, listDevices, STAY_MS } from './devices';
import { enterLimit, TRIES_A_MINUTE } from './enterLimit';
import { hostDoor, isOwnHost } from './host';
import { CODE_MS, newCode, takeCode } from './joining';
import { originDoor } from './origin';
import { cookieOf, ENTER, safePlace, sessionDoor, tokenOf } from './session';
import { DeviceRow } from '../database/models';

freshDatabase();

const servers: Server[] = [];
afterEach(async () => {
  await Promise.all(servers.splice(0).map((server) => endServer(server, 10)));
});

const serve = (app: Express): Promise<number> =>
  new Promise((resolve) => {
    const server = app.listen(0, '127.0.0.1', () => resolve((server.address() as AddressInfo).port));
    boundConnections(server, 5);
    servers.push(server);
  });

interface Asked {
  method?: string;
  path?: string;
  headers?: Record<string, string>;
  body?: string;
}

const ask = (port: number, { method = 'GET', path = '/', headers = {}, body }: Asked) =>
  new Promise<{ status: number; headers: Record<string, unknown>; text: string }>((resolve, reject) => {
    const sent = call({ port, host: '127.0.0.1', method, path, headers, agent: false }, (response) => {
      let text = '';
      response.on('data', (chunk: Buffer) => (text += chunk.toString()));
      response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers, text }));
    });
    sent.on('error', reject);
    sent.end(body);
  });

// What the doors stand against is described in OWASP's cheat sheets on cross-site request forgery (fetch metadata) and
// on DNS rebinding.
describe('the host that is called', () => {
  const at = { localAddress: '127.0.0.1', localPort: 4180 };
  test.each([
    ['127.0.0.1:4180', true],
    ['localhost:4180', true],
    ['[::1]:4180', true],
    ['LOCALHOST:4180', true],
    ['127.0.0.1:4181', false],
    ['127.0.0.1', false],
    ['shop.example:4180', false],
    ['127.0.0.1.shop.example:4180', false],
    ['localhost:4180@shop.example', false],
    ['localhost :4180', false],
    ['', false],
    [undefined, false],
  ])('%s: %s', (host, own) => expect(isOwnHost(host, at, [])).toBe(own));
  test('an address of the network by itself, and by a name that the shop gave', () => {
    const lan = { localAddress: '::ffff:192.168.7.20', localPort: 4180 };
    expect(isOwnHost('192.168.7.20:4180', lan, [])).toBe(true);
    expect(isOwnHost('localhost:4180', lan, [])).toBe(false);
    expect(isOwnHost('192.168.7.21:4180', lan, [])).toBe(false);
    expect(isOwnHost('fit.shop.lan', at, ['fit.shop.lan'])).toBe(true);
    expect(isOwnHost('80.example', { ...at, localPort: 80 }, ['x'])).toBe(false);
  });
  test('any other is answered with 421', async () => {
    const port = await serve(express().use(hostDoor([]), (_, response) => void response.send('in')));
    expect((await ask(port, {})).text).toBe('in');
    expect((await ask(port, { headers: { Host: `shop.example:${port}` } })).status).toBe(421);
  });
});

describe('what may be asked, and from where', () => {
  const json = { 'Content-Type': 'application/json' };
  test.each<[string, Asked, number]>([
    ['a page that is typed in', { headers: { 'Sec-Fetch-Site': 'none' } }, 200],
    [
      'a link on another site',
      { headers: { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate', 'Sec-Fetch-Dest': 'document' } },
      200,
    ],
    [
      'a frame on another site',
      { headers: { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate', 'Sec-Fetch-Dest': 'iframe' } },
      403,
    ],
    [
      'a script of another site that reads',
      { headers: { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'no-cors' } },
      403,
    ],
    ['another port of this machine', { headers: { 'Sec-Fetch-Site': 'same-site', 'Sec-Fetch-Mode': 'cors' } }, 403],
    [
      'a command of this page',
      { method: 'POST', headers: { ...json, 'Sec-Fetch-Site': 'same-origin', Origin: 'null' } },
      200,
    ],
    ['a command of another site', { method: 'POST', headers: { ...json, 'Sec-Fetch-Site': 'cross-site' } }, 403],
    ['a command that tells nothing', { method: 'POST', headers: json }, 403],
    ['a command by a foreign origin', { method: 'POST', headers: { ...json, Origin: 'http://shop.example' } }, 403],
    ['a command by an origin of none', { method: 'POST', headers: { ...json, Origin: 'null' } }, 403],
    [
      'a form',
      {
        method: 'POST',
        headers: { 'Content-Type': 'application/x-www-form-urlencoded', 'Sec-Fetch-Site': 'same-origin' },
      },
      415,
    ],
    ['plain text', { method: 'POST', headers: { 'Content-Type': 'text/plain', 'Sec-Fetch-Site': 'same-origin' } }, 415],
    ['nothing of a kind', { method: 'POST', headers: { 'Sec-Fetch-Site': 'same-origin' } }, 415],
    [
      'a file for the shelf',
      {
        method: 'POST',
        path: '/shelf',
        headers: { 'Content-Type': 'multipart/form-data; boundary=x', 'Sec-Fetch-Site': 'same-origin' },
      },
      200,
    ],
    [
      'a photo',
      {
        method: 'POST',
        path: '/photos',
        headers: { 'Content-Type': 'multipart/form-data; boundary=x', 'Sec-Fetch-Site': 'same-origin' },
      },
      200,
    ],
    [
      'a photo from another site',
      {
        method: 'POST',
        path: '/photos',
        headers: { 'Content-Type': 'multipart/form-data; boundary=x', 'Sec-Fetch-Site': 'cross-site' },
      },
      403,
    ],
    [
      'a job with its photos',
      {
        method: 'POST',
        path: '/job-zips',
        headers: { 'Content-Type': 'application/zip', 'Sec-Fetch-Site': 'same-origin' },
      },
      200,
    ],
    [
      'a zip where none is taken',
      {
        method: 'POST',
        path: '/photos',
        headers: { 'Content-Type': 'application/zip', 'Sec-Fetch-Site': 'same-origin' },
      },
      415,
    ],
    [
      'a file for anything else',
      {
        method: 'POST',
        path: '/defaults',
        headers: { 'Content-Type': 'multipart/form-data; boundary=x', 'Sec-Fetch-Site': 'same-origin' },
      },
      415,
    ],
    ['PUT', { method: 'PUT', headers: { ...json, 'Sec-Fetch-Site': 'same-origin' } }, 405],
    ['DELETE', { method: 'DELETE' }, 405],
    ['PATCH', { method: 'PATCH' }, 405],
    ['TRACE', { method: 'TRACE' }, 405],
  ])('%s', async (_, asked, status) => {
    const port = await serve(express().use(originDoor, (_request, response) => void response.send('in')));
    expect((await ask(port, asked)).status).toBe(status);
  });
  test('its own origin is taken, and what may be asked is told', async () => {
    const port = await serve(express().use(originDoor, (_request, response) => void response.send('in')));
    const own = { method: 'POST', headers: { ...json, Origin: `http://127.0.0.1:${port}` } };
    expect((await ask(port, own)).status).toBe(200);
    expect((await ask(port, { method: 'PUT' })).headers.allow).toBe('GET, HEAD, OPTIONS, POST');
  });
});

describe('devices', () => {
  const app = () =>
    express()
      .use(enterLimit())
      .use(sessionDoor((response, device) => (response.locals.device = device.label)))
      .use((request, response) => {
        if (request.path === ENTER && request.method === 'POST') return void response.status(403).send('no');
        response.send(`in: ${response.locals.device ?? 'nobody'}`);
      });
  test('only one that was let in comes in; pages lead the others to the door', async () => {
    const port = await serve(app());
    const page = await ask(port, { path: '/jobs/x/room?y=1', headers: { Accept: 'text/html' } });
    expect([page.status, page.headers.location]).toEqual([302, '/enter?to=%2Fjobs%2Fx%2Froom%3Fy%3D1']);
    for (const path of ['/jobs/x.data', '/shelf.csv', '/'])
      expect((await ask(port, { path, headers: { Accept: 'application/json' } })).status).toBe(401);
    expect((await ask(port, { method: 'POST', path: '/', headers: { Accept: 'text/html' } })).status).toBe(401);
    expect((await ask(port, { path: ENTER })).text).toBe('in: nobody');
    const token = await letIn('Phone at 192.168.7.30');
    const headers = { Cookie: `a=b; ${cookieOf(token, false).split(';')[0]}` };
    expect((await ask(port, { headers })).text).toBe('in: Phone at 192.168.7.30');
    const [device] = await listDevices();
    await endDevice(device!.id);
    expect((await ask(port, { headers })).status).toBe(401);
  });
  test('what it carries is not in the database, cannot be read by scripts, and ends after 30 days', async () => {
    const token = await letIn('Tablet');
    expect(token).toMatch(/^[\w-]{43}$/);
    expect(JSON.stringify(await DeviceRow.findAll())).not.toContain(token);
    expect(cookieOf(token, true)).toBe(
      `scoval-device=${token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=2592000; Secure`,
    );
    expect(tokenOf({ cookie: `scoval-device=${token}` })).toBe(token);
    expect(tokenOf({ cookie: `xscoval-device=${token}` })).toBeNull();
    expect(tokenOf({ cookie: 'scoval-device=short' })).toBeNull();
    const replacements = [new Date(Date.now() - STAY_MS - 1000)];
    await DeviceRow.sequelize!.query('UPDATE devices SET created_at = ?', { replacements });
    expect(await deviceOf(token)).toBeNull();
    expect(await listDevices()).toEqual([]);
  });
  test('a code lets one device in, once, for five minutes', () => {
    const code = newCode(1000);
    expect(takeCode('guessed', 1001)).toBe(false);
    expect(takeCode(code, 1000 + CODE_MS - 1)).toBe(true);
    expect(takeCode(code, 1002)).toBe(false);
    const late = newCode(1000);
    expect(takeCode(late, 1000 + CODE_MS)).toBe(false);
    const first = newCode(5000);
    for (let more = 0; more < 20; more++) newCode(5000);
    expect(takeCode(first, 5001)).toBe(false);
  });
  test(`whoever guesses has ${TRIES_A_MINUTE} tries a minute`, async () => {
    const port = await serve(app());
    const statuses: number[] = [];
    for (let tries = 0; tries < TRIES_A_MINUTE + 2; tries++)
      statuses.push((await ask(port, { method: 'POST', path: ENTER })).status);
    expect(statuses).toEqual([...Array<number>(TRIES_A_MINUTE).fill(403), 429, 429]);
    expect((await ask(port, { path: ENTER })).status).toBe(200);
  });
  test.each([
    ['/jobs/x', '/jobs/x'],
    [null, '/'],
    ['//shop.example', '/'],
    ['/\\shop.example', '/'],
    ['https://shop.example', '/'],
    ['/a\nb', '/'],
  ])('from the door one is led to %j as %s', (place, led) => expect(safePlace(place)).toBe(led));
});

describe('connections', () => {
  test('beyond the most there may be, one is told so and let go', async () => {
    const port = await serve(express().use((_request, response) => void response.send('in')));
    const held = await Promise.all(
      Array.from(
        { length: 5 },
        () =>
          new Promise<ReturnType<typeof connect>>((resolve) => {
            const socket = connect(port, '127.0.0.1', () => resolve(socket));
          }),
      ),
    );
    const said = await new Promise<string>((resolve) => {
      let text = '';
      const socket = connect(port, '127.0.0.1');
      socket.on('data', (chunk) => (text += chunk.toString()));
      socket.on('close', () => resolve(text));
    });
    expect(said).toMatch(/^HTTP\/1\.1 503 [\s\S]*try again\.\n$/);
    for (const socket of held) socket.destroy();
  });
  test('kept alive, they do not hold up the end', async () => {
    const port = await serve(express().use((_request, response) => void response.send('in')));
    const socket = connect(port, '127.0.0.1');
    socket.write('GET / HTTP/1.1\r\nHost: x\r\n\r\n');
    await new Promise((resolve) => socket.once('data', resolve));
    const ended = new Promise((resolve) => socket.once('close', resolve));
    await endServer(servers.pop()!);
    await ended;
  });
});
