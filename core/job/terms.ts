import { RULE_CHOICES, type Drive, type PokeTarget, type RuleKey, type RuleOf, type WinterRule } from '#core/verdict';
import type { BackspacingConvention } from '#core/wheel';
import type { AxleName } from './axle';
import type { Brief, Prices, ShopDefaults } from './brief';

/** What a job is judged by: its brief, and the defaults of the shop it is done in. */
export interface Terms {
  brief?: Brief | undefined;
  house?: ShopDefaults | undefined;
}

/** The rule in force: the brief's, else the shop's, else the usual one, the first of its choices. */
export const ruleInForce = <K extends RuleKey>(key: K, { brief, house }: Terms): RuleOf<K> =>
  (brief?.rules?.[key] ?? house?.rules?.[key] ?? RULE_CHOICES[key][0]) as RuleOf<K>;

/** What winter traction asks of an axle: of the driven one, or of both where nobody said how the car is driven. */
export function winterOn(axle: AxleName, job: Terms & { vehicle: { drive?: Drive | undefined } }): WinterRule {
  const { drive } = job.vehicle;
  const rolls = (drive === 'fwd' && axle === 'rear') || (drive === 'rwd' && axle === 'front');
  return rolls ? 'none' : ruleInForce('winter', job);
}

/** Prices in force: the brief's where it gives one, the shop's otherwise. */
export function priceInForce<K extends keyof Prices>(key: K, { brief, house }: Terms): Prices[K] | null {
  return brief?.prices?.[key] ?? house?.prices?.[key] ?? null;
}

/**
 * The most backspacing that is asked for on an axle; null where nothing is. Mm, overall where nobody said by which
 * convention.
 */
export function requiredBackspacing(
  brief: Brief | undefined,
  axle: AxleName,
): { mostMm: number; convention: BackspacingConvention } | null {
  const asked = brief?.requiredBackspacingMm;
  const mostMm = typeof asked === 'number' ? asked : asked?.[axle];
  return mostMm == null ? null : { mostMm, convention: brief?.requiredBackspacingConvention ?? 'overall' };
}

/** The poke target of an axle: its own range, else the one for both. */
export function pokeTargetOf(brief: Brief | undefined, axle: AxleName): PokeTarget {
  const { front, rear, min, max } = brief?.pokeMm ?? {};
  const own = axle === 'front' ? front : rear;
  const asked = own?.min != null || own?.max != null ? own : { min, max };
  return { min: asked.min ?? null, max: asked.max ?? null };
}
