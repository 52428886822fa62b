import type { CustomerOptions } from '#core/customer';
import { bandsOf, EDGE_MM } from './customerBands';
import { drawPdf, type Drawing } from './drawing';
import { setOnPages } from './list';
import { drawLogo } from './logo';
import { PAPERS, type PaperName, type PdfFonts } from './paper';

/** What a customer decides by, on paper. */
export interface CustomerSheet extends CustomerOptions {
  paper: PaperName;
  /** The car. */
  title: string;
  /** Whose it is, its plate, the job and the day, a line. */
  subtitle: string;
  /** The shop's logo, a PNG as a data URI; null where it has none. */
  logo: string | null;
  /** The pictures of its options that are there, as data URIs by the ids of their photos. */
  pictures: Readonly<Record<string, string>>;
  /** Who offers; null where that is not said. */
  from: string | null;
}

const HEAD_MM = 30;
const FOOT_MM = 12;
/** One page, where that is not too small to read; else two. */
const READABLE_SIZES = [9.5, 9, 8.5, 8] as const;
const SIZES = [...READABLE_SIZES, 7.5, 7, 6.5] as const;
const MOST_PAGES = 2;

/**
 * Options side by side for who decides: what was asked, each option drawn to scale and told in plain words, what must
 * be said beside it, and where it is signed. One to two pages.
 * @returns the bytes of a PDF
 */
export function customerSheetPdf(sheet: CustomerSheet, fonts: PdfFonts, compress = true): Promise<Uint8Array> {
  return drawPdf({
    paper: sheet.paper,
    fonts,
    title: sheet.title,
    compress,
    sheets(measure) {
      const roomMm = PAPERS[sheet.paper].heightMm - HEAD_MM - FOOT_MM;
      const bands = (size: number) => bandsOf(sheet, size, measure);
      const onOne = setOnPages(READABLE_SIZES, bands, { roomMm, mostPages: 1 });
      const { pages } = onOne.pages.length === 1 ? onOne : setOnPages(SIZES, bands, { roomMm, mostPages: MOST_PAGES });
      return pages.map((bands, at) => (drawing: Drawing) => {
        drawHead(drawing, sheet, pages.length > 1 ? `${at + 1} / ${pages.length}` : '');
        let y = HEAD_MM;
        for (const band of bands) {
          band.draw(drawing, y);
          y += band.heightMm;
        }
      });
    },
  });
}

function drawHead(drawing: Drawing, { title, subtitle, from, logo }: CustomerSheet, number: string): void {
  drawLogo(drawing, logo, EDGE_MM);
  const widthMm = drawing.widthMm - 2 * EDGE_MM - 56;
  drawing.text(title, [EDGE_MM, EDGE_MM - 2], { font: 'bold', size: 15, widthMm });
  drawing.text(subtitle, [EDGE_MM, EDGE_MM + 5.5], { size: 9, widthMm });
  drawing.text(number, [drawing.widthMm - EDGE_MM, EDGE_MM], { size: 9, align: 'right' });
  if (from)
    drawing.text(from, [EDGE_MM, drawing.heightMm - FOOT_MM + 2], {
      size: 7.5,
      widthMm: drawing.widthMm - 2 * EDGE_MM,
    });
}
