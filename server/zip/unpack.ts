import { fromBufferPromise } from 'yauzl';
import { filesOf, zipWords } from './files';

/** The files of a zip by their names; or why it is not unpacked. */
export type Unpacked = { files: Map<string, Uint8Array>; fault?: undefined } | { files?: undefined; fault: string };

/**
 * Unpacks a zip in memory.
 * @param mostBytes what all of it may come to
 * @param isWanted what is not is left packed
 */
export async function unpack(
  bytes: Uint8Array,
  mostBytes: number,
  isWanted: (name: string) => boolean,
): Promise<Unpacked> {
  try {
    const zip = await fromBufferPromise(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
    const files = new Map<string, Uint8Array>();
    for await (const { name, content } of filesOf(zip, mostBytes)) if (isWanted(name)) files.set(name, await content());
    return { files };
  } catch (error) {
    return { fault: zipWords(error) };
  }
}
