import { capital } from '#core/text';
import type { Rule } from './case';
import { RULES } from './rules';

/** The rule that has made a step of this id: of two that might have, the one that says more of it. */
const ruleOf = (id: string): Rule | undefined =>
  RULES.filter((rule) => id === rule.id || id.startsWith(`${rule.id}-`)).sort(
    (one, other) => other.id.length - one.id.length,
  )[0];

/** Whether a step of this id is done to the whole car, whichever corner keeps it. */
export const isCarStep = (id: string): boolean => ruleOf(id)?.on === 'car';

/** What stands behind a rule's own id, as it is said. */
const SAID: Readonly<Record<string, string>> = { archgap: 'fender clearance', rideheight: 'ride height' };

/**
 * What was done at a step, by its id alone: for a record of it, when the setup that asked for it may be another one
 * already.
 * @param partName what a part around the wheel is called
 */
export function stepName(id: string, partName: (part: string) => string): string {
  const faces = /^(.+)-flush-(.+)$/.exec(id);
  if (faces) return `Dry fit: ${faces[1]} flush on ${faces[2]}`;
  const rule = ruleOf(id);
  if (!rule) return capital(id.replaceAll('-', ' '));
  const rest = id.slice(rule.id.length + 1);
  if (rest === '') return rule.name;
  if (rule.id === 'look-at') return `${rule.name}: ${partName(rest)}`;
  return `${rule.name}: ${SAID[rest] ?? rest.replaceAll('-', ' ')}`;
}
