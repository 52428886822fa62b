import { readFile, stat } from 'node:fs/promises';
import { evaluate } from '#core/evaluate';
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
      code === 'ENOENT' ? 'there is no such file' : code === 'EISDIR' ? 'is a folder' : code === 'ERR_ENCODING_INVALID_ENCODED_DATA' ? 'is not UTF-8 text' : 'cannot be read'; // prettier-ignore
    return { fault: { path: file, message: reason } };
  }
}

/** Prints the report of a job file; on faults one line each on standard error, nothing on standard output, and exit code 1. */
async function main(args: string[]): Promise<number> {
  const [file, ...others] = args;
  if (file === undefined || others.length > 0) {
    process.stderr.write('usage: npm run --silent evaluate -- FILE   (- reads standard input)\n');
    return 1;
  }
  const read = await source(file);
  const result = 'fault' in read ? { faults: [read.fault] } : readJobFile(read.text);
  if (result.faults) {
    process.stderr.write(`${result.faults.map(faultLine).join('\n')}\n`);
    return 1;
  }
  process.stdout.write(`${JSON.stringify(evaluate(result.job!), null, 2)}\n`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
