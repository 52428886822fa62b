import PDFDocument from 'pdfkit';
import { PAPERS, PT_PER_MM, type PaperName, type PdfFonts } from './paper';

export type Font = keyof PdfFonts;
type Align = 'left' | 'center' | 'right';

/** A place on a sheet, mm from its upper left corner. */
export type Place = readonly [x: number, y: number];

/** A rectangle on a sheet, mm. */
export interface Box {
  x: number;
  y: number;
  widthMm: number;
  heightMm: number;
}

/**
 * A sheet drawn in millimeters from its upper left corner; lines and embedded fonts only, so that it prints to scale.
 */
export interface Drawing {
  readonly widthMm: number;
  readonly heightMm: number;
  line(from: Place, to: Place, style?: Style): void;
  circle(center: Place, radiusMm: number, style?: Style): void;
  path(points: readonly Place[], style?: Style): void;
  /** A line through points that does not come back to its beginning. */
  open(points: readonly Place[], style?: Style): void;
  /** A PNG or JPEG, as a data URI, as large as it goes into a rectangle; at the right of it unless it is said. */
  picture(uri: string, box: Box, align?: 'right' | 'center'): void;
  /** What is drawn inside is seen within a rectangle only. */
  clipped(box: Box, draw: () => void): void;
  text(text: string, at: Place, options?: { font?: Font; size?: number; align?: Align; widthMm?: number }): void;
  measure: Measure;
}

/** How high a text stands that is set within a width, mm. */
export type Measure = (text: string, options: { font?: Font; size: number; widthMm: number }) => number;

type Sheets = readonly ((drawing: Drawing) => void)[];

export interface Style {
  widthMm?: number;
  dash?: number;
  gray?: boolean;
  /** What a closed path is filled with. */
  fill?: keyof typeof FILLS;
}

/**
 * Makes a PDF of sheets at 1:1.
 * @param sheets one function a page; or what makes them, where it must be known how high a text stands
 * @returns the bytes of the file
 */
export function drawPdf({
  paper,
  fonts,
  title,
  sheets,
  compress = true,
}: {
  paper: PaperName;
  fonts: PdfFonts;
  title: string;
  sheets: Sheets | ((measure: Measure) => Sheets);
  compress?: boolean | undefined;
}): Promise<Uint8Array> {
  const { widthMm, heightMm } = PAPERS[paper];
  const size: [number, number] = [widthMm * PT_PER_MM, heightMm * PT_PER_MM];
  const document = new PDFDocument({
    size,
    margin: 0,
    autoFirstPage: false,
    compress,
    info: { Title: title, Creator: 'Scoval' },
  });
  for (const [name, bytes] of Object.entries(fonts)) document.registerFont(name, bytes as Buffer);
  const chunks: Uint8Array[] = [];
  document.on('data', (chunk: Uint8Array) => chunks.push(chunk));
  const done = new Promise<Uint8Array>((resolve, reject) => {
    document.on('error', reject);
    document.on('end', () => resolve(joined(chunks)));
  });
  for (const sheet of typeof sheets === 'function' ? sheets(measureIn(document)) : sheets) {
    document.addPage({ size, margin: 0 });
    sheet(drawingOn(document, widthMm, heightMm));
  }
  document.end();
  return done;
}

function joined(chunks: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(chunks.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.length;
  }
  return all;
}

const INK = '#000000';
const GREY = '#777777';
/** Grays that keep apart on a printer. */
const FILLS = { pale: '#eeeeee', mid: '#cccccc', dark: '#999999' } as const;
const HAIRLINE_MM = 0.15;

const measureIn =
  (document: PDFKit.PDFDocument): Measure =>
  (text, { font = 'text', size, widthMm }) =>
    document
      .font(font)
      .fontSize(size)
      .heightOfString(text, { width: widthMm * PT_PER_MM }) / PT_PER_MM;

function drawingOn(document: PDFKit.PDFDocument, widthMm: number, heightMm: number): Drawing {
  const pt = (mm: number): number => mm * PT_PER_MM;
  const stroke = ({ widthMm: width = HAIRLINE_MM, dash, gray, fill }: Style = {}) => {
    document.lineWidth(pt(width));
    if (dash) document.dash(pt(dash), { space: pt(dash * 0.6) });
    if (fill) document.fillAndStroke(FILLS[fill], gray ? GREY : INK);
    else document.stroke(gray ? GREY : INK);
    if (dash) document.undash();
  };
  const walk = ([first, ...rest]: readonly Place[]) => {
    document.moveTo(pt(first![0]), pt(first![1]));
    for (const [x, y] of rest) document.lineTo(pt(x), pt(y));
  };
  return {
    widthMm,
    heightMm,
    measure: measureIn(document),
    line([x1, y1], [x2, y2], style) {
      document.moveTo(pt(x1), pt(y1)).lineTo(pt(x2), pt(y2));
      stroke(style);
    },
    circle([x, y], radius, style) {
      document.circle(pt(x), pt(y), pt(radius));
      stroke(style);
    },
    path(points, style) {
      walk(points);
      document.closePath();
      stroke(style);
    },
    open(points, style) {
      walk(points);
      stroke(style);
    },
    picture(uri, { x, y, widthMm: width, heightMm: height }, align = 'right') {
      document.image(uri, pt(x), pt(y), { fit: [pt(width), pt(height)], align });
    },
    clipped({ x, y, widthMm: width, heightMm: height }, draw) {
      document.save();
      document.rect(pt(x), pt(y), pt(width), pt(height)).clip();
      draw();
      document.restore();
    },
    text(text, [x, y], { font = 'text', size = 9, align = 'left', widthMm: width } = {}) {
      document.font(font).fontSize(size).fillColor(INK);
      const box = width ?? document.widthOfString(text) / PT_PER_MM;
      const left = align === 'left' ? x : align === 'center' ? x - box / 2 : x - box;
      document.text(text, pt(left), pt(y), width === undefined ? { lineBreak: false } : { width: pt(width), align });
    },
  };
}
