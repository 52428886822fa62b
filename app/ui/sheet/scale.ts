import type { SectionRange } from '#core/evaluate';

/** From mm to pixels, the same in both directions: drawings are true to scale. */
export interface SheetScale {
  /** Pixels a millimeter. */
  k: number;
  x(outMm: number): number;
  y(upMm: number): number;
  /** Lateral places at the sheet's own edges, mm. */
  leftMm: number;
  rightMm: number;
  width: number;
  height: number;
}

/** Room in pixels around the drawing for figures and ruler. */
export interface Margins {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** The largest scale at which a range fits a sheet, with the drawing in the middle of what the margins leave. */
export function fitScale(range: SectionRange, size: { width: number; height: number }, margins: Margins): SheetScale {
  const wide = range.right - range.left;
  const high = range.top - range.bottom;
  const k = Math.max(
    0.1,
    Math.min((size.width - margins.left - margins.right) / wide, (size.height - margins.top - margins.bottom) / high),
  );
  const x0 = margins.left + (size.width - margins.left - margins.right - k * wide) / 2 - k * range.left;
  const y0 = size.height - margins.bottom + k * range.bottom;
  return {
    k,
    x: (out) => x0 + k * out,
    y: (up) => y0 - k * up,
    leftMm: -x0 / k,
    rightMm: (size.width - x0) / k,
    ...size,
  };
}
