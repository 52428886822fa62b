import { buffer } from 'node:stream/consumers';
import { crc32 } from 'node:zlib';
import type { Entry, ZipFile } from 'yauzl';
import type { PackedFile } from '#formats/jobZip';

/** What stands in a zip that is not taken, in words. */
class ZipFault extends Error {}

/**
 * The files of a zip, one after the other. What it says of itself is not trusted: sizes are counted while a file is
 * unpacked, its checksum is looked at, and a name that leads out of the zip is refused.
 * @param mostBytes what all of it may come to
 * @throws ZipFault what is wrong with it
 */
export async function* filesOf(zip: ZipFile, mostBytes: number): AsyncGenerator<PackedFile, void> {
  const names = new Set<string>();
  let size = 0;
  for await (const entry of zip.eachEntry()) {
    const { fileName: name, uncompressedSize: bytes } = entry;
    // A folder has nothing in it.
    if (name.endsWith('/')) continue;
    size += bytes;
    if (size > mostBytes) throw new ZipFault(`comes to more than ${mostBytes / 1024 / 1024} MB when it is unpacked`);
    if (names.has(name)) throw new ZipFault(`holds ${name} twice`);
    names.add(name);
    yield { name, bytes, content: () => contentOf(zip, entry) };
  }
}

async function contentOf(zip: ZipFile, entry: Entry): Promise<Uint8Array> {
  const { fileName: name } = entry;
  if (entry.isEncrypted()) throw new ZipFault(`holds ${name} locked with a password`);
  try {
    const content = await buffer(await zip.openReadStreamPromise(entry));
    if (crc32(content) === entry.crc32) return content;
  } catch {
    // Told like a wrong checksum.
  }
  throw new ZipFault(`holds ${name} broken`);
}

/** What is wrong with a zip, in words of ours. */
export function zipWords(error: unknown): string {
  const { message } = error as Error;
  if (error instanceof ZipFault) return message;
  return /relative path|absolute path|invalid characters in fileName/.test(message)
    ? `holds a file that leads out of the zip: ${message.split(': ').at(-1)}`
    : 'is no zip, or a broken one';
}
