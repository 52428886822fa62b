import { patternName, type BoltPattern } from '#core/hub';
import { diameterFigure } from '#core/units';
import { drawPdf, type Drawing } from './drawing';
import { PAPERS, type PaperName, type PdfFonts } from './paper';
import { inchRuler, metricRuler } from './rulers';

/** What a gauge card shows. Lengths mm. */
export interface GaugeCard {
  paper: PaperName;
  patterns: readonly BoltPattern[];
  /** Diameter of the studs, as the holes are drawn. */
  studMm: number;
  boreMm: number | null;
}

/** Where the printed rules stand, mm from the edges of the paper; printers leave up to 6 mm free. */
const EDGE_MM = 8;
const RULER_FOOT_MM = 14;
const HEAD_MM = 30;

/** The part of a sheet that is left for a gauge. */
interface Field {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/**
 * A card to hold against a hub: one sheet a pattern with its holes at 1:1, and a taper that reads bores. Metric and
 * inch rules stand on two sides to prove the scale of the print both ways.
 * @returns the bytes of a PDF
 */
export function gaugeCardPdf(card: GaugeCard, fonts: PdfFonts, compress = true): Promise<Uint8Array> {
  const title = `Gauge card ${card.patterns.map(patternName).join(', ')}`;
  return drawPdf({
    paper: card.paper,
    fonts,
    title,
    sheets: [
      ...card.patterns.map((pattern) => (drawing: Drawing) => patternSheet(drawing, pattern, card)),
      (drawing) => boreSheet(drawing, card),
    ],
    compress,
  });
}

function frame({
  drawing,
  paper,
  title,
  how,
}: {
  drawing: Drawing;
  paper: PaperName;
  title: string;
  how: string;
}): Field {
  const foot = drawing.heightMm - RULER_FOOT_MM;
  const left = EDGE_MM + 12;
  drawing.text(title, [left, EDGE_MM], { font: 'bold', size: 17 });
  drawing.text(how, [left, EDGE_MM + 8.5], { size: 9, widthMm: drawing.widthMm - left - EDGE_MM });
  drawing.text(`${PAPERS[paper].name}, print at 100 %`, [drawing.widthMm - EDGE_MM, EDGE_MM + 1], {
    size: 8,
    align: 'right',
  });
  metricRuler({ drawing, x: left, y: foot, lengthMm: 150 });
  inchRuler({ drawing, x: EDGE_MM, y: foot, inches: 9 });
  return { left, right: drawing.widthMm - EDGE_MM, top: HEAD_MM, bottom: foot - 12 };
}

const HOLD =
  'Lay a rule on both printed scales: if one is off, print again at 100 %. Cut the holes out, or push a pin' +
  ' through their centers; hold the card flat on the hub. Every stud must stand in its hole.';

/** Free room kept around a hole. */
const AROUND_MM = 4;

function patternSheet(drawing: Drawing, pattern: BoltPattern, card: GaugeCard): void {
  const { lugCount, boltCircleMm } = pattern;
  const field = frame({ drawing, paper: card.paper, title: patternName(pattern), how: HOLD });
  const [radius, hole] = [boltCircleMm / 2, card.studMm / 2];
  const reach = radius + hole + AROUND_MM;
  const whole = 2 * reach <= field.right - field.left && 2 * reach <= field.bottom - field.top;
  // A circle too large for the paper shows the half that fits, its middle at the left.
  const x0 = whole ? (field.left + field.right) / 2 : field.left + 18;
  const y0 = (field.top + field.bottom) / 2;
  const turn = whole ? -Math.PI / 2 : Math.PI / lugCount;
  let shown = 0;
  for (let index = 0; index < lugCount; index++) {
    const angle = turn + (2 * Math.PI * index) / lugCount;
    const [x, y] = [x0 + radius * Math.cos(angle), y0 + radius * Math.sin(angle)];
    const inside = x - hole > field.left && x + hole < field.right && y - hole > field.top && y + hole < field.bottom;
    if (!inside) continue;
    shown += 1;
    drawing.circle([x, y], hole, { widthMm: 0.25 });
    cross({ drawing, x, y, arm: hole + 2.5 });
    drawing.line([x0, y0], [x, y], { widthMm: 0.08, dash: 2, gray: true });
  }
  cross({ drawing, x: x0, y: y0, arm: 6 });
  if (whole) drawing.circle([x0, y0], radius, { widthMm: 0.1, dash: 3, gray: true });
  if (card.boreMm !== null && (whole || card.boreMm / 2 < 18))
    drawing.circle([x0, y0], card.boreMm / 2, { widthMm: 0.25 });
  const bore = card.boreMm === null ? '' : `; bore ${card.boreMm} mm`;
  const part = whole ? '' : `; ${shown} of ${lugCount} holes fit the paper`;
  drawing.text(
    `circle ${diameterFigure(boltCircleMm)} mm; holes ${card.studMm} mm${bore}${part}`,
    [field.left, field.bottom],
    { font: 'figures', size: 8 },
  );
}

function cross({ drawing, x, y, arm }: { drawing: Drawing; x: number; y: number; arm: number }): void {
  drawing.line([x - arm, y], [x + arm, y], { widthMm: 0.1 });
  drawing.line([x, y - arm], [x, y + arm], { widthMm: 0.1 });
}

/** Diameters the taper reads, and how much of its length stands for one millimeter. */
const TAPER_SPAN_MM = 40;
const TAPER_BELOW_MM = 15;
const USUAL_BORE_MM = 65;

const TAPER =
  'Cut the taper out along its two long edges. Push it straight into the bore until both edges stop: read the' +
  ' bore where it touches, at the face.';

function boreSheet(drawing: Drawing, card: GaugeCard): void {
  const field = frame({ drawing, paper: card.paper, title: 'Bore gauge', how: TAPER });
  const least = Math.max(20, 5 * Math.floor(((card.boreMm ?? USUAL_BORE_MM) - TAPER_BELOW_MM) / 5));
  const x0 = (field.left + field.right) / 2;
  const perMm = Math.floor((field.bottom - field.top - 10) / TAPER_SPAN_MM);
  const foot = field.bottom - 4;
  const top = foot - TAPER_SPAN_MM * perMm;
  const half = (diameterMm: number): number => diameterMm / 2;
  const level = (diameterMm: number): number => top + (diameterMm - least) * perMm;
  drawing.path(
    [
      [x0 - half(least), top],
      [x0 + half(least), top],
      [x0 + half(least + TAPER_SPAN_MM), foot],
      [x0 - half(least + TAPER_SPAN_MM), foot],
    ],
    { widthMm: 0.25 },
  );
  for (let step = 0; step <= TAPER_SPAN_MM * 2; step++) {
    const diameter = least + step / 2;
    const tick = step % 10 === 0 ? 9 : step % 2 === 0 ? 6 : 3;
    for (const side of [-1, 1]) {
      const edge = x0 + side * half(diameter);
      drawing.line([edge, level(diameter)], [edge - side * tick, level(diameter)], { widthMm: 0.1 });
    }
    if (step % 2 === 0)
      drawing.text(String(diameter), [x0, level(diameter) - 1.3], {
        font: 'figures',
        size: step % 10 === 0 ? 8 : 6.5,
        align: 'center',
      });
  }
}
