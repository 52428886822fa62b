import type { LengthUnit } from './constants';

/** The units that a reader has chosen, each for itself. */
export interface Units {
  length: LengthUnit;
  mass: 'kg' | 'lb';
  pressure: 'kPa' | 'psi' | 'bar';
  speed: 'km/h' | 'mph';
  torque: 'N·m' | 'lb·ft';
}

/**
 * One unit of length alone stands for the units that go with it: the core's own with mm, pound and mile with inches.
 */
export type UnitChoice = LengthUnit | Units;

/** Sets of units as they are usual together (common practice, no source). */
export const UNIT_SETS = {
  metric: { length: 'mm', mass: 'kg', pressure: 'bar', speed: 'km/h', torque: 'N·m' },
  uk: { length: 'mm', mass: 'kg', pressure: 'psi', speed: 'mph', torque: 'N·m' },
  us: { length: 'in', mass: 'lb', pressure: 'psi', speed: 'mph', torque: 'lb·ft' },
} as const satisfies Record<string, Units>;
export type UnitSetName = keyof typeof UNIT_SETS;

const CORE: Units = { length: 'mm', mass: 'kg', pressure: 'kPa', speed: 'km/h', torque: 'N·m' };

/** The units that a choice stands for. */
export const unitsOf = (choice: UnitChoice): Units =>
  typeof choice !== 'string' ? choice : choice === 'mm' ? CORE : { ...UNIT_SETS.us, length: choice };

/** The usual set that units are, if they are one; whatever way inches are written. */
export const setOf = (units: Units): UnitSetName | null =>
  (Object.keys(UNIT_SETS) as UnitSetName[]).find((name) => {
    const { length, ...set } = UNIT_SETS[name];
    const inches = (unit: LengthUnit) => unit !== 'mm';
    return (
      inches(length) === inches(units.length) &&
      Object.entries(set).every(([key, unit]) => units[key as keyof Units] === unit)
    );
  }) ?? null;
