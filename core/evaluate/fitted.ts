import type { Measured, SetupAxle, Tire, Wheel } from '#core/job';
import { extentMm, lateralPlace, type LateralPlace } from '#core/position';
import { sectionOf, type Section } from '#core/section';
import { effectiveOffsetMm, stackThicknessMm } from '#core/stack';
import {
  overallDiameterMm,
  readTireSize,
  rimSeatDiameterMm,
  sectionWidthOnRimMm,
  treadWidthMm,
  type TireSize,
} from '#core/tire';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';

/** A wheel and tire on a hub with all that follows from them alone; null where a reading is missing. Lengths mm. */
export interface Fitted {
  wheel: Wheel;
  tire: Tire;
  size: TireSize | null;
  flangeMm: number;
  flangeAssumed: boolean;
  offsetMm: number | null;
  stackMm: number | null;
  effectiveOffsetMm: number | null;
  sectionWidthMm: number | null;
  overallDiameterMm: number | null;
  treadWidthMm: number | null;
  place: LateralPlace | null;
}

/**
 * Puts a wheel, a tire and a stack together. Measured tire dimensions win over those computed from the size.
 * @param flange the car's flange thickness a side, the usual 12.7 mm when it is missing
 * @throws DomainError on a tire size that cannot be read or a wheel given in two ways
 */
export function fit(candidate: SetupAxle, flange: Measured): Fitted {
  const wheel = candidate.wheel ?? {};
  const tire = candidate.tire ?? {};
  const flangeMm = flange ?? DEFAULT_FLANGE_MM;
  const size = tire.size === undefined ? null : readTireSize(tire.size);
  const offset = wheelOffsetMm(wheel, flangeMm);
  const stackMm = stackThicknessMm(candidate.stack ?? []);
  const effective = offset === null || stackMm === null ? null : effectiveOffsetMm(offset, stackMm);
  const section =
    tire.sectionWidthMm ??
    (size === null || wheel.rimWidthIn == null ? null : sectionWidthOnRimMm(size, wheel.rimWidthIn));
  return {
    wheel,
    tire,
    size,
    flangeMm,
    flangeAssumed: flange == null,
    offsetMm: offset,
    stackMm,
    effectiveOffsetMm: effective,
    sectionWidthMm: section,
    overallDiameterMm: tire.overallDiameterMm ?? (size && overallDiameterMm(size)),
    treadWidthMm: tire.treadWidthMm ?? (size && treadWidthMm(size)),
    place:
      effective === null || section === null || wheel.rimWidthIn == null
        ? null
        : lateralPlace(effective, extentMm(section, wheel.rimWidthIn, flangeMm)),
  };
}

/** The section to draw and to sweep; null while a dimension is missing. */
export function sectionOfFitted(fitted: Fitted): Section | null {
  const { overallDiameterMm: diameter, sectionWidthMm, treadWidthMm: tread, wheel } = fitted;
  if (diameter === null || sectionWidthMm === null || tread === null) return null;
  if (wheel.rimWidthIn == null || wheel.rimDiameterIn == null) return null;
  const seatDiameterMm = rimSeatDiameterMm(wheel.rimDiameterIn);
  if (diameter <= seatDiameterMm) return null;
  return sectionOf(
    { overallDiameterMm: diameter, sectionWidthMm, treadWidthMm: tread },
    { rimWidthIn: wheel.rimWidthIn, seatDiameterMm, flangeMm: fitted.flangeMm },
  );
}
