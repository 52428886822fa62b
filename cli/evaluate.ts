import { readFile, stat } from 'node:fs/promises';
import { parseArgs } from 'node:util';
import Joi from 'joi';
import { fullReport, type Beyond } from '#core/advice';
import { faultLine, MAX_FILE_BYTES, readJobFile, tooLarge, type Fault } from '#formats/job';

/** Reads standard input up to one byte past the limit, so that an endless stream ends here. */
async function readStandardInput(): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of process.stdin as AsyncIterable<Buffer>) {
    chunks.push(chunk);
    size += chunk.length;
    if (size > MAX_FILE_BYTES) break;
  }
  return Buffer.concat(chunks);
}

async function source(file: string): Promise<{ text: string } | { fault: Fault }> {
  try {
    if (file !== '-' && (await stat(file)).size > MAX_FILE_BYTES) return { fault: tooLarge() };
    const bytes = file === '-' ? await readStandardInput() : await readFile(file);
    if (bytes.length > MAX_FILE_BYTES) return { fault: tooLarge() };
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    const reason =
      code === 'ENOENT'
        ? 'there is no such file'
        : code === 'EISDIR'
          ? 'is a folder'
          : code === 'ERR_ENCODING_INVALID_ENCODED_DATA'
            ? 'is not UTF-8 text'
            : 'cannot be read';
    return { fault: { path: file, message: reason } };
  }
}

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
  const { file, beyond } = asked;
  const read = await source(file);
  const result = 'fault' in read ? { faults: [read.fault] } : readJobFile(read.text);
  if (result.faults) {
    process.stderr.write(`${result.faults.map(faultLine).join('\n')}\n`);
    return 1;
  }
  process.stdout.write(`${JSON.stringify(fullReport(result.job!, beyond), null, 2)}\n`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
