import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { MAX_CSV_BYTES, readShelfFile, type ReadShelf } from '#formats/shelf';
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

type Source<T> = { read: T; fault?: undefined } | { read?: undefined; fault: Fault };

/** The bytes of a file, or of standard input for `-`. */
async function bytesOf(file: string, most: number, tooMany: () => Fault): Promise<Source<Buffer>> {
  try {
    if (file !== '-' && (await stat(file)).size > most) return { fault: tooMany() };
    const bytes = file === '-' ? await readStandardInput() : await readFile(file);
    return bytes.length > most ? { fault: tooMany() } : { read: bytes };
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    const reason = code === 'ENOENT' ? 'there is no such file' : code === 'EISDIR' ? 'is a folder' : 'cannot be read';
    return { fault: { path: file, message: reason } };
  }
}

/** npm moves to the package's folder; a relative file name is meant from where the person stands. */
const whereMeant = (file: string): string =>
  file === '-' ? file : path.resolve(process.env.INIT_CWD ?? process.cwd(), file);

/** Reads a job file, or standard input for `-`. */
export async function readJob(file: string): Promise<ReadJob> {
  const { read, fault } = await bytesOf(whereMeant(file), MAX_FILE_BYTES, tooLarge);
  if (fault) return { faults: [fault] };
  try {
    return readJobFile(new TextDecoder('utf-8', { fatal: true }).decode(read));
  } catch {
    return { faults: [{ path: file, message: 'is not UTF-8 text' }] };
  }
}

/** Reads a shelf file; its faults name the file too. */
export async function readShelf(file: string): Promise<ReadShelf> {
  const tooMany = () => ({ path: '', message: `is larger than ${MAX_CSV_BYTES / 1024 / 1024} MB` });
  const { read, fault } = await bytesOf(whereMeant(file), MAX_CSV_BYTES, tooMany);
  if (fault) return { faults: [fault] };
  const shelf = readShelfFile(read);
  return shelf.faults ? { faults: shelf.faults.map((one) => ({ ...one, path: `${file}: ${one.path}` })) } : shelf;
}
