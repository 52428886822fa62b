import { parseArgs, type ParseArgsConfig } from 'node:util';
import Joi from 'joi';
import type { Job } from '#core/job';
import { faultLine, type Fault } from '#formats/job';
import { readJob } from './source';

/** What a command is given beside its files, by what may stand there. */
interface Asked<V> {
  usage: string;
  options?: ParseArgsConfig['options'];
  values?: Joi.ObjectSchema<V>;
  /** It takes several files. */
  several?: true;
}

/** What a command prints, or what it cannot do. */
type Answer = { json: unknown } | { fault: Fault } | { faults: Fault[] };

/**
 * Runs a command over job files: its answer as JSON on standard output; on faults one line each on standard error,
 * nothing on standard output, and exit code 1.
 */
export async function runOnJobs<V>(
  asked: Asked<V>,
  answer: (jobs: [Job, ...Job[]], values: V) => Answer | Promise<Answer>,
) {
  const given = read(asked, process.argv.slice(2));
  if (!given) return refuse(`usage: npm run --silent ${asked.usage}   (- reads standard input)`);
  const jobs: Job[] = [];
  const faults: Fault[] = [];
  for (const file of given.files) {
    const result = await readJob(file);
    if (result.faults) faults.push(...result.faults);
    else jobs.push(result.job);
  }
  const made = faults.length > 0 ? null : await answer(jobs as [Job, ...Job[]], given.values);
  if (made === null) return refuse(...faults.map(faultLine));
  if ('fault' in made) return refuse(faultLine(made.fault));
  if ('faults' in made) return refuse(...made.faults.map(faultLine));
  process.stdout.write(`${JSON.stringify(made.json, null, 2)}\n`);
}

function refuse(...lines: string[]): void {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exitCode = 1;
}

/** The files and values that were given; null where that cannot be made out. */
function read<V>({ options = {}, values: schema, several }: Asked<V>, args: string[]) {
  try {
    const { values, positionals } = parseArgs({ args, allowPositionals: true, options });
    const { value, error } = (schema ?? Joi.object<V>({})).validate({ ...values });
    const isRight = several ? positionals.length > 0 : positionals.length === 1;
    return error || !isRight ? null : { files: positionals, values: value };
  } catch {
    return null;
  }
}
