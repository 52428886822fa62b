import type { Family, OwnError } from '#core/fitting';
import type { Terms } from '#core/job';
import type { Contribution } from '#core/uncertainty';
import type { ObstacleSpreads, Sure } from './sure';

/** The shop's own error that the ± of a family follow; null where they do not. */
export const ownErrorIn = (family: Family | null, { house }: Terms): OwnError | null =>
  (family && house?.ownError?.[family]) ?? null;

/** How sure a figure of a family is that is the sum of independent parts. */
export const sureOfSum = (family: Family, parts: readonly Contribution[], terms: Terms): Sure => ({
  parts,
  values: null,
  own: ownErrorIn(family, terms),
});

/** The clearances of parts, as sure as the shop has shown to be of them. */
export function asSureAsShown(spreads: ObstacleSpreads, terms: Terms): ObstacleSpreads {
  const own = ownErrorIn('obstacle', terms);
  if (!own) return spreads;
  return Object.fromEntries(Object.entries(spreads).map(([id, sure]) => [id, { ...sure, own }]));
}
