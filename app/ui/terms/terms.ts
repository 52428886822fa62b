import { ruleInForce, type Prices, type ShopDefaults } from '#core/job';
import { shopLimits, type RuleKey, type RuleOf, type ShopLimitKey } from '#core/verdict';

/**
 * What is edited: a brief, which may set aside the shop defaults, or the shop defaults themselves, which may set aside
 * what is usual.
 */
export interface EditedTerms {
  of: 'brief' | 'house';
  /** What it says itself at a place; undefined where it says nothing. */
  own(path: readonly string[]): unknown;
  /** Says it; with null no longer. */
  set(path: string[], value: unknown): void;
  /** What stands behind it: the shop defaults of a brief; nothing, and so what is usual, behind those. */
  behind: ShopDefaults;
}

/** The house of a house: none, so that what is usual stands behind it. */
export const NO_DEFAULTS: ShopDefaults = {};

/** Where a value comes from that is not said here. */
export const fallbackName = ({ of, behind }: EditedTerms, path: readonly string[]): 'house' | 'usual' =>
  of === 'brief' && at(behind, path) != null ? 'house' : 'usual';

export const fallbackLimit = ({ behind }: EditedTerms, key: ShopLimitKey): number => shopLimits(behind)[key];

export const fallbackRule = <K extends RuleKey>({ behind }: EditedTerms, key: K): RuleOf<K> =>
  ruleInForce(key, { house: behind });

export const fallbackPrice = ({ behind }: EditedTerms, key: Exclude<keyof Prices, 'currency'>): number | null =>
  behind.prices?.[key] ?? null;

/** The value at a place of a document. */
export function at(document: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>(
    (place, key) => (place != null && typeof place === 'object' ? (place as Record<string, unknown>)[key] : undefined),
    document,
  );
}
