/** Points a millimeter: PDF user space has 72 points an inch (ISO 32000-1, 8.3.2.3). */
export const PT_PER_MM = 72 / 25.4;

/** Paper in mm. */
export const PAPERS = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const;

export type PaperName = keyof typeof PAPERS;

/** The fonts a document carries with it, as the bytes of their files. */
export interface PdfFonts {
  text: Uint8Array;
  bold: Uint8Array;
  figures: Uint8Array;
}
