import { createHash } from 'node:crypto';
import type { Photo } from '#core/note';
import { isBareJpeg, photoFault } from '#formats/photos';

/** The longest side of a photo as it is kept, and of the small picture that stands for it. */
export const KEPT_PX = 2560;
export const SMALL_PX = 320;
const QUALITY = { kept: 85, small: 76 };
/** What a picture may come to unpacked: a tenth of a gigapixel. */
const MOST_PIXELS = 100_000_000;

/** A photo as it is kept: the picture and a small one, both JPEG. */
export interface Developed {
  photo: Photo;
  kept: Uint8Array;
  small: Uint8Array;
}
/** A photo that is kept, or what is wrong with its file. */
export type Kept = { photo: Photo; fault?: undefined } | { photo?: undefined; fault: string };

export type Development = { developed: Developed; fault?: undefined } | { developed?: undefined; fault: string };

/**
 * Makes a photo fit to be kept: turned upright by its EXIF orientation, no larger than it must be, and nothing in it
 * but the picture: no place, no time, no name of a camera. One that is kept already stays as it is to the last byte. A
 * photo is called by what is in it, so that the same one twice is one.
 * @returns the photo, or what is wrong with its file
 */
export async function developPhoto(bytes: Uint8Array): Promise<Development> {
  const fault = photoFault(bytes);
  if (fault) return { fault };
  // Where photos are never asked for it is not loaded.
  const { default: sharp } = await import('sharp');
  sharp.cache(false);
  const open = (from: Uint8Array) => sharp(from, { failOn: 'warning', limitInputPixels: MOST_PIXELS });
  try {
    const kept = (await isKept(bytes, open(bytes).metadata()))
      ? bytes
      : await open(bytes)
          .autoOrient()
          .resize({ width: KEPT_PX, height: KEPT_PX, fit: 'inside', withoutEnlargement: true })
          .flatten({ background: 'white' })
          .jpeg({ quality: QUALITY.kept })
          .toBuffer();
    const small = await open(kept)
      .resize({ width: SMALL_PX, height: SMALL_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY.small })
      .toBuffer();
    const { width, height } = await open(kept).metadata();
    return { developed: { photo: { id: idOf(kept), widthPx: width, heightPx: height }, kept, small } };
  } catch (error) {
    const large = /pixel limit/i.test((error as Error).message);
    return {
      fault: large ? `has more than ${MOST_PIXELS / 1e6} megapixels` : 'is broken: it cannot be read to its end',
    };
  }
}

/** What photos are called: by what is in them. */
const idOf = (kept: Uint8Array): string => `p${createHash('sha256').update(kept).digest('hex').slice(0, 20)}`;

async function isKept(bytes: Uint8Array, metadata: Promise<{ format: string; width: number; height: number }>) {
  const { format, width, height } = await metadata;
  return format === 'jpeg' && Math.max(width, height) <= KEPT_PX && isBareJpeg(bytes);
}
