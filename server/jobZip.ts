import { createReadStream } from 'node:fs';
import { Zip, ZipPassThrough } from 'fflate';
import type { Fault } from '#formats/job';
import { MAX_ZIP_BYTES, photoFileName } from '#formats/jobZip';
import { wholeAsked, type SentJob } from './jobFile';
import { createJob } from './jobs';
import { photoFile } from './photos/files';
import { inWorker, TooLong } from './work/pool';
import type { TaskAnswer } from './work/tasks';
import type { WholeAsked } from './work/wholeJobs';
import { withIncoming } from './zip/incoming';
import { addPacked } from './zip/pack';

/** How long a zip may take to be unpacked and checked. */
const READ_MS = 600_000;

/**
 * A job with its photos as one zip, written while it is sent: job.json and photos/. A photo whose file is missing is
 * left out; the job still names it. Null where there is no such job.
 */
export async function jobZip(
  id: string,
  which: Pick<WholeAsked, 'customer'>,
): Promise<(SentJob & { zip: ReadableStream }) | null> {
  const whole = await wholeAsked(id, which);
  if (!whole) return null;
  const { asked, ...sent } = whole;
  return { ...sent, zip: zipOf(await inWorker('packedJob', asked)) };
}

type Packed = TaskAnswer<'packedJob'>;

function zipOf(packed: Packed): ReadableStream<Uint8Array> {
  const chunks: Uint8Array[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    chunks.push(chunk);
  });
  const parts = partsOf(zip, packed);
  return new ReadableStream({
    // One file at a time, and the next as soon as somebody has taken it.
    async pull(stream) {
      while (chunks.length === 0) {
        const { done } = await parts.next();
        if (done) break;
      }
      if (chunks.length === 0) return stream.close();
      for (const chunk of chunks.splice(0)) stream.enqueue(chunk);
    },
    async cancel() {
      await parts.return();
    },
  });
}

/** Puts the files of a job into a zip, piece by piece. */
async function* partsOf(zip: Zip, { file, photos }: Packed): AsyncGenerator<void, void> {
  addPacked(zip, file);
  yield;
  for (const id of photos) {
    const found = await photoFile(id, 'kept');
    if (!found) continue;
    // A photo is packed already.
    const entry = new ZipPassThrough(photoFileName(id));
    zip.add(entry);
    for await (const chunk of createReadStream(found.file) as AsyncIterable<Uint8Array>) {
      entry.push(chunk);
      yield;
    }
    entry.push(new Uint8Array(), true);
  }
  zip.end();
}

/**
 * Takes a job with its photos in: all of it, or nothing and what is wrong with it.
 * @param bytes the zip as it comes in
 */
export const takeInJobZip = (bytes: AsyncIterable<Uint8Array>): Promise<{ id: string } | { faults: Fault[] }> =>
  withIncoming(bytes, MAX_ZIP_BYTES, async (file) => {
    if (file === null) return { faults: [TOO_LARGE] };
    try {
      const read = await inWorker('takeJobZip', file, READ_MS);
      return read.job ? { id: await createJob(read.job) } : { faults: read.faults };
    } catch (error) {
      if (!(error instanceof TooLong)) throw error;
      return { faults: [{ path: '', message: 'checking the zip takes too long' }] };
    }
  });

const TOO_LARGE: Fault = { path: '', message: `the zip is larger than ${MAX_ZIP_BYTES / 1024 / 1024} MB` };
