/** A limit with where it comes from. */
export interface Limit {
  value: number;
  /** Of the shop, of this job, or of the very part. */
  origin: 'house' | 'brief' | 'part';
}

/** The shop's own limits (house defaults, common practice, no source). Lengths mm, change of diameter percent. */
export const HOUSE_LIMITS = {
  inboardMm: 6,
  archMm: 3,
  /** Parts of the body at full lock, and the fender's lip at full bump. */
  fullLockMm: 5,
  fenderAtBumpMm: 3,
  diameterPct: 3,
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

/** Limits that a brief may set for one job. */
export type LimitKey =
  | 'inboardMm'
  | 'fullLockMm'
  | 'fenderAtBumpMm'
  | 'archMm'
  | 'diameterPct'
  | 'axleMatchPct'
  | 'brakeSpokeMm'
  | 'brakeBarrelMm';

/** The limit in force: the brief's where it gives one, the house's otherwise. */
export function limitInForce(
  key: LimitKey,
  brief: { limits?: { [key in LimitKey]?: number | null | undefined } | undefined } | undefined,
): Limit {
  const own = brief?.limits?.[key];
  return own == null ? { value: HOUSE_LIMITS[key], origin: 'house' } : { value: own, origin: 'brief' };
}
