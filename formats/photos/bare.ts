const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
/**
 * Segments that a picture needs to be shown: frame, tables, restart interval, and JFIF's own head. EXIF, XMP, color
 * profiles, comments and whatever else a camera writes are in others.
 */
const NEEDED = new Set([0xc0, 0xc1, 0xc2, 0xc4, 0xdb, 0xdd, 0xe0]);
const isRestart = (marker: number): boolean => marker >= 0xd0 && marker <= 0xd7;

/**
 * Whether a JPEG holds its picture and nothing else: no place, no time, no name, nothing behind its end. Source: ITU-T
 * T.81, annex B.
 */
export function isBareJpeg(bytes: Uint8Array): boolean {
  if (bytes[0] !== 0xff || bytes[1] !== SOI) return false;
  let at = 2;
  while (at + 1 < bytes.length) {
    if (bytes[at] !== 0xff) return false;
    const marker = bytes[at + 1]!;
    if (marker === EOI) return at + 2 === bytes.length;
    if (marker !== SOS && !NEEDED.has(marker)) return false;
    at += 2 + (bytes[at + 2]! << 8) + bytes[at + 3]!;
    if (marker === SOS) at = endOfScan(bytes, at);
  }
  return false;
}

/** Where the next marker stands behind the coded data of a scan, in which FF is followed by 0 or a restart. */
function endOfScan(bytes: Uint8Array, from: number): number {
  let at = from;
  while (at + 1 < bytes.length) {
    if (bytes[at] === 0xff && bytes[at + 1] !== 0 && !isRestart(bytes[at + 1]!)) return at;
    at += 1;
  }
  return bytes.length;
}
