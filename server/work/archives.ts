import { isArchivePart, MAX_ARCHIVE_BYTES, MOST_UNPACKED_BYTES, readArchive, type ReadArchive } from '#formats/archive';
import { unpack } from '../zip/unpack';

/** Unpacks an archive and reads it: everything in it, or what is wrong with it. Never throws. */
export async function archiveOfZip(bytes: Uint8Array): Promise<ReadArchive> {
  const whole = (message: string): ReadArchive => ({ faults: [{ path: '', message }] });
  if (bytes.length > MAX_ARCHIVE_BYTES) return whole(`is larger than ${MAX_ARCHIVE_BYTES / 1024 / 1024} MB`);
  const { files, fault } = await unpack(bytes, MOST_UNPACKED_BYTES, isArchivePart);
  return files ? readArchive(files) : whole(fault);
}
