import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import packing from 'woff2sfnt-sfnt2woff';
import type { PdfFonts } from '#formats/pdf';

let read: PdfFonts | undefined;

/**
 * The fonts that papers carry with them, from the packages that ship them; unpacked once, as the PDF writer would do it
 * anew for each paper. Figures stand in the condensed text face: the PDF writer's font reader fails on the empty last
 * glyph of IBM Plex Mono.
 */
export function paperFonts(): PdfFonts {
  const find = createRequire(path.resolve('package.json'));
  const file = (name: string): Uint8Array => packing.toSfnt(readFileSync(find.resolve(`@fontsource/${name}`)));
  return (read ??= {
    text: file('ibm-plex-sans/files/ibm-plex-sans-latin-400-normal.woff'),
    bold: file('ibm-plex-sans/files/ibm-plex-sans-latin-600-normal.woff'),
    figures: file('ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-500-normal.woff'),
  });
}
