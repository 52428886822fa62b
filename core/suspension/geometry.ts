/** Kinds of suspension whose geometry has usual values; `rear` is a rear axle of which nobody said more. */
export const SUSPENSION_KINDS = [
  'strut',
  'wishbone',
  'axle',
  'rear',
  'rear-independent',
  'rear-twist-beam',
  'rear-axle',
] as const;
export type SuspensionKind = (typeof SUSPENSION_KINDS)[number];

/** How a wheel moves: steering axis, camber, lateral migration, and how far it goes. Angles degrees, lengths mm. */
export interface SuspensionGeometry {
  kingpinInclinationDeg: number;
  casterDeg: number;
  /** k, how far the steering axis stands inboard of the hub face at hub height, and l, how far behind it. */
  kingpinOffsetMm: number;
  kingpinForeMm: number;
  /** γ0 at rest, negative with the top inboard, and its change over 100 mm of bump. */
  camberDeg: number;
  camberGainDegPer100: number;
  /** c1 and c2: out by c1·z + c2·z² at a travel of z. */
  lateralPerMm: number;
  lateralPerMm2: number;
  /** Locks: leading edge out, and in; both positive. */
  lockOutDeg: number;
  lockInDeg: number;
  /** Travel from rest to the stops; both positive. */
  bumpMm: number;
  droopMm: number;
}

export type GeometryKey = keyof SuspensionGeometry;

const STILL = { kingpinForeMm: 0, camberDeg: 0, lateralPerMm: 0, lateralPerMm2: 0 };
const TRAVEL = { bumpMm: 70, droopMm: 60 };
const LOCKS = { lockOutDeg: 38, lockInDeg: 32 };
/** What steers a wheel; a rear wheel has none of it. */
const NO_STEER = { lockOutDeg: 0, lockInDeg: 0, kingpinInclinationDeg: 0, casterDeg: 0, kingpinOffsetMm: 0 };
const STEERING: ReadonlySet<GeometryKey> = new Set([...(Object.keys(NO_STEER) as GeometryKey[]), 'kingpinForeMm']);

/** Geometry as it is usually found for a kind of suspension. Common practice, no source. */
export const USUAL_GEOMETRY: Record<SuspensionKind, SuspensionGeometry> = {
  strut: {
    kingpinInclinationDeg: 13,
    casterDeg: 5,
    kingpinOffsetMm: 105,
    camberGainDegPer100: -1,
    ...LOCKS,
    ...TRAVEL,
    ...STILL,
  },
  wishbone: {
    kingpinInclinationDeg: 9,
    casterDeg: 4,
    kingpinOffsetMm: 100,
    camberGainDegPer100: -2,
    ...LOCKS,
    ...TRAVEL,
    ...STILL,
  },
  axle: {
    kingpinInclinationDeg: 8,
    casterDeg: 3,
    kingpinOffsetMm: 115,
    camberGainDegPer100: 0,
    ...LOCKS,
    ...TRAVEL,
    ...STILL,
  },
  rear: { ...NO_STEER, camberGainDegPer100: -1.5, ...TRAVEL, ...STILL },
  'rear-independent': { ...NO_STEER, camberGainDegPer100: -1.5, ...TRAVEL, ...STILL },
  'rear-twist-beam': { ...NO_STEER, camberGainDegPer100: -0.5, ...TRAVEL, ...STILL },
  'rear-axle': { ...NO_STEER, camberGainDegPer100: 0, ...TRAVEL, ...STILL },
};

/** The keys of a geometry, in the order in which a person would measure them. */
export const GEOMETRY_KEYS = Object.keys({
  lockOutDeg: 0,
  lockInDeg: 0,
  bumpMm: 0,
  droopMm: 0,
  kingpinInclinationDeg: 0,
  casterDeg: 0,
  kingpinOffsetMm: 0,
  kingpinForeMm: 0,
  camberDeg: 0,
  camberGainDegPer100: 0,
  lateralPerMm: 0,
  lateralPerMm2: 0,
} satisfies Record<GeometryKey, 0>) as GeometryKey[];

/** What is known of a suspension: its kind and any of its values; null counts as missing. */
export type KnownSuspension = { kind?: SuspensionKind | undefined } & {
  [key in GeometryKey]?: number | null | undefined;
};

/** A geometry to move a wheel by, with the values nobody measured; or what is missing to have one. */
export type ResolvedGeometry =
  | { geometry: SuspensionGeometry; assumed: GeometryKey[]; kindAssumed: boolean; missing?: undefined }
  | { geometry: null; missing: ('kind' | GeometryKey)[] };

/** Whether a suspension steers its wheels: those of a rear axle only where somebody gave it a lock. */
export const steers = (suspension: KnownSuspension | undefined, axle: 'front' | 'rear'): boolean =>
  (suspension?.lockOutDeg ?? 0) > 0 ||
  (suspension?.lockInDeg ?? 0) > 0 ||
  (axle === 'front' && !suspension?.kind?.startsWith('rear'));

/**
 * The kind whose usual values stand in on an axle: a rear axle of which nobody said more is independent, and a rigid
 * one there does not steer.
 */
export function kindOn(suspension: KnownSuspension | undefined, axle: 'front' | 'rear'): SuspensionKind | undefined {
  const kind = suspension?.kind;
  if (kind === 'rear') return 'rear-independent';
  return kind === 'axle' && !steers(suspension, axle) ? 'rear-axle' : kind;
}

/**
 * The geometry of an axle, filled up with the usual values of its kind where nothing was measured. Without a kind only
 * what every suspension shares (no rest camber, no migration, steering axis in line with the hub) is filled up, and the
 * rest must have been measured. A rear axle does not steer unless a lock was measured.
 */
export function resolveGeometry(suspension: KnownSuspension | undefined, axle: 'front' | 'rear'): ResolvedGeometry {
  const kind = kindOn(suspension, axle);
  const turns = steers(suspension, axle);
  const usual: Partial<SuspensionGeometry> = {
    ...(kind ? USUAL_GEOMETRY[kind] : STILL),
    ...(turns ? {} : NO_STEER),
  };
  const geometry: Partial<SuspensionGeometry> = {};
  const assumed: GeometryKey[] = [];
  const missing: GeometryKey[] = [];
  for (const key of GEOMETRY_KEYS) {
    const value = suspension?.[key] ?? usual[key];
    if (value === undefined) missing.push(key);
    else geometry[key] = value;
    // What an axle does not do is its kind, not a guess: a rear one does not steer, and a rigid one does not lean.
    const byKind = (!turns && STEERING.has(key)) || (kind === 'rear-axle' && usual[key] === 0);
    if (suspension?.[key] == null && !byKind) assumed.push(key);
  }
  if (missing.length > 0) return { geometry: null, missing: ['kind', ...missing] };
  return { geometry: geometry as SuspensionGeometry, assumed, kindAssumed: suspension?.kind === 'rear' };
}
