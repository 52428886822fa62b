/** Kinds of suspension whose geometry has usual values. */
export type SuspensionKind = 'strut' | 'wishbone' | 'axle' | 'rear';

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

/** Geometry as it is usually found for a kind of suspension. Common practice, no source. */
export const USUAL_GEOMETRY: Record<SuspensionKind, SuspensionGeometry> = {
  strut: { kingpinInclinationDeg: 13, casterDeg: 5, kingpinOffsetMm: 105, camberGainDegPer100: -1, ...LOCKS, ...TRAVEL, ...STILL },
  wishbone: { kingpinInclinationDeg: 9, casterDeg: 4, kingpinOffsetMm: 100, camberGainDegPer100: -2, ...LOCKS, ...TRAVEL, ...STILL },
  axle: { kingpinInclinationDeg: 8, casterDeg: 3, kingpinOffsetMm: 115, camberGainDegPer100: 0, ...LOCKS, ...TRAVEL, ...STILL },
  rear: { kingpinInclinationDeg: 0, casterDeg: 0, kingpinOffsetMm: 0, camberGainDegPer100: 0, lockOutDeg: 0, lockInDeg: 0, ...TRAVEL, ...STILL },
}; // prettier-ignore

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
  | { geometry: SuspensionGeometry; assumed: GeometryKey[]; missing?: undefined }
  | { geometry: null; missing: ('kind' | GeometryKey)[] };

/**
 * The geometry of an axle, filled up with the usual values of its kind where nothing was measured. Without a kind only what every
 * suspension shares (no rest camber, no migration, steering axis in line with the hub) is filled up, and the rest must have been measured.
 */
export function resolveGeometry(suspension: KnownSuspension | undefined): ResolvedGeometry {
  const { kind } = suspension ?? {};
  const usual: Partial<SuspensionGeometry> = kind ? USUAL_GEOMETRY[kind] : STILL;
  const geometry: Partial<SuspensionGeometry> = {};
  const assumed: GeometryKey[] = [];
  const missing: GeometryKey[] = [];
  for (const key of GEOMETRY_KEYS) {
    const value = suspension?.[key] ?? usual[key];
    if (value === undefined) missing.push(key);
    else geometry[key] = value;
    // What a rear axle does not do is its kind, not a guess.
    if (suspension?.[key] == null && !(kind === 'rear' && geometry[key] === 0)) assumed.push(key);
  }
  if (missing.length > 0) return { geometry: null, missing: ['kind', ...missing] };
  return { geometry: geometry as SuspensionGeometry, assumed };
}
