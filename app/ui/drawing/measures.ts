/** The letter height that drawings are laid out for, px; a reader's larger letters enlarge the whole drawing. */
const USUAL_LETTER_PX = 16;

/** Pixels of the screen to one unit of a drawing. */
export const drawingScale = (): number =>
  parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL_LETTER_PX || 1;

/** A length of a drawing as CSS writes it, growing with the reader's letters. */
export const drawingLength = (units: number): string => `${Math.round((units / USUAL_LETTER_PX) * 1e4) / 1e4}rem`;

interface Size {
  width: number;
  height: number;
}

/** The frame of a drawing: one unit is a pixel at usual letters. */
export const drawingFrame = ({ width, height }: Size) => ({
  width: drawingLength(width),
  height: drawingLength(height),
  viewBox: `0 0 ${width} ${height}`,
});

/** Where a pointer is on a drawing, in its units, however it is enlarged and moved. */
export function placeOn(svg: SVGSVGElement, { clientX, clientY }: { clientX: number; clientY: number }): DOMPoint {
  const sight = svg.querySelector<SVGGElement>(':scope > [data-sight]') ?? svg;
  return new DOMPoint(clientX, clientY).matrixTransform(sight.getScreenCTM()!.inverse());
}
