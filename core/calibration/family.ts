import type { FittedFigure } from '#core/fitting';

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

/** How far off a shop is thought to be before it has measured anything: τ, mm; of speeds 1 % of 100 km/h. */
export const PRIOR: Record<Family, number> = { poke: 2, inboard: 2, arch: 2, obstacle: 2, brake: 2, speed: 1 };
