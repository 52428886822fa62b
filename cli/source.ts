import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { MAX_FILE_BYTES, readJobFile, tooLarge, type Fault, type ReadJob } from '#formats/job';

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

/** npm moves to the package's folder; a relative file name is meant from where the person stands. */
const whereMeant = (file: string): string =>
  file === '-' ? file : path.resolve(process.env.INIT_CWD ?? process.cwd(), file);

/** Reads a job file, or standard input for `-`. */
export async function readJob(file: string): Promise<ReadJob> {
  const read = await source(whereMeant(file));
  return 'fault' in read ? { faults: [read.fault] } : readJobFile(read.text);
}
