/** A limit with where it comes from. */
export interface Limit {
  value: number;
  origin: 'house' | 'brief';
}

/** The shop's own limits, mm and percent (house defaults, common practice, no source). */
export const HOUSE_LIMITS = { inboardMm: 6, archMm: 3, diameterPct: 3 } as const;

export type LimitKey = keyof typeof HOUSE_LIMITS;

/** The limit in force: the brief's where it gives one, the house's otherwise. */
export function limitInForce(
  key: LimitKey,
  brief: { limits?: { [key in LimitKey]?: number | null | undefined } | undefined } | undefined,
): Limit {
  const own = brief?.limits?.[key];
  return own == null ? { value: HOUSE_LIMITS[key], origin: 'house' } : { value: own, origin: 'brief' };
}
