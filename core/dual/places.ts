/** A place on the car that a wheel can stand in. */
export type Place = 'front' | 'rear' | 'rear inner' | 'rear outer';

/** What decides whether a wheel can take another's place. Null: not known. */
export interface Mounted {
  rimDiameterIn: number | null;
  rimWidthIn: number | null;
  offsetMm: number | null;
  /** Circle and count of the wheel. */
  pattern: string | null;
  tire: string | null;
}

const SAME_OFFSET_MM = 1;

/**
 * Whether two wheels with their tires are the same for the car: rim, offset within a millimeter, pattern and tire.
 * Null: not known.
 */
export function sameMounted(one: Mounted, other: Mounted): boolean | null {
  const pairs: [string | number | null, string | number | null, number][] = [
    [one.rimDiameterIn, other.rimDiameterIn, 0],
    [one.rimWidthIn, other.rimWidthIn, 0],
    [one.offsetMm, other.offsetMm, SAME_OFFSET_MM],
    [one.pattern, other.pattern, 0],
    [one.tire, other.tire, 0],
  ];
  const differ = pairs.some(
    ([a, b, slack]) =>
      a !== null && b !== null && (typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) > slack : a !== b),
  );
  if (differ) return false;
  return pairs.every(([a, b]) => a !== null && b !== null) ? true : null;
}

/**
 * Which places one spare serves, front wheel and rear wheel being given; on a dual axle a rear wheel serves inner and
 * outer alike.
 */
export function placesServed({
  spare,
  front,
  rear,
  rearIsDual,
}: {
  spare: 'front' | 'rear';
  front: Mounted;
  rear: Mounted;
  rearIsDual: boolean;
}): { serves: Place[]; open: boolean } {
  const rears: Place[] = rearIsDual ? ['rear inner', 'rear outer'] : ['rear'];
  const same = sameMounted(front, rear);
  if (same) return { serves: ['front', ...rears], open: false };
  return { serves: spare === 'front' ? ['front'] : rears, open: same === null };
}
