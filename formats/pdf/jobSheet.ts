import { predictionText, type Corner } from '#core/fitting';
import type { Expected, PaperStep } from '#core/sheet';
import { wordsIn, type UnitChoice, type Words } from '#core/units';
import { drawPdf, type Drawing, type Measure } from './drawing';
import { setOnPages, tickBox } from './list';
import { drawLogo } from './logo';
import { PAPERS, type PaperName, type PdfFonts } from './paper';

/** What is done at the car, printed for who ticks on paper. */
export interface JobSheet {
  paper: PaperName;
  title: string;
  /** Job, car, setups and day, a line. */
  subtitle: string;
  /** The shop's logo, a PNG as a data URI; null where it has none. */
  logo: string | null;
  steps: readonly PaperStep[];
  unit: UnitChoice;
}

const EDGE_MM = 10;
const HEAD_MM = 24;
const FOOT_MM = 14;
const BOX_MM = 4.2;
const BOXES_MM = 4 * (BOX_MM + 1.6);
const FIGURE_MM = 52;
const GAP_MM = 3;
/** Two pages at most: letters are set smaller until the steps go on them. */
const SIZES = [9, 8.5, 8, 7.5, 7, 6.5, 6] as const;
const MOST_PAGES = 2;

const BOXES: readonly (readonly [Corner, string])[] = [
  ['frontLeft', 'FL'],
  ['frontRight', 'FR'],
  ['rearLeft', 'RL'],
  ['rearRight', 'RR'],
];
const SHORT = new Map<Corner, string>(BOXES);

/** A step on the sheet, and how high it stands. */
interface StepRow {
  step: PaperStep;
  number: number;
  heightMm: number;
}

/**
 * A sheet with boxes to tick, on one to two pages: each step with why it is there, what is predicted, and a line for
 * what was read.
 * @returns the bytes of a PDF
 */
export function jobSheetPdf(sheet: JobSheet, fonts: PdfFonts, compress = true): Promise<Uint8Array> {
  return drawPdf({
    paper: sheet.paper,
    fonts,
    title: sheet.title,
    compress,
    sheets: (measure) => {
      const { heightMm } = PAPERS[sheet.paper];
      const { size, pages } = setOnPages(SIZES, (one) => rowsOf(sheet, one, measure), {
        roomMm: heightMm - HEAD_MM - FOOT_MM,
        mostPages: MOST_PAGES,
      });
      return pages.map(
        (rows, at) => (drawing: Drawing) => page(drawing, { sheet, rows, size, number: at + 1, count: pages.length }),
      );
    },
  });
}

const textWidthMm = (paper: PaperName, hasFigure: boolean): number =>
  PAPERS[paper].widthMm - 2 * EDGE_MM - BOXES_MM - 8 - (hasFigure ? FIGURE_MM + GAP_MM : 0);

const hasFigure = ({ expects, torqueNm }: PaperStep): boolean => expects.length > 0 || torqueNm !== null;

function rowsOf({ paper, steps, unit }: JobSheet, size: number, measure: Measure): StepRow[] {
  const words = wordsIn(unit);
  return steps.map((step, at) => {
    const widthMm = textWidthMm(paper, hasFigure(step));
    const text = measure(step.text, { font: 'bold', size, widthMm });
    const because = step.because ? measure(step.because, { size: size - 1, widthMm }) : 0;
    const figure = figureLines(step, words).reduce(
      (sum, line) => sum + measure(line, { size: size - 1, widthMm: FIGURE_MM }) + LINE_GAP_MM,
      0,
    );
    return { step, number: at + 1, heightMm: Math.max(text + because, figure, BOX_MM) + 2 };
  });
}

const LINE_GAP_MM = 1.2;

/** What is to be written in beside a step, a line each. */
function figureLines({ expects, torqueNm }: PaperStep, words: Words): string[] {
  const torque = torqueNm ? [torqueNm.map((nm) => `__ ${words.measure('torque', nm)}`).join('  ')] : [];
  return [
    ...torque,
    ...expects.map(
      ({ corner, expected }) =>
        `${corner ? `${SHORT.get(corner) ?? ''} ` : ''}______ ${predictedText(expected, words)}`,
    ),
  ];
}

function predictedText({ figure, predictedMm, plusMinusMm }: Expected, words: Words): string {
  const text = predictionText({ figure, valueMm: predictedMm, plusMinusMm }, words);
  return text === null ? '' : `(${text})`;
}

interface Page {
  sheet: JobSheet;
  rows: readonly StepRow[];
  size: number;
  number: number;
  count: number;
}

function page(drawing: Drawing, { sheet, rows, size, number, count }: Page): void {
  const { widthMm, heightMm } = drawing;
  const words = wordsIn(sheet.unit);
  const right = widthMm - EDGE_MM;
  drawLogo(drawing, sheet.logo, EDGE_MM);
  drawing.text(sheet.title, [EDGE_MM, EDGE_MM], { font: 'bold', size: 14 });
  drawing.text(sheet.subtitle, [EDGE_MM, EDGE_MM + 6.5], { size: 9, widthMm: widthMm - 2 * EDGE_MM - 56 });
  drawing.text(`${number} / ${count}`, [right, EDGE_MM], { size: 9, align: 'right' });
  for (const [at, [, name]] of BOXES.entries())
    drawing.text(name, [boxAt(at) + BOX_MM / 2, HEAD_MM - 4], { font: 'figures', size: 7, align: 'center' });
  if (rows.some(({ step }) => step.expects.length > 0))
    drawing.text('read (predicted)', [right - FIGURE_MM, HEAD_MM - 4], { font: 'figures', size: 7 });
  let y = HEAD_MM;
  for (const row of rows) {
    drawing.line([EDGE_MM, y], [right, y], { widthMm: 0.1, gray: true });
    stepRow(drawing, { ...row, sheet, size, words, y: y + 1 });
    y += row.heightMm;
  }
  drawing.line([EDGE_MM, y], [right, y], { widthMm: 0.1, gray: true });
  drawing.text(
    'Wheels chocked, car on stands, never the jack alone. The maker’s instructions and the local code come first.\n' +
      'Done by ____________________   Date ________________   Odometer ________________',
    [EDGE_MM, heightMm - FOOT_MM + 3],
    { size: 7.5, widthMm: widthMm - 2 * EDGE_MM },
  );
}

const boxAt = (at: number): number => EDGE_MM + at * (BOX_MM + 1.6);

interface Row {
  step: PaperStep;
  number: number;
  sheet: JobSheet;
  size: number;
  words: Words;
  y: number;
}

function stepRow(drawing: Drawing, { step, number, sheet, size, words, y }: Row): void {
  if (step.corners.length === 0) tickBox(drawing, [boxAt(0), y], BOX_MM);
  for (const [at, [corner]] of BOXES.entries())
    if (step.corners.includes(corner)) tickBox(drawing, [boxAt(at), y], BOX_MM);
  const left = EDGE_MM + BOXES_MM;
  const widthMm = textWidthMm(sheet.paper, hasFigure(step));
  drawing.text(String(number), [left + 6, y], { font: 'figures', size, align: 'right' });
  drawing.text(step.text, [left + 8, y], { font: 'bold', size, widthMm });
  const under = y + drawing.measure(step.text, { font: 'bold', size, widthMm });
  if (step.because) drawing.text(step.because, [left + 8, under], { size: size - 1, widthMm });
  let line = y;
  for (const text of figureLines(step, words)) {
    const at = drawing.widthMm - EDGE_MM - FIGURE_MM;
    drawing.text(text, [at, line], { size: size - 1, widthMm: FIGURE_MM });
    line += drawing.measure(text, { size: size - 1, widthMm: FIGURE_MM }) + LINE_GAP_MM;
  }
}
