import type { Drawing } from './drawing';

/** How long the tick of a millimeter is. */
const tickMm = (mm: number): number => (mm % 10 === 0 ? 4 : mm % 5 === 0 ? 3 : 1.8);

/**
 * A metric rule on a sheet: where its 0 stands, how long it is, and how much longer it is drawn for a printer that
 * shrinks it.
 */
interface MetricRuler {
  drawing: Drawing;
  x: number;
  y: number;
  lengthMm: number;
  scale?: number | undefined;
}

/**
 * A printed metric rule from left to right, 0 at x, so that the print's scale can be proved. Lengths mm.
 */
export function metricRuler({ drawing, x, y, lengthMm, scale = 1 }: MetricRuler): void {
  drawing.line([x, y], [x + lengthMm * scale, y], { widthMm: 0.25 });
  for (let mm = 0; mm <= lengthMm; mm++) {
    const at = x + mm * scale;
    drawing.line([at, y], [at, y - tickMm(mm)], { widthMm: 0.1 });
    if (mm % 10 === 0) drawing.text(String(mm), [at, y - 8], { font: 'figures', size: 6.5, align: 'center' });
  }
  drawing.text(`${lengthMm} mm`, [x + lengthMm * scale + 3, y - 4], { font: 'figures', size: 7 });
}

/** The same from the foot upward, 0 at y. */
export function metricRulerUp({ drawing, x, y, lengthMm, scale = 1 }: MetricRuler): void {
  drawing.line([x, y], [x, y - lengthMm * scale], { widthMm: 0.25 });
  for (let mm = 0; mm <= lengthMm; mm++) {
    const at = y - mm * scale;
    drawing.line([x, at], [x + tickMm(mm), at], { widthMm: 0.1 });
    if (mm % 10 === 0) drawing.text(String(mm), [x + 4.8, at - 1.2], { font: 'figures', size: 6.5 });
  }
  drawing.text(`${lengthMm} mm`, [x, y - lengthMm * scale - 4], { font: 'figures', size: 7 });
}

/** A printed inch rule from the foot upward, 0 at y, in sixteenths. */
export function inchRuler({ drawing, x, y, inches }: { drawing: Drawing; x: number; y: number; inches: number }): void {
  drawing.line([x, y], [x, y - inches * 25.4], { widthMm: 0.25 });
  for (let part = 0; part <= inches * 16; part++) {
    const at = y - (part * 25.4) / 16;
    const tick = part % 16 === 0 ? 5 : part % 8 === 0 ? 3.6 : part % 4 === 0 ? 2.6 : part % 2 === 0 ? 1.9 : 1.2;
    drawing.line([x, at], [x + tick, at], { widthMm: 0.1 });
    if (part % 16 === 0) drawing.text(`${part / 16}`, [x + 5.6, at - 1.2], { font: 'figures', size: 6.5 });
  }
  drawing.text(`${inches} in`, [x, y - inches * 25.4 - 4], { font: 'figures', size: 7 });
}
