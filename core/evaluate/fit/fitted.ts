import { keptFor } from '#core/kept';
import { dualGapMm, dualSpacingMm } from '#core/dual';
import {
  presentAsSetupAxle,
  type AxleName,
  type SetupAxle,
  type Vehicle,
  type VehicleAxle,
  type Wheel,
} from '#core/job';
import { serviceOf, type Service } from '#core/load';
import { extentMm, lateralPlace, type LateralPlace } from '#core/position';
import { effectiveOffsetMm, stackThicknessMm } from '#core/stack';
import {
  overallDiameterMm,
  readTireSize,
  sectionFromTestRimMm,
  sectionWidthOnRimMm,
  treadWidthMm,
  usualLoadedRadiusMm,
  type TireSize,
  type Tire,
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
  /** From the ground to the wheel's center; 0.96 of the radius where nobody measured it. */
  loadedRadiusMm: number | null;
  /** The two wheels of a side; null on an axle with single wheels. */
  dual: FittedDual | null;
  service: Service;
  place: LateralPlace | null;
}

/** Dual wheels of a side, mm. */
export interface FittedDual {
  /** Between the discs. */
  spacerMm: number;
  /**
   * Between the rim centerlines, and between the sidewalls that face each other; null while offset or pad is not known.
   */
  spacingMm: number | null;
  gapMm: number | null;
}

/**
 * Puts a wheel, a tire and a stack together. Measured tire dimensions win over those computed from the size; a section
 * listed on a test rim follows this rim by {@link SECTION_PER_RIM}.
 * @param car the car's flange thickness a side, the usual 12.7 mm when it is missing, and whether the axle has dual
 *   wheels
 * @throws DomainError on a tire size that cannot be read or a wheel given in two ways
 */
export function fit(candidate: SetupAxle, car: Pick<Vehicle, 'flangeMm'> & Pick<VehicleAxle, 'dual'>): Fitted {
  const wheel = candidate.wheel ?? {};
  const tire = candidate.tire ?? {};
  const flangeMm = car.flangeMm ?? DEFAULT_FLANGE_MM;
  const size = tire.size === undefined ? null : readTireSize(tire.size);
  const offset = wheelOffsetMm(wheel, flangeMm);
  const stackMm = stackThicknessMm(candidate.stack ?? []);
  const effective = offset === null || stackMm === null ? null : effectiveOffsetMm(offset, stackMm);
  const section = sectionWidthMm(tire, size, wheel.rimWidthIn ?? null);
  const diameter = tire.overallDiameterMm ?? (size && overallDiameterMm(size));
  const dual = car.dual ? dualOf(candidate, offset, section) : null;
  return {
    wheel,
    tire,
    size,
    flangeMm,
    flangeAssumed: car.flangeMm == null,
    offsetMm: offset,
    stackMm,
    effectiveOffsetMm: effective,
    sectionWidthMm: section,
    overallDiameterMm: diameter,
    treadWidthMm: tire.treadWidthMm ?? (size && treadWidthMm(size)),
    loadedRadiusMm: tire.staticLoadedRadiusMm ?? (diameter === null ? null : usualLoadedRadiusMm(diameter)),
    dual,
    service: serviceOf(size, tire),
    place:
      effective === null || section === null || wheel.rimWidthIn == null || dual?.spacingMm === null
        ? null
        : lateralPlace(effective, extentMm(section, wheel.rimWidthIn, flangeMm), dual?.spacingMm),
  };
}

/**
 * What is on an axle now, put together, once for each car; a stack nobody recorded is taken as none and marked by the
 * evaluation.
 */
export function fitPresent(vehicle: Vehicle, axle: AxleName): Fitted {
  const known = presentsOf(vehicle);
  return (known[axle] ??= fit(presentAsSetupAxle(vehicle, axle) ?? {}, {
    flangeMm: vehicle.flangeMm,
    dual: vehicle[axle]?.dual,
  }));
}
const presentsOf = keptFor<Vehicle, Partial<Record<AxleName, Fitted>>>(() => ({}));

/** A candidate for an axle, put together. */
export const fitCandidate = (vehicle: Vehicle, axle: AxleName, candidate: SetupAxle | undefined): Fitted =>
  fit(candidate ?? {}, { flangeMm: vehicle.flangeMm, dual: vehicle[axle]?.dual });

function sectionWidthMm(tire: Tire, size: TireSize | null, rimWidthIn: number | null): number | null {
  const { sectionWidthMm: listed, testRimIn } = tire;
  if (listed == null) return size === null || rimWidthIn === null ? null : sectionWidthOnRimMm(size, rimWidthIn);
  if (testRimIn == null) return listed;
  return rimWidthIn === null ? null : sectionFromTestRimMm(listed, testRimIn, rimWidthIn);
}

function dualOf({ wheel, dualSpacerMm }: SetupAxle, offsetMm: number | null, section: number | null): FittedDual {
  const spacerMm = dualSpacerMm ?? 0;
  const pad = wheel?.padThicknessMm ?? null;
  const spacingMm =
    offsetMm === null || pad === null ? null : dualSpacingMm({ offsetMm, padThicknessMm: pad, spacerMm });
  return { spacerMm, spacingMm, gapMm: spacingMm === null || section === null ? null : dualGapMm(spacingMm, section) };
}

/** A candidate as its fasteners meet it: behind dual wheels they reach through both discs and the spacer between. */
export function clampedAsOne(candidate: SetupAxle, dual: boolean): SetupAxle {
  const pad = candidate.wheel?.padThicknessMm;
  if (!dual || pad == null) return candidate;
  return { ...candidate, wheel: { ...candidate.wheel, padThicknessMm: 2 * pad + (candidate.dualSpacerMm ?? 0) } };
}
