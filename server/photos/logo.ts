/** A logo as it is kept, no larger than a paper needs. */
const LOGO_PX = { width: 1200, height: 500 };
/** What a file may come to unpacked. */
const MOST_PIXELS = 40_000_000;
/** A drawing is laid out so fine, dots an inch. */
const DRAWN_DPI = 300;

/** A logo that is kept, PNG; or what is wrong with its file. */
export type CleanLogo = { png: Uint8Array; fault?: undefined } | { png?: undefined; fault: string };

/**
 * Makes a logo fit to be kept: whatever is in the file, what comes of it is a picture. An SVG is drawn here and now,
 * without running or fetching anything that it names.
 */
export async function cleanLogo(bytes: Uint8Array): Promise<CleanLogo> {
  const { default: sharp } = await import('sharp');
  sharp.cache(false);
  const open = (density?: number) =>
    sharp(bytes, { failOn: 'warning', limitInputPixels: MOST_PIXELS, ...(density ? { density } : {}) });
  try {
    const { format } = await open().metadata();
    if (format !== 'png' && format !== 'svg') return { fault: 'is neither PNG nor SVG' };
    const png = await open(format === 'svg' ? DRAWN_DPI : undefined)
      .resize({ ...LOGO_PX, fit: 'inside', withoutEnlargement: true })
      .png()
      .toBuffer();
    return { png };
  } catch (error) {
    const large = /pixel limit/i.test((error as Error).message);
    return { fault: large ? `has more than ${MOST_PIXELS / 1e6} megapixels` : 'cannot be read as PNG or SVG' };
  }
}
