import { readFileSync } from 'node:fs';
import { request, type ClientRequest } from 'node:http';
import { demoJob } from '#support/jobs';
import { serveFresh } from '../scripts/lib/serveFresh';
import type { Bench } from './report';

const STREAMS = 200;
const SAVES = 60;
/** Saves before any is measured: what is compiled as it first runs is ready. */
const WARM = 10;

const median = (values: number[]): number => values.toSorted((one, other) => one - other)[values.length >> 1]!;

/** What a process holds in memory, MB. */
const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

/** A line to a job; says when each revision was heard of. */
function listen(address: string, place: string, heard: Map<number, number[]>): Promise<ClientRequest> {
  return new Promise((resolve, reject) => {
    const line = request(`${address}${place}/events?from=1`, (answer) => {
      answer.setEncoding('utf8');
      answer.on('data', (text: string) => {
        for (const [, revision] of text.matchAll(/^id:\s*(\d+)$/gm)) {
          const times = heard.get(Number(revision)) ?? [];
          heard.set(Number(revision), times);
          times.push(performance.now());
        }
      });
      resolve(line);
    });
    line.on('error', reject);
    line.end();
  });
}

/**
 * Opens many lines to one job of the built application and saves into it: how long after a save is sent the median
 * line, and the last one, has heard of it, against the save alone on a job that nobody listens to.
 */
export async function measureLive(): Promise<Bench> {
  const server = await serveFresh();
  const post = (place: string, body: unknown) =>
    fetch(`${server.address}${place}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'Sec-Fetch-Site': 'same-origin' },
      body: JSON.stringify(body),
    });
  const put = async (): Promise<string> => {
    const form = new FormData();
    form.set('file', new File([JSON.stringify(demoJob('brindle-kite'))], 'job.json', { type: 'application/json' }));
    const answer = await fetch(`${server.address}/?index`, {
      method: 'POST',
      headers: { 'Sec-Fetch-Site': 'same-origin' },
      body: form,
      redirect: 'manual',
    });
    return answer.headers.get('location')!;
  };
  try {
    const [place, alone] = [await put(), await put()];
    const save = async (where: string, revision: number) => {
      const edits = [{ op: 'set', path: ['title'], value: `save ${revision}` }];
      const began = performance.now();
      const answer = await post(`${where}.data`, { intent: 'edit', revision, edits });
      if (!answer.ok) throw new Error(`a save was answered with ${answer.status}`);
      await answer.text();
      return { began, tookMs: performance.now() - began };
    };
    const single: number[] = [];
    for (let revision = 1; revision <= SAVES; revision++) single.push((await save(alone, revision)).tookMs);
    const heard = new Map<number, number[]>();
    const lines = await Promise.all(Array.from({ length: STREAMS }, () => listen(server.address, place, heard)));
    const [middle, last]: number[][] = [[], []];
    let before = 0;
    for (let revision = 1; revision <= SAVES; revision++) {
      if (revision === WARM) before = residentMb(server.pid);
      const { began } = await save(place, revision);
      while ((heard.get(revision + 1)?.length ?? 0) < STREAMS) await new Promise((resolve) => setTimeout(resolve, 1));
      const times = heard.get(revision + 1)!.map((at) => at - began);
      middle!.push(median(times));
      last!.push(Math.max(...times));
    }
    const after = residentMb(server.pid);
    for (const line of lines) line.destroy();
    const alonePerSave = median(single.slice(WARM));
    return {
      title: `a save told to ${STREAMS} screens (${SAVES} saves, built application)`,
      figures: [
        { what: 'a save that nobody hears', values: [alonePerSave], unit: 'ms', digits: 1 },
        { what: 'until half of the screens heard it', values: [median(middle!.slice(WARM))], unit: 'ms', digits: 1 },
        { what: 'until all of them heard it', values: [median(last!.slice(WARM))], unit: 'ms', digits: 1 },
        { what: `more memory after ${(SAVES - WARM) * STREAMS} events`, values: [after - before], unit: 'MB' },
        { what: 'ratio all heard / save alone', values: [median(last!.slice(WARM)) / alonePerSave], digits: 1 },
      ],
    };
  } finally {
    await server.stop();
  }
}
