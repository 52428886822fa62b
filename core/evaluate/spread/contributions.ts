import type { Caliper, InnerFace } from '#core/brake';
import type { VehicleAxle } from '#core/job';
import type { Tire } from '#core/tire';
import { INSTRUMENT_UNCERTAINTY_MM, type Contribution } from '#core/uncertainty';
import { isPriceKey, mmFromInches, type Measured } from '#core/units';
import { insideOf, type Fitted } from '../fit';

/** How far makes of one size differ from the size, ± at 95 % in percent (common practice, no source). */
export const MAKES_DIFFER_PCT = { section: 3, diameter: 1 } as const;
/**
 * How exactly a tire's own dimension is known once somebody measured it or looked it up, ± mm (common practice, no
 * source).
 */
const MEASURED_TIRE_MM = 1;

type GapKey = 'outboardGapMm' | 'inboardGapMm' | 'archGapMm';
const GAP_NAMES: Record<GapKey, string> = {
  outboardGapMm: 'present tuck',
  inboardGapMm: 'inner clearance',
  archGapMm: 'fender clearance',
};

/** How exact a gap of the room is: as its last reading says, else as the room says, else a tape's, assumed. */
export function gapSpread(axle: VehicleAxle, key: GapKey): Contribution {
  const last = axle.readings?.findLast((reading) => reading.key === `room.${key}` && !reading.withdrawn);
  return readingSpread(axle, GAP_NAMES[key], last?.uncertaintyMm);
}

/** How exact a reading around a wheel is: as it says itself, else as the room says, else a tape's, assumed. */
export function readingSpread(axle: VehicleAxle, name: string, own?: Measured): Contribution {
  const known = own ?? axle.room?.uncertaintyMm ?? null;
  return { name, plusMinus: known ?? INSTRUMENT_UNCERTAINTY_MM.tape!, assumed: known === null };
}

/** The same tire stands where it stood: what is wrong with its dimensions is wrong on both sides and falls out. */
const sameTire = ({ tire: one }: Fitted, { tire: other }: Fitted): boolean => {
  if (one === other) return true;
  if (one.size !== other.size) return false;
  const keys = Object.keys({ ...one, ...other }) as (keyof Tire)[];
  return keys.every((key) => isPriceKey(key) || one[key] === other[key]);
};

/** The same rim and the same inside, as far as somebody said. */
export const sameWheel = (one: Fitted, other: Fitted): boolean =>
  one.wheel.rimDiameterIn === other.wheel.rimDiameterIn &&
  one.wheel.rimWidthIn === other.wheel.rimWidthIn &&
  one.offsetMm === other.offsetMm &&
  (one.wheel.innerFace === other.wheel.innerFace ||
    JSON.stringify(one.wheel.innerFace) === JSON.stringify(other.wheel.innerFace));

export const sameTireAndRim = (one: Fitted, other: Fitted): boolean =>
  sameTire(one, other) && one.wheel.rimWidthIn === other.wheel.rimWidthIn;

/** By how much a wheel's half width is uncertain: its tire's, where the tire is widest; nothing where the rim is. */
export function halfWidth(fitted: Fitted, of: string): Contribution[] {
  const { sectionWidthMm, wheel, flangeMm } = fitted;
  if (sectionWidthMm === null || wheel.rimWidthIn == null) return [];
  if (mmFromInches(wheel.rimWidthIn) / 2 + flangeMm >= sectionWidthMm / 2) return [];
  return sectionSpread(fitted).map(({ plusMinus, assumed }) => ({
    name: `half the section of the ${of} tire`,
    plusMinus: plusMinus / 2,
    assumed,
  }));
}

/** By how much a tire's section is uncertain. */
export function sectionSpread({ sectionWidthMm, tire }: Fitted): Contribution[] {
  if (sectionWidthMm === null) return [];
  const measured = tire.sectionWidthMm != null;
  const plusMinus = measured ? MEASURED_TIRE_MM : (sectionWidthMm * MAKES_DIFFER_PCT.section) / 100;
  return [{ name: 'the section of the tires', plusMinus, assumed: !measured }];
}

export function halfDiameter({ overallDiameterMm, tire }: Fitted, of: string): Contribution[] {
  if (overallDiameterMm === null) return [];
  const measured = tire.overallDiameterMm != null;
  const whole = measured ? MEASURED_TIRE_MM : (overallDiameterMm * MAKES_DIFFER_PCT.diameter) / 100;
  return [{ name: `half the diameter of the ${of} tire`, plusMinus: whole / 2, assumed: !measured }];
}

/** How exactly a tread is known that nobody measured, ± at 95 % in percent (common practice, no source). */
const TREAD_PCT = 6;

/** By how much a tire's tread width is uncertain. */
export function treadSpread({ treadWidthMm, tire }: Fitted, of: string): Contribution[] {
  if (treadWidthMm === null) return [];
  const measured = tire.treadWidthMm != null;
  const plusMinus = measured ? MEASURED_TIRE_MM : (treadWidthMm * TREAD_PCT) / 100;
  return [{ name: `tread width of the ${of} tire`, plusMinus, assumed: !measured }];
}

/** By how much the inside of a wheel is uncertain: as the way it became known, or as a family may be off. */
export function insideSpread(fitted: Fitted, of: string): Contribution[] {
  const inside = insideOf(fitted);
  if (!inside) return [];
  const origin = inside.assumed ? 'family' : (fitted.wheel.innerFace?.origin ?? 'typed');
  return [{ name: `the inside of the ${of} wheel`, plusMinus: SHAPE_MM[origin], assumed: inside.assumed }];
}

/** What poke, or inner clearance, rests on: the gap that was read and the half widths of both tires. */
export function lateralSpread({
  axle,
  key,
  candidate,
  present,
}: {
  axle: VehicleAxle;
  key: 'outboardGapMm' | 'inboardGapMm';
  candidate: Fitted;
  present: Fitted;
}): Contribution[] {
  return [gapSpread(axle, key), ...halfWidthSpread(candidate, present)];
}

/** What the half widths of two tires add: nothing where the same tire stands on the same rim. */
export const halfWidthSpread = (candidate: Fitted, present: Fitted): Contribution[] =>
  sameTireAndRim(candidate, present) ? [] : [...halfWidth(candidate, 'new'), ...halfWidth(present, 'present')];

/** What the fender clearance rests on: the gap that was read and half the diameters of both tires. */
export function archSpread(axle: VehicleAxle, candidate: Fitted, present: Fitted): Contribution[] {
  const tires = sameTire(candidate, present)
    ? []
    : [...halfDiameter(candidate, 'new'), ...halfDiameter(present, 'present')];
  return [gapSpread(axle, 'archGapMm'), ...tires];
}

/**
 * How exact a shape is by origin: read with a rule, from a drawing or template, or assumed by its family.
 */
const SHAPE_MM = { traced: 0.5, typed: 0.5, straightedge: 0.5, file: 1, family: 5 } as const;

/** What a brake's room rests on: its outline and the wheel's inner face. */
export function brakeSpread(caliper: Caliper | undefined, face: InnerFace | undefined): Contribution[] {
  return [
    {
      name: "the brake's outline",
      plusMinus: SHAPE_MM[caliper?.origin ?? 'typed'],
      assumed: caliper?.origin === undefined,
    },
    {
      name: "the wheel's inner face",
      plusMinus: SHAPE_MM[face?.origin ?? 'typed'],
      assumed: face?.origin === undefined || face.origin === 'family',
    },
  ];
}

const GAPS = Object.keys(GAP_NAMES) as readonly GapKey[];

/** Whether nobody said how exactly a gap of the room was read. */
export const roomSpreadAssumed = (axle: VehicleAxle): boolean =>
  axle.room !== undefined && GAPS.some((key) => axle.room![key] != null && gapSpread(axle, key).assumed);
