import { parseArgs } from 'node:util';
import Joi from 'joi';
import { sheetOf } from '#core/sheet';
import { readJob } from './source';

const USAGE = 'usage: npm run --silent fitup -- FILE --setup ID   (- reads standard input)\n';

const options = Joi.object<{ setup: string }>({ setup: Joi.string().max(40).required() });

/** The file and the setup that were named; null where that cannot be made out. */
function readArguments(args: string[]): { file: string; setup: string } | null {
  try {
    const { values, positionals } = parseArgs({ args, allowPositionals: true, options: { setup: { type: 'string' } } });
    const { value, error } = options.validate({ ...values });
    const [file, ...others] = positionals;
    return error || file === undefined || others.length > 0 ? null : { file, setup: value.setup };
  } catch {
    return null;
  }
}

/**
 * Prints the sheet of a setup; on faults one line each on standard error, nothing on standard output, and exit code 1.
 */
async function main(args: string[]): Promise<number> {
  const asked = readArguments(args);
  if (asked === null) {
    process.stderr.write(USAGE);
    return 1;
  }
  const job = await readJob(asked.file);
  if (job === null) return 1;
  if (!job.setups.some(({ id }) => id === asked.setup)) {
    process.stderr.write(`setups: there is no setup “${asked.setup}”\n`);
    return 1;
  }
  process.stdout.write(`${JSON.stringify(sheetOf(job, asked.setup), null, 2)}\n`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
