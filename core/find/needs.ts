import type { CHECKS } from '#core/evaluate';

/**
 * What of a combination a check looks at: wheel, stack and fastener on the hub; the tire alone; tire and rim; where
 * the wheel stands with its tire; every pose past the parts around it; or so much of all
 * that it is judged for each combination by itself.
 */
export type Needs = 'hardware' | 'tire' | 'rim' | 'place' | 'sweep' | 'each';

type CheckName = keyof typeof CHECKS;

/** Every check by what it looks at: what does not change from one combination to the next is judged once. */
const NEEDS: Readonly<Record<CheckName, Needs>> = {
  pattern: 'hardware',
  centring: 'hardware',
  'center-cap': 'hardware',
  fastening: 'hardware',
  seat: 'hardware',
  'lug-hole': 'hardware',
  spacers: 'hardware',
  'wheel-rating': 'hardware',
  'brake-spoke': 'hardware',
  'brake-barrel': 'hardware',
  'brake-weight': 'hardware',
  tpms: 'hardware',
  'bolt-lengths': 'hardware',
  load: 'tire',
  'speed-rating': 'tire',
  diameter: 'tire',
  'axle-match': 'tire',
  speedometer: 'tire',
  'rim-diameter': 'rim',
  'rim-width': 'rim',
  fender: 'place',
  inboard: 'place',
  arch: 'place',
  backspacing: 'place',
  coverage: 'place',
  dual: 'place',
  spare: 'each',
  obstacle: 'sweep',
};

/** The checks in the order in which a combination is told to fall out, and the bit of each in a set of them. */
const FALL_ORDER = Object.keys(NEEDS) as readonly CheckName[];
const BITS = new Map<string, number>(FALL_ORDER.map((code, at) => [code, 1 << at]));

const nameOf = (code: string): CheckName => (code.startsWith('obstacle:') ? 'obstacle' : (code as CheckName));

/** The bit of a check in a set of checks. */
export const bitOf = (code: string): number => BITS.get(nameOf(code))!;

/** What a check looks at. */
export const needsOf = (code: string): Needs => NEEDS[nameOf(code)];

/** The check that a set tells first; null of an empty one. */
export const firstOf = (fails: number): CheckName | null =>
  fails === 0 ? null : FALL_ORDER[31 - Math.clz32(fails & -fails)]!;

/** Whether a set holds just one check. */
const isSingle = (fails: number): boolean => fails !== 0 && (fails & (fails - 1)) === 0;

/** What gives way to nothing: there another wheel or tire is wanted. */
const FIRM = bitOf('pattern') | bitOf('rim-diameter');

/** Whether one check alone holds it back, and one that can give way: with it a place is looked at as with none. */
export const mayGive = (fails: number): boolean => fails === 0 || (isSingle(fails) && (fails & FIRM) === 0);
