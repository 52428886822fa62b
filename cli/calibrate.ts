import { parseArgs } from 'node:util';
import { calibrate } from '#core/calibration';
import type { Job } from '#core/job';
import { readJob } from './source';

const USAGE = 'usage: npm run --silent calibrate -- FILE…   (- reads standard input)\n';

/** The job files that were named; null where that cannot be made out. */
function readArguments(args: string[]): string[] | null {
  try {
    const { positionals } = parseArgs({ args, allowPositionals: true, options: {} });
    return positionals.length > 0 ? positionals : null;
  } catch {
    return null;
  }
}

/**
 * Prints how far off the predictions of some job files were; on faults one line each on standard error, nothing on
 * standard output, and exit code 1.
 */
async function main(args: string[]): Promise<number> {
  const files = readArguments(args);
  if (files === null) {
    process.stderr.write(USAGE);
    return 1;
  }
  const jobs: Job[] = [];
  for (const file of files) {
    const job = await readJob(file);
    if (job) jobs.push(job);
  }
  if (jobs.length < files.length) return 1;
  process.stdout.write(`${JSON.stringify(calibrate(jobs), null, 2)}\n`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
