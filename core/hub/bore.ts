import { diameterFigure } from '#core/units';

/**
 * Why a center bore and a bolt circle cannot belong to one part, null when they can: the bore lies inside the circle.
 * Lengths mm.
 */
export const boreFault = (boreMm: number | null | undefined, circleMm: number | null | undefined): string | null =>
  boreMm != null && circleMm != null && boreMm >= circleMm
    ? `the center bore must be smaller than the bolt circle (${diameterFigure(circleMm)} mm)`
    : null;
