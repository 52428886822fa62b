/** The largest file that a photo may come in. */
export const MAX_PHOTO_BYTES = 20 * 1024 * 1024;

const text = (bytes: Uint8Array, from: number, to: number): string =>
  String.fromCharCode(...bytes.subarray(from, Math.min(to, bytes.length)));

const startsWith = (bytes: Uint8Array, ...sign: number[]): boolean => sign.every((byte, at) => bytes[at] === byte);

/** Brands of a HEIF file that holds pictures coded as HEVC (ISO/IEC 23008-12; from memory). */
const HEIC_BRANDS = ['heic', 'heix', 'hevc', 'heim', 'heis', 'hevm', 'mif1', 'msf1'];

/**
 * Why a file cannot be a photo, by its size and its first bytes, whatever it is called: JPEG begins FF D8 FF (ITU-T
 * T.81), PNG with its eight (W3C PNG, 5.2). Null where it may be one.
 * @param bytes the whole file, or its beginning
 * @param size how long the whole file is
 */
export function photoFault(bytes: Uint8Array, size = bytes.length): string | null {
  if (size === 0) return 'is empty';
  if (size > MAX_PHOTO_BYTES) {
    const megabytes = Math.ceil(size / 1024 / 1024);
    return `has ${megabytes} MB; a photo may have ${MAX_PHOTO_BYTES / 1024 / 1024} MB`;
  }
  if (startsWith(bytes, 0xff, 0xd8, 0xff)) return null;
  if (startsWith(bytes, 0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return null;
  if (text(bytes, 4, 8) === 'ftyp' && HEIC_BRANDS.includes(text(bytes, 8, 12)))
    return 'is HEIC, which is not read: have the phone save photos as JPEG, or save this one as JPEG';
  if (/<svg|<!doctype svg/i.test(text(bytes, 0, 1024))) return 'is an SVG drawing, whatever it is called: JPEG or PNG';
  return 'is neither JPEG nor PNG';
}
