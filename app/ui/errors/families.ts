import type { Estimate } from '#core/calibration';
import type { Family, OwnError } from '#core/fitting';
import { formatMeasure } from '#core/units';
import type { Lengths } from '../../preferences/PreferencesContext';

/** The figures of a family, as they are called together. */
export const FAMILY_NAMES: Record<Family, string> = {
  poke: 'Poke',
  inboard: 'Inner clearance',
  arch: 'Fender clearance',
  obstacle: 'Parts around the wheel',
  brake: 'Brake',
  speed: 'True speed',
};

/** A figure of a family in the reader's unit. */
export const familyText = (family: Family, value: number, { units, text }: Lengths): string =>
  family === 'speed' ? formatMeasure({ quantity: 'speed', value, unit: units }) : text(value);

/** So many standard deviations off, a bias is no chance any more (two sides, 95 %). */
const SIGMAS = 1.96;

/** What a shop's bias says, in a sentence; null where it may be chance. */
export function biasWords(family: Family, { n, biasMm, biasSdMm }: Estimate, lengths: Lengths): string | null {
  if (n === 0 || Math.abs(biasMm) < SIGMAS * biasSdMm) return null;
  const off = familyText(family, Math.abs(biasMm), lengths);
  const ways: Record<Family, readonly [long: string, short: string]> = {
    poke: ['further out', 'further in'],
    inboard: ['more', 'less'],
    arch: ['more', 'less'],
    obstacle: ['more', 'less'],
    brake: ['more', 'less'],
    speed: ['faster', 'slower'],
  };
  return `measured ${off} ${ways[family][biasMm > 0 ? 0 : 1]} than predicted`;
}

/** What the ± of a family are multiplied by, and from how many fittings. */
export const followedWords = ({ scale, fittings }: OwnError): string =>
  `× ${scale.toFixed(2)}, from ${fittings === 1 ? '1 fitting' : `${fittings} fittings`}`;

/** What a shop's scale says of its ±. */
export function scaleWords({ n, scale }: Estimate): string {
  if (n === 0) return 'nothing read yet';
  if (scale > 1.05) return `± too small: × ${scale.toFixed(2)} would hold`;
  return scale < 0.95 ? `± larger than needed: × ${scale.toFixed(2)} would do` : '± about right';
}
