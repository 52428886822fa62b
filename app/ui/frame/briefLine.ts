import type { Brief } from '#core/job';
import { faceText } from '../words';
import type { Lengths } from '../../preferences/PreferencesContext';

/** The brief in one line. */
export function briefLine(brief: Brief | undefined, lengths: Lengths): string {
  const { min, max } = brief?.pokeMm ?? {};
  const end = (poke: number) => faceText(poke, lengths).replace('inside', 'tucked');
  if (min != null && max != null) return `target ${end(min)} to ${end(max)}`;
  if (max != null) return `target out to ${end(max)}`;
  if (min != null) return `target ${end(min)} to flush`;
  return 'no target yet: no poke';
}
