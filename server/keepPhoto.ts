import { inWorker, TooLong } from './work/pool';
import type { Kept } from './photos/develop';

/** Takes a photo in, beside the requests: made fit to be kept, and written beside the database. */
export async function keepPhoto(bytes: Uint8Array, name: string): Promise<Kept> {
  try {
    const { photo, fault } = await inWorker('keepPhoto', bytes);
    return photo ? { photo: { ...photo, ...(name === '' ? {} : { name: name.slice(0, 200) }) } } : { fault };
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    return { fault: 'takes too long to read' };
  }
}
