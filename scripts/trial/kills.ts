import { cpSync, rmSync } from 'node:fs';
import path from 'node:path';
import { spawn, type ChildProcess } from 'node:child_process';
import type { Chance } from '#core/uncertainty';
import { openPlain } from '../../server/database/plain';
import { root } from '../lib/run.mjs';
import { demoJob, type Figures } from './figures';
import { ask, form, json, mustStart, start, takeIn, type Served } from './served';

/** What one job's owner knows: what was acknowledged, and what may have been saved without it. */
interface Owned {
  id: string;
  revision: number;
  acknowledged: number;
  sent: number;
}

const titleOf = (count: number): string => `saved ${count}`;

async function save(port: number, owned: Owned): Promise<'saved' | 'gone' | 'refused'> {
  owned.sent += 1;
  const edits = [
    { op: 'set', path: ['title'], value: titleOf(owned.sent) },
    { op: 'set', path: ['vehicle', 'front', 'room', 'archGapMm'], value: 40 + (owned.sent % 50) },
  ];
  const body = json({ intent: 'edit', revision: owned.revision, edits });
  const { status, text } = await ask(port, { path: `/jobs/${owned.id}.data`, ...body });
  if (status === 0) return 'gone';
  if (status !== 200 || !text.includes('"saved"')) return 'refused';
  owned.revision += 1;
  owned.acknowledged = owned.sent;
  return 'saved';
}

/** Looks what a restarted server has of a job: nothing that was acknowledged may be missing. */
async function look(port: number, owned: Owned, figures: Figures): Promise<void> {
  const { status, text } = await ask(port, { path: `/jobs/${owned.id}/file` });
  if (status !== 200) return figures.fault(`a job could not be read after a kill (${status})`);
  const job = JSON.parse(text) as {
    title: string;
    vehicle: { front: { room: { archGapMm: number }; readings: unknown[] } };
  };
  const found = Number(job.title.replace('saved ', ''));
  figures.lost += Math.max(0, owned.acknowledged - found);
  if (found > owned.sent) figures.fault('a job holds what nobody sent');
  // Title, reading and history of one save stand together or not at all.
  if (found > 0 && job.vehicle.front.room.archGapMm !== 40 + (found % 50)) figures.fault('half of a save was kept');
  // Where that is not its revision, the next save is refused as stale, and told as a fault.
  owned.revision = found + 1;
  owned.acknowledged = found;
  owned.sent = found;
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Kills the server in the midst of saves, imports and backups, and looks what the next one finds. */
export async function killsInSaves(folder: string, chance: Chance, figures: Figures): Promise<void> {
  let served = await mustStart(folder);
  const jobs: Owned[] = [];
  for (let job = 0; job < 6; job++) {
    const id = await takeIn(served.port, { ...demoJob(), title: titleOf(0) });
    if (!id) throw new Error('the demo job was not taken in');
    jobs.push({ id, revision: 1, acknowledged: 0, sent: 0 });
  }
  const rows = [
    'kind,name,thicknessMm',
    ...Array.from({ length: 3000 }, (_, at) => `spacer,trial ${at},${5 + (at % 20)}`),
  ];
  while (!figures.over('kills')) {
    await saveUntilKilled({ served, jobs, rows, chance, figures, folder });
    figures.kills += 1;
    served = await restarted(folder, figures);
    await Promise.all(jobs.map((job) => look(served.port, job, figures)));
    const kept = await ask(served.port, { path: '/shelf?search=trial' });
    // A list is taken in whole or not at all.
    const count = Number(/Spacers (\d+)/.exec(kept.text)?.[1] ?? NaN);
    if (count !== 0 && count !== 3000) figures.fault(`${count} of 3000 items of a list were kept`);
  }
  served.child.kill('SIGTERM');
  await served.ended;
}

interface Killing {
  served: Served;
  jobs: Owned[];
  rows: string[];
  chance: Chance;
  figures: Figures;
  folder: string;
}

async function saveUntilKilled({ served, jobs, rows, chance, figures, folder }: Killing): Promise<void> {
  let dead = false;
  const clients = jobs.map(async (owned) => {
    while (!dead) {
      const outcome = await save(served.port, owned);
      if (outcome === 'saved') figures.saves += 1;
      else if (outcome === 'gone') return;
      else if (!dead) figures.fault('a save was refused that was in order');
    }
  });
  const beside: Promise<unknown>[] = [];
  if (chance() < 0.2)
    beside.push(ask(served.port, { path: '/shelf.data', ...form('list.csv', Buffer.from(rows.join('\n'))) }));
  if (chance() < 0.2) {
    const copying = spawn('npx', ['tsx', 'server/commands/backup.ts', path.join(folder, 'elsewhere')], {
      cwd: root,
      env: { ...process.env, SCOVAL_DATA: folder },
      stdio: 'ignore',
    });
    beside.push(new Promise((resolve) => copying.on('exit', resolve)));
    if (chance() < 0.5) setTimeout(() => copying.kill('SIGKILL'), 2000 * chance());
  }
  await pause(20 + 700 * chance());
  dead = true;
  served.child.kill('SIGKILL');
  await served.ended;
  await Promise.all([...clients, ...beside]);
}

async function restarted(folder: string, figures: Figures): Promise<Served> {
  const { served, said, code } = await start(folder);
  if (served) return served;
  figures.corrupt += 1;
  throw new Error(`after a kill the server did not come up (${code}): ${said}`);
}

/** Kills the server while it brings an old database up to date, and looks whether the next one finishes it. */
export async function killsInUpgrades(folder: string, chance: Chance, figures: Figures): Promise<void> {
  const old = path.join(folder, 'old');
  const served = await mustStart(old);
  for (let job = 0; job < 3; job++) await takeIn(served.port, demoJob());
  served.child.kill('SIGTERM');
  await served.ended;
  const open = await openPlain(path.join(old, 'scoval.sqlite'));
  await open.run(`DELETE FROM migrations WHERE name >= '006'`);
  for (const table of ['devices', 'settings']) await open.run(`DROP TABLE ${table}`);
  for (const index of ['store_items_kind_sort_key', 'readings_job_id_revision', 'changes_job_id_state_revision'])
    await open.run(`DROP INDEX ${index}`);
  await open.run('ALTER TABLE store_items DROP COLUMN sort_key');
  await open.close();
  for (let round = 0; !figures.over('upgrades'); round++) {
    const now = path.join(folder, `upgrade-${round}`);
    cpSync(old, now, { recursive: true });
    for (let kill = 0; kill < 3; kill++) {
      let child: ChildProcess | undefined;
      const starting = start(now, {}, (spawned) => (child = spawned));
      await pause(300 + 900 * chance());
      child!.kill('SIGKILL');
      await starting;
      figures.upgradeKills += 1;
    }
    const up = await restarted(now, figures);
    const { text } = await ask(up.port, { path: '/health' });
    if (!text.includes('"database":"ok"')) figures.fault('an upgrade that was killed was not finished');
    const bench = await ask(up.port, { path: '/' });
    if (!/SK-003/.test(bench.text)) figures.fault('an upgrade that was killed lost a job');
    up.child.kill('SIGTERM');
    await up.ended;
    rmSync(now, { recursive: true });
  }
}
