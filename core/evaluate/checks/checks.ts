import { obstacle } from '../around';
import { brakeBarrel, brakeSpoke, brakeWeight } from '../brake';
import { axleMatch, boltLengths, spare, speedometer, tpms, type CarCase } from '../car';
import type { CheckDefinition, JudgedCheck } from '../check';
import { centerCap, centering, fastening, lugHole, pattern, seat, spacers } from '../hardware';
import { arch, backspacing, coverage, diameter, fender, inboard } from '../position';
import { dual, rimDiameter, rimWidth, speedRating, tireLoad, wheelRating } from '../tire';
import type { AxleCase } from './axleCase';

type OnAxle = JudgedCheck<AxleCase> & { on: 'axle' };
type OnCar = JudgedCheck<CarCase> & { on: 'car' };

/**
 * Every check by its code, in the order in which a report lists them and the ledger shows them. A new one is an object
 * in the room of its matter, and a line here.
 */
export const CHECKS = {
  fender,
  inboard,
  arch,
  'rim-width': rimWidth,
  'rim-diameter': rimDiameter,
  diameter,
  backspacing,
  obstacle,
  coverage,
  'brake-spoke': brakeSpoke,
  'brake-barrel': brakeBarrel,
  'brake-weight': brakeWeight,
  dual,
  load: tireLoad,
  'wheel-rating': wheelRating,
  'speed-rating': speedRating,
  pattern,
  centring: centering,
  'center-cap': centerCap,
  fastening,
  seat,
  'lug-hole': lugHole,
  spacers,
  'axle-match': axleMatch,
  speedometer,
  spare,
  tpms,
  'bolt-lengths': boltLengths,
} as const satisfies Record<string, OnAxle | OnCar>;

export type CheckName = keyof typeof CHECKS;

/** The code of a check; a part around the wheel has its own behind its kind's. */
export type CheckCode = Exclude<CheckName, 'obstacle'> | `obstacle:${string}`;

const ENTRIES = Object.entries(CHECKS) as [CheckName, OnAxle | OnCar][];

type Listed<Kind> = readonly (readonly [CheckName, Kind])[];

/** The checks of an axle, and those of the whole car. */
export const AXLE_CHECKS: Listed<OnAxle> = ENTRIES.flatMap(([code, one]) => (one.on === 'axle' ? [[code, one]] : []));
export const CAR_CHECKS: Listed<OnCar> = ENTRIES.flatMap(([code, one]) => (one.on === 'car' ? [[code, one]] : []));

const BY_CODE: ReadonlyMap<string, CheckDefinition> = new Map(ENTRIES);

/** What a check of that code is. */
export function checkOf(code: string): CheckDefinition {
  const known = BY_CODE.get(code.startsWith('obstacle:') ? 'obstacle' : code);
  if (!known) throw new Error(`there is no check “${code}”`);
  return known;
}
