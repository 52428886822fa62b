import { parseArgs } from 'node:util';
import Joi from 'joi';
import { fullReport, type Beyond } from '#core/advice';
import { readJob } from './source';

const USAGE =
  'usage: npm run --silent evaluate -- [--remedies] [--window fixed|same-diameter|best-standard] FILE   (- reads' +
  ' standard input)\n';

const options = Joi.object<{ remedies?: boolean; window?: Beyond['window'] }>({
  remedies: Joi.boolean(),
  window: Joi.valid('fixed', 'same-diameter', 'best-standard'),
});

/** What the command was asked for; null where that cannot be made out. */
function readArguments(args: string[]): { file: string; beyond: Beyond } | null {
  try {
    const { values, positionals } = parseArgs({
      args,
      allowPositionals: true,
      options: { remedies: { type: 'boolean' }, window: { type: 'string' } },
    });
    const { value, error } = options.validate({ ...values });
    const [file, ...others] = positionals;
    return error || file === undefined || others.length > 0 ? null : { file, beyond: value };
  } catch {
    return null;
  }
}

/**
 * Prints the report of a job file; on faults one line each on standard error, nothing on standard output, and exit code
 * 1.
 */
async function main(args: string[]): Promise<number> {
  const asked = readArguments(args);
  if (asked === null) {
    process.stderr.write(USAGE);
    return 1;
  }
  const job = await readJob(asked.file);
  if (job === null) return 1;
  process.stdout.write(`${JSON.stringify(fullReport(job, asked.beyond), null, 2)}\n`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
