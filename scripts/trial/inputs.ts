import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import type { Edit, Job } from '#core/job';
import type { Chance } from '#core/uncertainty';
import { readDrawing } from '#formats/outline';
import { demoJob, type Figures } from './figures';
import { oddData, oddText, pick } from './odd';
import { ask, dataOf, form, json, mustStart, STUCK_MS, takeIn, type Answered } from './served';

/** What an input may come to: an answer in words, or a connection that is closed; never 500, never silence. */
function judge({ status, ms }: Answered, what: string, figures: Figures): void {
  figures.inputs += 1;
  figures.longestAnswerMs = Math.max(figures.longestAnswerMs, ms);
  if (status >= 500) {
    figures.serverErrors += 1;
    figures.fault(`${what}: answered with ${status}`);
  }
  if (status === -1) {
    figures.stuck += 1;
    figures.fault(`${what}: not answered`);
  }
}

const CSV = () => readFileSync('demo/shelf.csv', 'utf8');
const PLACES = [
  '/',
  '/?page=0',
  '/?sort=car&order=up',
  '/shelf',
  '/shelf?kind=%00',
  '/defaults',
  '/enter',
  '/health',
  '/shelf.json',
  '/jobs/x',
  '/jobs/%2e%2e/file',
  '/jobs/ID/room',
  '/jobs/ID/file',
  '/jobs/ID/template.pdf?axle=front&of=brake',
  '/jobs/ID/template.pdf?axle=front&of=brake&margin=NaN&across=1e9',
  '/jobs/ID/outline?axle=rear&of=setup:a&format=dxf',
  '/gauge-card.pdf?patterns=5x114.3',
  '/gauge-card.pdf?patterns=5xNaN,0x0&stud=-1&bore=',
  '/backups/..%2f..%2fscoval.sqlite',
  '/assets/../server/index.js',
  '/%c0%ae%c0%ae/',
  '/shelf.csv',
  '/_root.data',
  '/nothing/at/all',
] as const;
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'TRACE', 'PROPFIND'];
const HEADERS: readonly Record<string, string>[] = [
  {},
  { Host: 'shop.example' },
  { Host: '' },
  { Origin: 'http://shop.example' },
  { 'Sec-Fetch-Site': 'cross-site' },
  { Cookie: 'scoval=%E0%A4%A' },
  { Cookie: '='.repeat(5000) },
  { Accept: '*/*;q=nothing' },
  { 'Content-Type': 'multipart/form-data' },
  { 'Content-Type': 'application/json', 'Content-Encoding': 'gzip' },
  { Range: 'bytes=9-1' },
  { 'If-None-Match': '"' },
  { 'Accept-Encoding': 'br;q=x, gzip' },
  { 'Content-Length': '-1' },
  { 'Transfer-Encoding': 'chunked, chunked' },
];

const EDITS: readonly Edit[] = [
  { op: 'set', path: ['vehicle', 'front', 'room', 'archGapMm'], value: 71 },
  { op: 'set', path: ['setups', 'a', 'front', 'tire', 'size'], value: '205/45R17' },
  { op: 'clear', path: ['brief', 'limits'] },
  { op: 'add-setup', setup: { id: 'new' } },
  { op: 'remove-setup', id: 'new' },
  {
    op: 'set',
    path: ['vehicle', 'front', 'caliper', 'outline'],
    value: [
      { a: 0, r: 90 },
      { a: 40, r: 120 },
      { a: 0, r: 150 },
    ],
  },
];

/** Sends odd job files, edits, lists, drawings and requests until the time is over. */
export async function oddInputs(folder: string, chance: Chance, figures: Figures): Promise<void> {
  const served = await mustStart(folder);
  const { port } = served;
  const job = demoJob();
  const id = (await takeIn(port, job))!;
  const csv = CSV();
  let revision = 1;
  const one: readonly (() => Promise<void>)[] = [
    async () => {
      const odd = chance() < 0.5 ? JSON.stringify(oddData(job, chance)) : oddText(JSON.stringify(job), chance);
      const answer = await ask(port, { path: '/_root.data?index', ...form('odd.json', Buffer.from(odd)) });
      judge(answer, 'a job file', figures);
      const taken = /\/jobs\/([\w-]{10})/.exec(answer.text)?.[1];
      if (taken) await worksOn(port, taken, figures);
    },
    async () => {
      const edits = oddData([pick(EDITS, chance)], chance);
      const whole: unknown = { intent: 'edit', revision, edits };
      const body = chance() < 0.3 ? { ...json(whole), body: oddText(JSON.stringify(whole), chance) } : json(whole);
      const answer = await ask(port, { path: `/jobs/${id}.data`, ...body });
      judge(answer, 'an edit', figures);
      if (answer.text.includes('"saved"')) revision = revisionIn(answer.text) ?? revision;
    },
    async () => {
      const odd = oddText(csv.slice(0, 2000 + Math.floor(chance() * csv.length)), chance);
      judge(await ask(port, { path: '/shelf.data', ...form('odd.csv', Buffer.from(odd, 'utf8')) }), 'a list', figures);
    },
    async () => {
      const path = encodeURI(oddPath(pick(PLACES, chance).replace('ID', id), chance));
      const headers = pick(HEADERS, chance);
      const method = chance() < 0.7 ? 'GET' : pick(METHODS, chance);
      const body = method === 'GET' || method === 'HEAD' ? undefined : oddText('{"intent":"archive","id":"x"}', chance);
      judge(
        await ask(port, { method, path, headers, ...(body === undefined ? {} : { body }) }),
        `${method} ${path.slice(0, 120)} ${JSON.stringify(headers).slice(0, 60)}`,
        figures,
      );
    },
    async () => {
      const noise = oddText('POST /jobs/x.data HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 5\r\n\r\nhello', chance);
      judge(await raw(port, noise), 'bytes', figures);
    },
    async () => {
      const kind = chance() < 0.5 ? 'dxf' : 'svg';
      drawing(`odd.${kind}`, oddText(kind === 'dxf' ? DXF : SVG, chance), figures);
    },
  ];
  while (!figures.over('inputs')) await Promise.all(Array.from({ length: 8 }, () => pick(one, chance)()));
  const { text, status } = await ask(port, { path: '/health' });
  if (status !== 200) figures.fault('after odd inputs the server is not well');
  else
    figures.longestHoldMs = Math.max(
      figures.longestHoldMs,
      (JSON.parse(text) as { longestHoldMs: number }).longestHoldMs,
    );
  served.child.kill('SIGTERM');
  const ended = await Promise.race([served.ended, new Promise((resolve) => setTimeout(resolve, STUCK_MS, 'late'))]);
  if (ended !== 0) figures.fault(`the server ended with ${String(ended)}`);
}

const oddPath = (place: string, chance: Chance): string =>
  chance() < 0.5 ? place : oddText(place, chance).replace(/[\ud800-\udfff]/g, '.');

const revisionIn = (text: string): number | null => {
  const { data } = dataOf(text) as { data?: { revision?: number } };
  return data?.revision ?? null;
};

/** What was taken in must open, save and go out again as a file that is taken in. */
async function worksOn(port: number, id: string, figures: Figures): Promise<void> {
  const edits: Edit[] = [{ op: 'set', path: ['vehicle', 'label'], value: 'worked on' }];
  const saved = await ask(port, { path: `/jobs/${id}.data`, ...json({ intent: 'edit', revision: 1, edits }) });
  judge(saved, 'an edit of what was taken in', figures);
  if (!saved.text.includes('"saved"')) figures.fault('a job was taken in and refused on its first save');
  const file = await ask(port, { path: `/jobs/${id}/file` });
  judge(file, 'the file of what was taken in', figures);
  if (file.status === 200 && !(await takeIn(port, JSON.parse(file.text) as Job)))
    figures.fault('what went out as a file was refused when it came in');
}

/** Bytes as they come, whatever they are; the connection may be closed. */
const raw = (port: number, bytes: string): Promise<Answered> =>
  new Promise((resolve) => {
    const since = performance.now();
    let text = '';
    const socket = connect(port, '127.0.0.1', () => socket.end(bytes));
    const done = (status: number) => {
      socket.destroy();
      resolve({ status, text, ms: performance.now() - since });
    };
    socket.setTimeout(STUCK_MS, () => done(-1));
    socket.on('data', (chunk: Buffer) => (text += chunk.toString('latin1')));
    socket.on('error', () => done(0));
    socket.on('close', () => done(Number(/^HTTP\/1\.1 (\d+)/.exec(text)?.[1] ?? 0)));
  });

const DXF = [
  ['0', 'SECTION', '2', 'HEADER', '9', '$INSUNITS', '70', '4', '0', 'ENDSEC', '0', 'SECTION', '2', 'ENTITIES'],
  ['0', 'LINE', '8', '0', '10', '0', '20', '90', '11', '40', '21', '120'],
  ['0', 'ARC', '8', '0', '10', '20', '20', '100', '40', '30', '50', '0', '51', '180'],
  [
    '0',
    'LWPOLYLINE',
    '8',
    '0',
    '90',
    '3',
    '70',
    '1',
    '10',
    '0',
    '20',
    '90',
    '10',
    '40',
    '20',
    '120',
    '42',
    '0.5',
    '10',
    '0',
    '20',
    '150',
  ],
  [
    '0',
    'SPLINE',
    '8',
    '0',
    '70',
    '8',
    '71',
    '3',
    '72',
    '8',
    '73',
    '4',
    ...[0, 0, 0, 0, 1, 1, 1, 1].flatMap((k) => ['40', String(k)]),
  ],
  [...[0, 10, 20, 30].flatMap((x) => ['10', String(x), '20', String(90 + x)]), '0', 'ENDSEC', '0', 'EOF'],
]
  .flat()
  .join('\n');
const SVG =
  '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" viewBox="0 0 100 100"><g transform="rotate(10) scale(2)">' +
  '<path d="M0 0C5 5 9 2 20 20A5 5 0 0 1 30 30Z"/><circle cx="5" cy="5" r="4"/>' +
  '<polygon points="0,0 5,0 5,5"/></g></svg>';

/** Drawings are read in the browser; here by the same reader. */
function drawing(name: string, text: string, figures: Figures): void {
  const since = performance.now();
  figures.inputs += 1;
  // The parser says on the console what it makes of odd group codes.
  const say = console.log;
  console.log = () => {};
  try {
    const { drawing: read } = readDrawing(name, new TextEncoder().encode(text));
    if (read?.lines.some(({ points }) => points.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y))))
      figures.fault('a drawing was read with a place that is no number');
  } catch {
    figures.fault('a drawing was thrown');
  } finally {
    console.log = say;
  }
  if (performance.now() - since > 2000) figures.fault('a drawing took more than two seconds');
}
