import type { FittedFigure } from './records';

/** Figures that a shop is off by in the same way. */
export const FAMILIES = ['poke', 'inboard', 'arch', 'obstacle', 'brake', 'speed'] as const;
export type Family = (typeof FAMILIES)[number];

const FAMILY_OF: Partial<Record<string, Family>> = {
  pokeMm: 'poke',
  inboardGapMm: 'inboard',
  archGapMm: 'arch',
  brakeSpokeMm: 'brake',
  trueSpeedAt100: 'speed',
};

/** The family of a figure; null for one that says nothing of how a shop measures. */
export const familyOf = (figure: FittedFigure): Family | null =>
  figure.startsWith('obstacle:') ? 'obstacle' : (FAMILY_OF[figure] ?? null);

/** The shop's own error in a family, as far as the ± of its predictions follow it. */
export interface OwnError {
  /** What a ± is multiplied by. */
  scale: number;
  /** Measured less predicted, mm: named, never applied. */
  biasMm: number;
  /** The finished fittings that it was learnt from. */
  fittings: number;
}
export type OwnErrors = { [family in Family]?: OwnError | undefined };
