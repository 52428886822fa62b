import { LENGTH_UNITS, type LengthUnit } from '#core/units';

/** The unit after the given one, for the key that steps through them. */
export const nextUnit = (unit: LengthUnit): LengthUnit =>
  LENGTH_UNITS[(LENGTH_UNITS.indexOf(unit) + 1) % LENGTH_UNITS.length]!;
