import type { AxialPoint } from '#core/brake';
import { CHECK_MM, type PrintScale } from '#core/print';
import type { Card } from './card';
import { drawPdf, type Drawing, type Place, type Style } from './drawing';
import { PAPERS, type PaperName, type PdfFonts } from './paper';
import { metricRuler, metricRulerUp } from './rulers';

/** A card at 1:1 on as many sheets as it needs. */
export interface Template {
  paper: PaperName;
  title: string;
  /** What the card says of itself. */
  note: string;
  card: Card;
  boreMm: number | null;
  /** How each sheet is stretched so that a printer that is off comes out true; 1 for none. */
  scale: PrintScale;
  /** Five short lines of what to do with it. */
  steps: readonly string[];
}

/** What to do with the card of a brake, and with the negative of a wheel. */
export const BRAKE_STEPS = [
  'Lay a rule on both printed scales. Off by more than half a millimeter: type what it reads, print again.',
  'Glue it on stiff card. Cut outside the heavy line.',
  'Wheel face down. Hold the face line flat on the pad, the spigot in the bore.',
  'Turn it through a full revolution. It must pass every spoke, the barrel and the weights.',
  'Where it touches, there is less room than the margin. The test fit on the car decides.',
] as const;
export const FACE_STEPS = [
  'Lay a rule on both printed scales. Off by more than half a millimeter: type what it reads, print again.',
  'Glue it on stiff card. Cut outside the heavy line.',
  'Wheel off, car on stands. Hold the face line flat on the hub, the notch over its lip.',
  'Turn it past the whole brake. Its edge is the wheel: nothing may touch it.',
  'Where it touches, there is less room than the margin. The test fit on the car decides.',
] as const;

const EDGE_MM = 8;
const LEFT_MM = 22;
const HEAD_MM = 41;
const FOOT_MM = 14;
/** Free room between the card and the rules, and how much neighbouring sheets share. */
const AROUND_MM = 4;
const SHARED_MM = 12;

interface Sheets {
  columns: number;
  rows: number;
  /** The part of a sheet on which the card is drawn. */
  width: number;
  height: number;
  left: number;
  top: number;
}

/** How a card of a size lies on paper, in how many sheets side by side and above each other. */
function sheetsFor(paper: PaperName, widthMm: number, heightMm: number): Sheets {
  const { widthMm: paperWidth, heightMm: paperHeight } = PAPERS[paper];
  const [left, top] = [LEFT_MM, HEAD_MM];
  const width = paperWidth - EDGE_MM - left;
  const height = paperHeight - FOOT_MM - 12 - top;
  const count = (size: number, room: number) => (size <= room ? 1 : Math.ceil((size - SHARED_MM) / (room - SHARED_MM)));
  return { columns: count(widthMm, width), rows: count(heightMm, height), width, height, left, top };
}

/**
 * A template as a PDF at 1:1: the card's cutting line, the real line inside it, the face line, the hub's axis and bore;
 * on every sheet two check dimensions as printed rules, 150 mm across and 200 mm along. A card larger than the paper is
 * spread over several sheets with marks.
 * @returns the bytes of a PDF
 */
export function templatePdf(template: Template, fonts: PdfFonts, compress = true): Promise<Uint8Array> {
  const { card, paper, scale } = template;
  const points = card.cut.flat();
  const [left, right] = [
    Math.min(...points.map(({ a }) => a)) - AROUND_MM,
    Math.max(...points.map(({ a }) => a)) + AROUND_MM,
  ];
  const [low, high] = [-AROUND_MM, Math.max(...points.map(({ r }) => r)) + AROUND_MM];
  const [width, height] = [(right - left) * scale.across, (high - low) * scale.along];
  const sheets = sheetsFor(paper, width, height);
  const pages = Array.from({ length: sheets.rows * sheets.columns }, (_, index) => {
    const [row, column] = [Math.floor(index / sheets.columns), index % sheets.columns];
    return (drawing: Drawing) => {
      frame({ drawing, template, sheets, row, column });
      // A card that fits stands in the middle; a larger one begins at the upper left corner of the first sheet.
      const x0 =
        sheets.left + (sheets.columns === 1 ? (sheets.width - width) / 2 : -column * (sheets.width - SHARED_MM));
      const y0 = sheets.top + (sheets.rows === 1 ? (sheets.height - height) / 2 : -row * (sheets.height - SHARED_MM));
      const at = ({ a, r }: AxialPoint): [number, number] => [
        x0 + (a - left) * scale.across,
        y0 + (high - r) * scale.along,
      ];
      drawing.clipped({ x: sheets.left, y: sheets.top, widthMm: sheets.width, heightMm: sheets.height }, () =>
        drawCard(drawing, { template, at, ends: [left, right] }),
      );
      if (pages.length > 1) marks({ drawing, sheets, row, column });
    };
  });
  return drawPdf({ paper, fonts, title: template.title, sheets: pages, compress });
}

interface CardOnSheet {
  template: Template;
  at(point: AxialPoint): Place;
  /** Where the card begins and ends along the axis. */
  ends: readonly [left: number, right: number];
}

function drawCard(drawing: Drawing, { template: { card, boreMm }, at, ends: [left, right] }: CardOnSheet): void {
  const line = (from: AxialPoint, to: AxialPoint, style: Style) => drawing.line(at(from), at(to), style);
  for (const cut of card.cut) drawing.path(cut.map(at), { widthMm: 0.35 });
  for (const { points, closed } of card.real)
    (closed ? drawing.path : drawing.open)(points.map(at), { widthMm: 0.12, gray: true });
  line({ a: 0, r: 0 }, { a: 0, r: card.faceToMm }, { widthMm: 0.2, dash: 3 });
  line({ a: left, r: 0 }, { a: right, r: 0 }, { widthMm: 0.12, dash: 5 });
  const [x, y] = at({ a: 0, r: card.faceToMm });
  drawing.text('face', [x - 1.5, y + 1], { size: 7, align: 'right' });
  const [rightX, axisY] = at({ a: right, r: 0 });
  drawing.text('hub axis', [rightX - 1, axisY + 1], { size: 7, align: 'right' });
  if (boreMm !== null) {
    line({ a: -12, r: boreMm / 2 }, { a: 16, r: boreMm / 2 }, { widthMm: 0.12, dash: 1.5 });
    const [bx, by] = at({ a: -3, r: boreMm / 2 });
    drawing.text(`bore ${boreMm}`, [bx, by + 1], { font: 'figures', size: 6.5, align: 'right' });
  }
}

function frame({
  drawing,
  template,
  sheets,
  row,
  column,
}: {
  drawing: Drawing;
  template: Template;
  sheets: Sheets;
  row: number;
  column: number;
}): void {
  const { paper, title, note, steps, scale } = template;
  const count = sheets.rows * sheets.columns;
  const place = count === 1 ? '' : `, sheet ${row * sheets.columns + column + 1} of ${count}`;
  drawing.text(title, [LEFT_MM, EDGE_MM], { font: 'bold', size: 14, widthMm: drawing.widthMm - LEFT_MM - 48 });
  const corrected = scale.across !== 1 || scale.along !== 1;
  drawing.text(`${PAPERS[paper].name}, print at 100 %${place}`, [drawing.widthMm - EDGE_MM, EDGE_MM + 1], {
    size: 8,
    align: 'right',
  });
  if (corrected)
    drawing.text(
      `corrected: × ${scale.across.toFixed(4)} across, × ${scale.along.toFixed(4)} along`,
      [drawing.widthMm - EDGE_MM, EDGE_MM + 5],
      { size: 7, align: 'right', font: 'figures' },
    );
  steps.forEach((step, index) =>
    drawing.text(`${index + 1}  ${step}`, [LEFT_MM, EDGE_MM + 9 + index * 4], { size: 7.5 }),
  );
  drawing.text(note, [LEFT_MM, EDGE_MM + 9 + steps.length * 4], { size: 7.5, font: 'figures' });
  const foot = drawing.heightMm - FOOT_MM;
  metricRuler({ drawing, x: LEFT_MM, y: foot, lengthMm: CHECK_MM.across, scale: scale.across });
  metricRulerUp({ drawing, x: EDGE_MM, y: foot, lengthMm: CHECK_MM.along, scale: scale.along });
}

/** Crosses in the middle of what two sheets share, and the names of the neighbours. */
function marks({
  drawing,
  sheets: { columns, rows, left, top, width, height },
  row,
  column,
}: {
  drawing: Drawing;
  sheets: Sheets;
  row: number;
  column: number;
}): void {
  const half = SHARED_MM / 2;
  const cross = (x: number, y: number) => {
    drawing.line([x - 4, y], [x + 4, y], { widthMm: 0.15 });
    drawing.line([x, y - 4], [x, y + 4], { widthMm: 0.15 });
  };
  const [xs, ys] = [
    [left + half, left + width - half],
    [top + half, top + height - half],
  ];
  for (const x of xs) for (const y of ys) cross(x, y);
  const name = (r: number, c: number) => `to sheet ${r * columns + c + 1}`;
  const label = (text: string, x: number, y: number) => drawing.text(text, [x, y], { size: 7, align: 'center' });
  if (column > 0) label(name(row, column - 1), left + half + 9, top + height / 2);
  if (column < columns - 1) label(name(row, column + 1), left + width - half - 9, top + height / 2);
  if (row > 0) label(name(row - 1, column), left + width / 2, top + half - 1);
  if (row < rows - 1) label(name(row + 1, column), left + width / 2, top + height - half - 1);
}
