import { moneyText } from '#core/cost';
import type { OrderLine } from '#core/order';
import { capital } from '#core/text';
import { drawPdf, type Drawing, type Measure } from './drawing';
import { pagesOf, tickBox } from './list';
import { drawLogo } from './logo';
import { PAPERS, type PaperName, type PdfFonts } from './paper';

/** What is to be had for a setup, on paper. */
export interface OrderList {
  paper: PaperName;
  title: string;
  /** Job, car and setup, a line. */
  subtitle: string;
  /** The shop's logo, a PNG as a data URI; null where it has none. */
  logo: string | null;
  /** Who orders; null where that is not said. */
  from: string | null;
  lines: readonly OrderLine[];
  currency: string | null;
}

const EDGE_MM = 12;
const HEAD_MM = 32;
const FOOT_MM = 16;
const SIZE = 9;
const ROW_GAP_MM = 2.4;
const BOX_MM = 4;

/** Columns from the right edge: what stands in each, and how far from the edge it ends. */
const COLUMNS = [
  { name: 'to buy', fromRightMm: 0, of: (line: OrderLine) => String(line.toBuy) },
  { name: 'from the shelf', fromRightMm: 18, of: (line: OrderLine) => String(line.fromShelf) },
  { name: 'count', fromRightMm: 42, of: (line: OrderLine) => String(line.count) },
] as const;
const COLUMNS_MM = 56;

const figuresOf = ({ figures, label }: OrderLine): string => figures || label;
const textWidthMm = (paper: PaperName): number => PAPERS[paper].widthMm - 2 * EDGE_MM - COLUMNS_MM - BOX_MM - 3;

/** What stands under the figures of a line: its name, where it lies, what one costs. */
const underOf = ({ label, figures, shelf, reserved, used, each }: OrderLine, currency: string | null): string =>
  [
    figures ? capital(label) : null,
    shelf ? `on the shelf as ${shelf.name}` : null,
    reserved > 0 ? `${reserved} reserved` : null,
    used > 0 ? `${used} taken already` : null,
    each === null ? 'no price' : `${moneyText(each, currency)} each`,
  ]
    .filter(Boolean)
    .join(' · ');

/**
 * An order list: each part by the figures that identify it, how many, how many lie on the shelf and how many are to be
 * bought, with a box to tick.
 * @returns the bytes of a PDF
 */
export function orderListPdf(list: OrderList, fonts: PdfFonts, compress = true): Promise<Uint8Array> {
  return drawPdf({
    paper: list.paper,
    fonts,
    title: list.title,
    compress,
    sheets(measure) {
      const pages = pagesOf(rowsOf(list, measure), PAPERS[list.paper].heightMm - HEAD_MM - FOOT_MM);
      return pages.map(
        (rows, at) => (drawing: Drawing) => page(drawing, { list, rows, number: at + 1, count: pages.length }),
      );
    },
  });
}

interface Row {
  line: OrderLine;
  heightMm: number;
}

function rowsOf({ paper, lines, currency }: OrderList, measure: Measure): Row[] {
  const widthMm = textWidthMm(paper);
  return lines.map((line) => ({
    line,
    heightMm:
      measure(figuresOf(line), { font: 'bold', size: SIZE, widthMm }) +
      measure(underOf(line, currency), { size: SIZE - 1.5, widthMm }) +
      ROW_GAP_MM,
  }));
}

interface Page {
  list: OrderList;
  rows: readonly Row[];
  number: number;
  count: number;
}

function page(drawing: Drawing, { list, rows, number, count }: Page): void {
  const right = drawing.widthMm - EDGE_MM;
  const widthMm = textWidthMm(list.paper);
  drawLogo(drawing, list.logo, EDGE_MM);
  drawing.text(list.title, [EDGE_MM, EDGE_MM], { font: 'bold', size: 14 });
  drawing.text(list.subtitle, [EDGE_MM, EDGE_MM + 7], { size: 9, widthMm: drawing.widthMm - 2 * EDGE_MM - 56 });
  if (count > 1) drawing.text(`${number} / ${count}`, [right, EDGE_MM], { size: 9, align: 'right' });
  for (const { name, fromRightMm } of COLUMNS)
    drawing.text(name, [right - fromRightMm, HEAD_MM - 5], { font: 'figures', size: 7, align: 'right' });
  let y = HEAD_MM;
  for (const { line, heightMm } of rows) {
    drawing.line([EDGE_MM, y], [right, y], { widthMm: 0.1, gray: true });
    tickBox(drawing, [EDGE_MM, y + 1.2], BOX_MM);
    const left = EDGE_MM + BOX_MM + 3;
    drawing.text(figuresOf(line), [left, y + 1], { font: 'bold', size: SIZE, widthMm });
    const under = y + 1 + drawing.measure(figuresOf(line), { font: 'bold', size: SIZE, widthMm });
    drawing.text(underOf(line, list.currency), [left, under], { size: SIZE - 1.5, widthMm });
    for (const { fromRightMm, of } of COLUMNS)
      drawing.text(of(line), [right - fromRightMm, y + 1], { font: 'figures', size: SIZE, align: 'right' });
    y += heightMm;
  }
  drawing.line([EDGE_MM, y], [right, y], { widthMm: 0.1, gray: true });
  if (rows.length === 0) drawing.text('Nothing is to be had for this setup.', [EDGE_MM, y + 2], { size: SIZE });
  drawing.text(
    [list.from, 'Compare every part with its figures before it is fitted: bore, pattern, seat, thread and length.']
      .filter(Boolean)
      .join('\n'),
    [EDGE_MM, drawing.heightMm - FOOT_MM + 4],
    { size: 7.5, widthMm: drawing.widthMm - 2 * EDGE_MM },
  );
}
