import { DomainError } from '#core/errors';
import { crownRadiusMm, FLANGE_HEIGHT_MM, type Section } from './profile';

/** Places on a wheel to which a gap is read. */
export type SurfaceName =
  'tread' | 'outer-sidewall' | 'inner-sidewall' | 'outer-shoulder' | 'inner-shoulder' | 'inner-rim-flange';

export const SURFACES: readonly SurfaceName[] = [
  'tread',
  'outer-shoulder',
  'outer-sidewall',
  'inner-shoulder',
  'inner-sidewall',
  'inner-rim-flange',
];

/** A place of the half section with the direction that leaves it squarely; a and r in mm, na and nr of length 1. */
export interface SurfacePoint {
  a: number;
  r: number;
  na: number;
  nr: number;
}

/**
 * The place of a named surface: tread at an axial place, squarely out; sidewalls at the belly (±S/2, r_b), along the axis; shoulders where
 * their ellipse stands at 45°; the inner rim flange at half its height, along the axis.
 * @param axialMm place across the tread, mm from the rim centreline; counts for the tread only
 * @throws DomainError for a place beyond the tread's edge
 */
export function surfacePoint(section: Section, surface: SurfaceName, axialMm = 0): SurfacePoint {
  const { halfSectionMm, halfTreadMm, bellyRadiusMm, rimRadiusMm, halfRimMm, radiusMm, crownDropMm } = section;
  const side = surface.startsWith('outer') ? 1 : -1;
  switch (surface) {
    case 'tread':
      if (Math.abs(axialMm) > halfTreadMm)
        throw new DomainError(`lies beyond the tread's edge, ${halfTreadMm.toFixed(1)} mm from the middle`, 'axialMm');
      return { a: axialMm, r: crownRadiusMm(section, axialMm), na: 0, nr: 1 };
    case 'outer-sidewall':
    case 'inner-sidewall':
      return { a: side * halfSectionMm, r: bellyRadiusMm, na: side, nr: 0 };
    case 'outer-shoulder':
    case 'inner-shoulder': {
      const across = Math.max(0, halfSectionMm - halfTreadMm);
      const high = radiusMm - crownDropMm - bellyRadiusMm;
      const long = Math.hypot(across, high);
      const [a, r] = [halfTreadMm + across ** 2 / long, bellyRadiusMm + high ** 2 / long];
      return { a: side * a, r, na: side * Math.SQRT1_2, nr: Math.SQRT1_2 };
    }
    case 'inner-rim-flange':
      return { a: -halfRimMm, r: rimRadiusMm + FLANGE_HEIGHT_MM / 2, na: -1, nr: 0 };
  }
}

/** The part of the section a place on it belongs to; of the two rim flanges both sides count as rim. */
export type SectionPart = 'tread' | 'outer shoulder' | 'inner shoulder' | 'outer sidewall' | 'inner sidewall' | 'outer rim flange' | 'inner rim flange'; // prettier-ignore

/** Names a place on the section, or near it: tread above the tread's edge; shoulder and sidewall part where the ellipse stands at 45°. */
export function sectionPartAt(section: Section, a: number, r: number): SectionPart {
  const side = a >= 0 ? 'outer' : 'inner';
  if (r <= section.flangeRadiusMm) return `${side} rim flange`;
  if (Math.abs(a) < section.halfTreadMm && r >= section.radiusMm - 2 * section.crownDropMm) return 'tread';
  const corner = surfacePoint(section, 'outer-shoulder');
  // Between belly and the 45° place the sidewall is nearer in direction, above it the shoulder.
  return r > (corner.r + section.bellyRadiusMm) / 2 ? `${side} shoulder` : `${side} sidewall`;
}
