import { overallWidthMm } from '#core/wheel';
import { hollowAt, hollowOf, type Hollow, type Inside } from './hollow';

// Taken out of their object once: these are asked millions of times in a sweep.
const { max, sqrt } = Math;

/** What a half section is made of; lengths in mm. Symmetric about the rim centerline but for its hollow. */
export interface Section {
  /** Overall tire radius R = D/2. */
  radiusMm: number;
  /** Radius of the bead seat. */
  rimRadiusMm: number;
  /** Top of the rim flange, r_f. */
  flangeRadiusMm: number;
  /** Radius at which the section is widest, r_b. */
  bellyRadiusMm: number;
  /** Half the section width, S/2. */
  halfSectionMm: number;
  /** Half the tread width, T/2. */
  halfTreadMm: number;
  /** Half the overall rim width, A3 = W/2 + f. */
  halfRimMm: number;
  /** How far the tread's edge lies under its crown, δ. */
  crownDropMm: number;
  /** The air inside the barrel; null where the wheel is taken as a solid disc. */
  hollow: Hollow | null;
}

/** Height of the rim flange over the bead seat (J contour, ISO 4000-2; from memory). */
export const FLANGE_HEIGHT_MM = 17.5;
/** Crown drop at the tread's edge as a share of the tread width (common practice, no source). */
const CROWN_DROP = 0.03;

/**
 * The section of a wheel and tire: r_b = (r_rim + R)/2, r_f = r_rim + 17.5, δ = 0.03·T, A3 = W/2 + f.
 * @param tire overall diameter, section width on this rim, tread width; mm
 * @param wheel nominal width in inches, bead seat diameter and flange thickness in mm
 * @param inside of the wheel; left out it is a solid disc
 */
export function sectionOf(
  tire: { overallDiameterMm: number; sectionWidthMm: number; treadWidthMm: number },
  wheel: { rimWidthIn: number; seatDiameterMm: number; flangeMm: number },
  inside: Inside | null = null,
): Section {
  const radiusMm = tire.overallDiameterMm / 2;
  const rimRadiusMm = wheel.seatDiameterMm / 2;
  const flangeRadiusMm = rimRadiusMm + FLANGE_HEIGHT_MM;
  const halfRimMm = overallWidthMm(wheel.rimWidthIn, wheel.flangeMm) / 2;
  return {
    radiusMm,
    rimRadiusMm,
    flangeRadiusMm,
    bellyRadiusMm: (rimRadiusMm + radiusMm) / 2,
    halfSectionMm: tire.sectionWidthMm / 2,
    halfTreadMm: tire.treadWidthMm / 2,
    halfRimMm,
    crownDropMm: CROWN_DROP * tire.treadWidthMm,
    hollow: inside && hollowOf(inside, halfRimMm, flangeRadiusMm),
  };
}

/** Radius of the crown in mm at an axial place a, |a| ≤ T/2: r(a) = R − δ·(2a/T)². */
export function crownRadiusMm(section: Section, axialMm: number): number {
  return section.radiusMm - section.crownDropMm * (axialMm / section.halfTreadMm) ** 2;
}

/**
 * The inboard end of the solid at a radius, mm from the rim centerline: inside the barrel the innermost metal, else
 * minus the half width.
 */
export function innerEndMm(section: Section, radiusMm: number): number {
  const { hollow } = section;
  return hollow && radiusMm < hollow.backRadiusMm
    ? hollowAt(hollow, radiusMm)
    : -halfWidthAtRadiusMm(section, radiusMm);
}

/**
 * Half width of the solid in mm at a radius: rim flange A3 up to r_f; lower sidewall A3 + (S/2 − A3)·√(1 − ((r_b −
 * r)/(r_b − r_f))²) up to r_b; shoulder T/2 + (S/2 − T/2)·√(1 − ((r − r_b)/(R − δ − r_b))²) up to R − δ; the crown
 * above.
 * @returns 0 beyond the crown
 */
export function halfWidthAtRadiusMm(section: Section, radiusMm: number): number {
  const { halfRimMm, halfSectionMm, halfTreadMm, flangeRadiusMm, bellyRadiusMm, crownDropMm } = section;
  if (radiusMm <= flangeRadiusMm) return halfRimMm;
  if (radiusMm <= bellyRadiusMm) {
    const below = (bellyRadiusMm - radiusMm) / (bellyRadiusMm - flangeRadiusMm);
    return halfRimMm + (halfSectionMm - halfRimMm) * sqrt(1 - below * below);
  }
  const treadEdgeMm = section.radiusMm - crownDropMm;
  if (radiusMm <= treadEdgeMm) {
    const above = (radiusMm - bellyRadiusMm) / (treadEdgeMm - bellyRadiusMm);
    return halfTreadMm + (halfSectionMm - halfTreadMm) * sqrt(max(0, 1 - above * above));
  }
  if (radiusMm > section.radiusMm) return 0;
  return halfTreadMm * sqrt((section.radiusMm - radiusMm) / crownDropMm);
}
