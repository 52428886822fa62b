import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import type { Edit } from '#core/job';
import { freshDatabase } from '#support/freshDatabase';
import { example } from '#support/jobs';
import { saveEdits, stepHistory } from '../edits';
import { createJob } from '../jobs';
import { endLive, listening } from './hub';
import type { LiveEvents } from './records';
import { liveStream } from './stream';

freshDatabase();

let server: Server;
let base: string;
beforeAll(async () => {
  server = createServer(express().get('/jobs/:jobId/events', liveStream));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(async () => {
  endLive();
  await new Promise((resolve) => server.close(resolve));
});

interface Heard {
  event: string;
  id: string | null;
  data: unknown;
}

/** A screen as a browser is one: reads what comes line by line. */
async function screen(jobId: string, from: number, headers: Record<string, string> = {}, by = '') {
  const stop = new AbortController();
  const response = await fetch(`${base}/jobs/${jobId}/events?from=${from}&by=${by}`, { headers, signal: stop.signal });
  const heard: Heard[] = [];
  const waiting: (() => void)[] = [];
  const read = async () => {
    let text = '';
    for await (const chunk of response.body!.pipeThrough(new TextDecoderStream())) {
      const parts = (text + chunk).split('\n\n');
      text = parts.pop()!;
      for (const part of parts) {
        const field = (name: string) => new RegExp(`^${name}:(.*)$`, 'm').exec(part)?.[1]!.trim() ?? null;
        const event = field('event');
        if (event !== null) heard.push({ event, id: field('id'), data: JSON.parse(field('data')!) });
      }
      for (const look of waiting.splice(0)) look();
    }
  };
  const done = read().catch(() => {});
  /** The first of a kind that is not taken yet. */
  const next = async <K extends keyof LiveEvents>(event: K): Promise<{ id: string | null; data: LiveEvents[K] }> => {
    for (;;) {
      const at = heard.findIndex((one) => one.event === event);
      if (at >= 0) return heard.splice(at, 1)[0] as { id: string | null; data: LiveEvents[K] };
      await new Promise<void>((resolve) => waiting.push(resolve));
    }
  };
  const leave = async () => {
    stop.abort();
    await done;
  };
  return { response, heard, next, leave, done };
}

const title = (value: string): Edit => ({ op: 'set', path: ['title'], value });

test('what one saves every other hears, with the edits that were made; a step back too', async () => {
  const id = await createJob(example());
  const [desk, phone] = [await screen(id, 1), await screen(id, 1)];
  expect(desk.response.headers.get('content-type')).toBe('text/event-stream');
  await saveEdits(id, 1, [title('by phone')]);
  for (const one of [desk, phone]) {
    const { id: about, data } = await one.next('saved');
    expect([about, data.revision, data.made]).toEqual(['2', 2, [title('by phone')]]);
  }
  await stepHistory(id, 2, 'undo');
  const { data } = await desk.next('saved');
  expect(data).toMatchObject({ revision: 3, made: [{ op: 'set', path: ['title'], value: example().title }] });
  await saveEdits(id, 1, [title('on an old revision')]);
  await saveEdits(id, 3, [title('x'.repeat(999))]);
  await saveEdits(id, 3, [title('next')]);
  expect((await desk.next('saved')).data.revision).toBe(4);
  await Promise.all([desk.leave(), phone.leave()]);
});

test('a screen that was away hears that it is behind, by what it heard last; no other does', async () => {
  const id = await createJob(example());
  await saveEdits(id, 1, [title('one')]);
  await saveEdits(id, 2, [title('two')]);
  const fresh = await screen(id, 1);
  expect(await fresh.next('behind')).toMatchObject({ id: '3', data: { revision: 3 } });
  const back = await screen(id, 1, { 'Last-Event-ID': '2' });
  expect((await back.next('behind')).data.revision).toBe(3);
  const current = await screen(id, 1, { 'Last-Event-ID': '3' });
  await saveEdits(id, 3, [title('three')]);
  await current.next('saved');
  expect(current.heard.filter(({ event }) => event === 'behind')).toEqual([]);
  const odd = await screen(id, 4, { 'Last-Event-ID': '4; DROP' });
  await odd.next('present');
  expect(odd.heard.filter(({ event }) => event === 'behind')).toEqual([]);
  await Promise.all([fresh, back, current, odd].map(({ leave }) => leave()));
});

test('who else is there, by initials; who left is not', async () => {
  const id = await createJob(example());
  const desk = await screen(id, 1, {}, 'MR');
  const alone = await desk.next('present');
  expect(alone.data.screens).toEqual([{ id: alone.data.own, name: 'MR' }]);
  const phone = await screen(id, 1);
  // It says nothing of a revision: a screen that comes back names the last one it heard of.
  expect(alone.id).toBe('1');
  expect((await desk.next('present')).data.screens.map(({ name }) => name)).toEqual(['MR', null]);
  await phone.leave();
  expect((await desk.next('present')).data.screens).toHaveLength(1);
  await desk.leave();
});

test.each([
  ['no job', 'nobody', 'from=1', 404],
  ['no revision', null, '', 400],
  ['no number', null, 'from=x', 400],
  ['a long name', null, `from=1&by=${'x'.repeat(41)}`, 400],
  ['what is not known', null, 'from=1&to=2', 400],
])('%s is refused', async (_, jobId, query, status) => {
  const id = jobId ?? (await createJob(example()));
  const response = await fetch(`${base}/jobs/${id}/events?${query}`);
  expect(response.status).toBe(status);
  await response.text();
  expect(listening(id)).toBe(0);
});

test('200 screens hear all of 50 saves in their order; all are let go when the server ends', async () => {
  const id = await createJob(example());
  const screens = await Promise.all(Array.from({ length: 200 }, () => screen(id, 1)));
  expect(listening(id)).toBe(200);
  for (let revision = 1; revision <= 50; revision++) await saveEdits(id, revision, [title(`save ${revision}`)]);
  for (const one of screens) {
    const heard: number[] = [];
    while (heard.length < 50) heard.push((await one.next('saved')).data.revision);
    expect(heard).toEqual(Array.from({ length: 50 }, (_, at) => at + 2));
  }
  endLive();
  await Promise.all(screens.map(({ done }) => done));
  expect(listening()).toBe(0);
});
