import { keptFor } from '#core/kept';

/**
 * A limit with where it comes from: the shop, this job, the very part, the room that winter traction needs, or the rub
 * that is accepted.
 */
export interface Limit {
  value: number;
  origin: 'house' | 'brief' | 'part' | 'winter' | 'rub';
}

/** The shop's own limits (shop defaults, common practice, no source). Lengths mm, change of diameter percent. */
export const SHOP_LIMITS = {
  inboardMm: 6,
  archMm: 3,
  /** Parts of the body at full lock, and the fender's lip at full bump. */
  fullLockMm: 5,
  fenderAtBumpMm: 3,
  diameterPct: 3,
  /** The most chance of contact with which a figure still clears, %. */
  contactPct: 5,
  /** How far a part may be overlapped where a rub is allowed. */
  rubMm: 3,
  /** A brake to spokes, and to the barrel and what sticks to it. */
  brakeSpokeMm: 2,
  brakeBarrelMm: 3,
  /** Front against rear diameter where both axles are driven. */
  axleMatchPct: 1,
  /** Least gap between the sidewalls of dual tires whose maker's figure nobody looked up. */
  dualGapMm: 25,
  /** Most play between a bore and what it sits on. */
  boreMm: 0.1,
  /** Least length of lip that carries a wheel. */
  lipLeftMm: 3,
  /** Least thread engagement, in thread diameters. */
  engagementRatio: 1,
  /** Most that a lug hole is opened out, and least seat that is left around it. */
  lugHoleOpenMm: 2,
  seatBandMm: 3,
  /** Least material between two holes, and between a hole and an edge. */
  ligamentMm: 6,
  edgeMm: 6,
} as const;

export type ShopLimitKey = keyof typeof SHOP_LIMITS;
export type ShopLimits = Readonly<Record<ShopLimitKey, number>>;

/** Limits that a brief may set for one job. */
export const BRIEF_LIMITS = [
  'inboardMm',
  'fullLockMm',
  'fenderAtBumpMm',
  'archMm',
  'diameterPct',
  'axleMatchPct',
  'brakeSpokeMm',
  'brakeBarrelMm',
  'rubMm',
] as const satisfies readonly ShopLimitKey[];
export type LimitKey = (typeof BRIEF_LIMITS)[number];
export type BriefLimits = { [key in LimitKey]?: number | null | undefined };

/** The limits that a brief and the shop have set. */
export interface SetLimits {
  brief?: { limits?: BriefLimits | undefined } | undefined;
  house?: { limits?: { [key in ShopLimitKey]?: number | null | undefined } | undefined } | undefined;
}

/** The shop's limits: its own where it has set one, the usual one otherwise. */
export function shopLimits(house: SetLimits['house']): ShopLimits {
  const own = house?.limits;
  if (!own) return SHOP_LIMITS;
  return limitsWith(own);
}
const limitsWith = keptFor<object, ShopLimits>((own) => {
  const set = Object.entries(own).filter(([, value]) => value != null);
  return { ...SHOP_LIMITS, ...(Object.fromEntries(set) as Partial<ShopLimits>) };
});

/** The limit in force: the brief's where it gives one, the shop's otherwise. */
export function limitInForce(key: LimitKey, { brief, house }: SetLimits): Limit {
  const own = brief?.limits?.[key];
  return own == null ? { value: shopLimits(house)[key], origin: 'house' } : { value: own, origin: 'brief' };
}
