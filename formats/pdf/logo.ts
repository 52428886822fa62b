import type { Drawing } from './drawing';

/** How large a logo may stand at the head of a paper, mm. */
const LOGO = { widthMm: 42, heightMm: 12 };
/** How far the page number stands from the edge, which the logo leaves free, mm. */
const NUMBER_MM = 12;

/** The shop's logo at the upper right of a page; nothing where it has none. */
export function drawLogo(drawing: Drawing, logo: string | null, edgeMm: number): void {
  if (logo !== null)
    drawing.picture(logo, { x: drawing.widthMm - edgeMm - NUMBER_MM - LOGO.widthMm, y: edgeMm - 2, ...LOGO });
}
