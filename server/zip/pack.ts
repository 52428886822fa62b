import { crc32, deflateRawSync } from 'node:zlib';
import { Zip, type ZipInputFile } from 'fflate';

/** A file as it stands in a zip. */
export interface Deflated {
  name: string;
  bytes: Uint8Array<ArrayBuffer>;
  /** Of what it holds: how much it is, and its checksum. */
  size: number;
  crc: number;
}

/** Packs a text, as a file of a zip. */
export function deflated({ name, text }: { name: string; text: string }): Deflated {
  const plain = Buffer.from(text);
  return { name, bytes: deflateRawSync(plain, { level: 6 }), size: plain.length, crc: crc32(plain) };
}

/** What a zip says of a file that is deflated (APPNOTE 4.4.5). */
const DEFLATED = 8;

/** Puts a file into a zip as it is packed. */
export function addPacked(zip: Zip, { name, bytes, size, crc }: Deflated): void {
  const entry: ZipInputFile = { filename: name, compression: DEFLATED, size, crc };
  zip.add(entry);
  entry.ondata!(null, bytes, true);
}

/** A zip of files that are packed already, piece by piece. */
export async function* zipOf(files: AsyncIterable<Deflated>): AsyncGenerator<Uint8Array, void> {
  const pieces: Uint8Array[] = [];
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    pieces.push(piece);
  });
  for await (const file of files) {
    addPacked(zip, file);
    yield* pieces.splice(0);
  }
  zip.end();
  yield* pieces.splice(0);
}
