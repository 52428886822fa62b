// Writes the reports of the known jobs and of 300 random ones, plain and with remedies and window: to compare before
// and after a change.
//   npm run reports -- FOLDER [COUNT]
import { sensitivitySteps, sizesThatDo, patternOptions, fullReport, type Beyond } from '#core/advice';
import { fork } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Job } from '#core/job';
import { atOnce } from '#core/progress';
import { jobStanding } from '#core/standing';
import { readJobFile } from '#formats/job';
import { KNOWN_JOBS, randomJobs } from './randomJobs';

const SEED = 20261128;
const WINDOWS: NonNullable<Beyond['window']>[] = ['fixed', 'same-diameter', 'best-standard'];

/** What a job answers with, or what it refuses to answer by. */
function answered(of: () => unknown): unknown {
  try {
    return of();
  } catch (error) {
    return { refused: String(error) };
  }
}

/**
 * All that is computed of a job: its report, the report with all that may be asked beyond it, its standing, and the
 * advice to each setup.
 */
function writtenOf(job: Job, at: number): string {
  const unit = at % 3 === 2 ? 'in' : 'mm';
  const window = WINDOWS[at % WINDOWS.length]!;
  const advice = job.setups.flatMap((setup) =>
    (['front', 'rear'] as const).map((axle) => ({
      sizes: answered(() => sizesThatDo(job, setup, axle)),
      ways: answered(() => patternOptions({ job, setup, axle, choices: { adapterMm: 25, hubFaceShiftMm: 4 }, unit })),
      sensitivity: answered(() => atOnce(sensitivitySteps(job, setup, axle))),
    })),
  );
  return JSON.stringify(
    {
      report: answered(() => fullReport(job, {}, { unit })),
      beyond: answered(() => fullReport(job, { remedies: true, window }, { unit })),
      standing: answered(() => jobStanding(job)),
      advice,
    },
    null,
    1,
  );
}

function jobsNamed(count: number): { name: string; job: Job }[] {
  const known = KNOWN_JOBS.map((file) => ({
    name: path.basename(file, '.json'),
    job: readJobFile(readFileSync(file, 'utf8')).job!,
  }));
  const random = randomJobs(count, SEED).map((job, at) => ({ name: `random-${String(at).padStart(3, '0')}`, job }));
  return [...known, ...random];
}

const [folder, count = '300', part] = process.argv.slice(2);
if (folder === undefined) {
  console.error('usage: npm run reports -- FOLDER [COUNT]');
  process.exitCode = 1;
} else if (part === undefined) {
  mkdirSync(folder, { recursive: true });
  const parts = availableParallelism();
  const ends = Array.from(
    { length: parts },
    (_, nth) =>
      new Promise<number>((ended) => {
        const child = fork(fileURLToPath(import.meta.url), [folder, count, `${nth}/${parts}`]);
        child.on('exit', (code) => ended(code ?? 1));
      }),
  );
  process.exitCode = Math.max(...(await Promise.all(ends)));
  const whole = createHash('sha256');
  const files = readdirSync(folder).sort();
  for (const file of files) whole.update(file).update(readFileSync(path.join(folder, file)));
  console.log(`${files.length} reports, sha256 ${whole.digest('hex')}`);
} else {
  const [nth, parts] = part.split('/').map(Number) as [number, number];
  for (const [at, { name, job }] of jobsNamed(Number(count)).entries())
    if (at % parts === nth) writeFileSync(path.join(folder, `${name}.json`), writtenOf(job, at));
}
