import { readFileSync } from 'node:fs';
import { applyEdits, type Edit, type Job, type Setup } from '#core/job';

/** The example of the job file's documentation, as text and as a job. */
export const EXAMPLE_TEXT = readFileSync('docs/example-job.json', 'utf8');
export const example = (): Job => JSON.parse(EXAMPLE_TEXT) as Job;
/** The same, for tests that change nothing of it. */
export const EXAMPLE = example();

export type DemoName = 'brindle-kite' | 'orrin-haul' | 'velder-two' | 'pallas-tender';

/** One of the demo's jobs, with what was fitted. */
export const demoJobFitted = (name: DemoName): Job =>
  JSON.parse(readFileSync(`demo/${name}.scoval.json`, 'utf8')) as Job;

/** The same before anything was fitted. */
export function demoJob(name: DemoName): Job {
  const { fittings: _, notes: __, photos: ___, decision: ____, ...job } = demoJobFitted(name);
  return job;
}

/** The demo's jobs, for tests that change nothing of them. */
export const KITE = demoJob('brindle-kite');
export const HAUL = demoJob('orrin-haul');
export const VELDER = demoJob('velder-two');
export const TENDER = demoJob('pallas-tender');

export type Change = [path: string, value?: unknown];

/** A job with places set, or taken away where no value is given. */
export const changed = (job: Job, ...changes: Change[]): Job =>
  applyEdits(
    job,
    changes.map(([path, value]): Edit => {
      const place = path.split('/');
      return value === undefined ? { op: 'clear', path: place } : { op: 'set', path: place, value };
    }),
  );

export const setupOf = (job: Job, id: string): Setup => job.setups.find((setup) => setup.id === id)!;
