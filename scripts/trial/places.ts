import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, mkdirSync, readdirSync } from 'node:fs';
import { connect } from 'node:net';
import path from 'node:path';
import { root } from '../lib/run.mjs';
import { demoJob, type Figures } from './figures';
import { ask, form, json, mustStart, start, takeIn } from './served';

/** A second server on a folder is refused in one line, and does the first no harm. */
export async function twoServers(folder: string, figures: Figures): Promise<void> {
  const first = await mustStart(folder);
  const second = await start(folder);
  if (second.served || second.code !== 1 || !/another Scoval runs on/.test(second.said) || second.said.includes('\n'))
    figures.fault(`a second server on a folder: ${second.code} ${second.said}`);
  if ((await ask(first.port, { path: '/health' })).status !== 200) figures.fault('a second server did the first harm');
  first.child.kill('SIGTERM');
  if ((await first.ended) !== 0) figures.fault('a server did not end with 0');
}

/** Other sites, other names and slow clients. */
export async function strangers(folder: string, figures: Figures): Promise<void> {
  const { port, child, ended } = await mustStart(folder);
  const id = (await takeIn(port, demoJob()))!;
  const change = json({ intent: 'edit', revision: 1, edits: [{ op: 'set', path: ['title'], value: 'x' }] });
  const tries: [string, number, Parameters<typeof ask>[1]][] = [
    ['a foreign host', 421, { path: '/', headers: { Host: `shop.example:${port}` } }],
    ['a foreign host that ends like ours', 421, { path: '/', headers: { Host: `127.0.0.1.shop.example:${port}` } }],
    [
      'a foreign origin',
      403,
      { path: `/jobs/${id}.data`, ...change, headers: { ...change.headers!, 'Sec-Fetch-Site': 'cross-site' } },
    ],
    ['a foreign page that reads', 403, { path: `/jobs/${id}/file`, headers: { 'Sec-Fetch-Site': 'cross-site' } }],
    ['a form', 415, { path: '/defaults', method: 'POST', headers: { 'Content-Type': 'text/plain' }, body: '{}' }],
  ];
  for (const [what, wanted, sent] of tries) {
    const { status } = await ask(port, sent);
    figures.inputs += 1;
    if (status !== wanted) figures.fault(`${what} was answered with ${status}`);
  }
  // Slow ones hold their connections; the others are answered meanwhile.
  const slow = Array.from({ length: 150 }, () => {
    const socket = connect(port, '127.0.0.1', () => socket.write('POST /defaults HTTP/1.1\r\nHost: x\r\nContent-'));
    socket.on('error', () => {});
    return socket;
  });
  const drip = setInterval(() => slow.forEach((socket) => socket.write('x')), 500);
  await new Promise((resolve) => setTimeout(resolve, 2000));
  const since = performance.now();
  const { status } = await ask(port, { path: '/' });
  if (status !== 200 || performance.now() - since > 2000) figures.fault('slow clients held up the others');
  clearInterval(drip);
  const stopping = performance.now();
  child.kill('SIGTERM');
  if ((await ended) !== 0) figures.fault('a server with slow clients did not end with 0');
  if (performance.now() - stopping > 7000) figures.fault('a server with slow clients took more than 7 s to end');
}

/** Ten servers under load are told to end: each ends within a second of its last answer, with 0. */
export async function tenStops(folder: string, figures: Figures): Promise<void> {
  for (let time = 0; time < 10; time++) {
    const { port, child, ended } = await mustStart(folder);
    let last = performance.now();
    const clients = Array.from({ length: 10 }, async () => {
      for (;;) {
        const { status } = await ask(port, { path: '/' });
        if (status === 0) return;
        last = performance.now();
      }
    });
    await new Promise((resolve) => setTimeout(resolve, 150));
    child.kill(time % 2 ? 'SIGTERM' : 'SIGINT');
    if ((await ended) !== 0) figures.fault('a server under load did not end with 0');
    if (performance.now() - last > 1000) figures.fault('a server under load took more than a second to end');
    await Promise.all(clients);
  }
}

const LINES = 20_000;

/** A long list taken in while jobs are saved: both go through, and neither waits for the whole of the other. */
export async function longList(folder: string, figures: Figures): Promise<void> {
  const { port, child, ended } = await mustStart(folder);
  const id = (await takeIn(port, demoJob()))!;
  const rows = Array.from({ length: LINES }, (_, at) => `spacer,spacer ${at},${5 + (at % 20)}`);
  const since = performance.now();
  let [listMs, slowestMs, revision] = [0, 0, 1];
  const list = ask(port, {
    path: '/shelf.data',
    ...form('list.csv', Buffer.from(['kind,name,thicknessMm', ...rows].join('\n'))),
  }).then(({ status }) => {
    listMs = performance.now() - since;
    if (status !== 200) figures.fault(`a list of ${LINES} lines: ${status}`);
  });
  while (listMs === 0) {
    const edits = [{ op: 'set', path: ['title'], value: `${revision}` }];
    const { text, ms } = await ask(port, {
      path: `/jobs/${id}.data`,
      ...json({ intent: 'edit', revision, edits }),
    });
    if (text.includes('"saved"')) revision += 1;
    else figures.fault('a save beside a long list was refused');
    slowestMs = Math.max(slowestMs, ms);
  }
  await list;
  const { text } = await ask(port, { path: '/shelf?search=spacer' });
  if (!text.includes(`Spacers ${LINES}`)) figures.fault('a long list was not taken in whole');
  figures.notes.push(
    `a list of ${LINES} lines: ${Math.round(listMs)} ms; ` +
      `${revision - 1} saves meanwhile, the slowest ${Math.round(slowestMs)} ms`,
  );
  child.kill('SIGTERM');
  if ((await ended) !== 0) figures.fault('a server did not end with 0 after a long list');
}

/** A disk that is full: told at the start and at a save in words, nothing of what was saved is harmed. */
export async function fullDisk(folder: string, figures: Figures): Promise<void> {
  mkdirSync(folder, { recursive: true });
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=1536k', 'tmpfs', folder], { stdio: 'ignore' });
  } catch {
    figures.notes.push('a full disk was not tried: this user may not mount one');
    return;
  }
  try {
    const { port, child, ended } = await mustStart(folder);
    const id = (await takeIn(port, demoJob()))!;
    let [revision, refused] = [1, 0];
    for (let saves = 0; saves < 400 && refused < 5; saves++) {
      const edits = [{ op: 'set', path: ['title'], value: `${saves} ${'x'.repeat(100)}` }];
      const { status, text } = await ask(port, {
        path: `/jobs/${id}.data`,
        ...json({ intent: 'edit', revision, edits }),
      });
      if (text.includes('"saved"')) revision += 1;
      else if (status === 503 && text.includes('the disk is full')) refused += 1;
      else figures.fault(`a save on a full disk: ${status}`);
    }
    if (refused === 0) figures.fault('the disk did not fill');
    const { text } = await ask(port, { path: `/jobs/${id}/file` });
    if (!text.includes(`"title": "${revision - 2} `)) figures.fault('a full disk lost a save');
    child.kill('SIGTERM');
    if ((await ended) !== 0) figures.fault('a server on a full disk did not end with 0');
    const again = await start(folder);
    if (again.served) again.served.child.kill('SIGTERM');
    else if (!/the disk is full/.test(again.said) || again.said.includes('\n'))
      figures.fault(`a start on a full disk: ${again.said}`);
    await again.served?.ended;
    figures.notes.push(`a full disk: ${revision - 1} saves kept, ${refused} refused in words`);
  } finally {
    execFileSync('umount', [folder]);
  }
}

/** A backup made under load is put back after a crash, beside the log that the crash left; every job is compared. */
export async function restoreAfterCrash(folder: string, figures: Figures): Promise<void> {
  const { port, child, ended } = await mustStart(folder);
  const ids = [];
  for (let job = 0; job < 3; job++) ids.push((await takeIn(port, demoJob()))!);
  const copies = path.join(folder, 'elsewhere');
  await command('backup', [copies], folder);
  const before = await Promise.all(ids.map((id) => ask(port, { path: `/jobs/${id}/file` })));
  const edits = [{ op: 'set', path: ['title'], value: 'after the backup' }];
  for (const id of ids) await ask(port, { path: `/jobs/${id}.data`, ...json({ intent: 'edit', revision: 1, edits }) });
  const file = path.join(
    copies,
    readdirSync(copies).find((name) => name.endsWith('.sqlite'))!,
  );
  if ((await command('restore', [file], folder)) === 0) figures.fault('a backup was put back under a running server');
  child.kill('SIGKILL');
  await ended;
  copyFileSync(file, path.join(folder, 'kept.sqlite'));
  if ((await command('restore', [file], folder)) !== 0) figures.fault('a backup was not put back');
  const again = await mustStart(folder);
  for (const [index, id] of ids.entries())
    if ((await ask(again.port, { path: `/jobs/${id}/file` })).text !== before[index]!.text)
      figures.fault('a job came back from its backup otherwise than it was');
  again.child.kill('SIGTERM');
  await again.ended;
}

const command = (name: string, words: string[], folder: string): Promise<number | null> =>
  new Promise((resolve) => {
    const env = { ...process.env, SCOVAL_DATA: folder };
    spawn('npx', ['tsx', `server/commands/${name}.ts`, ...words], { cwd: root, env, stdio: 'ignore' }).on(
      'exit',
      resolve,
    );
  });
