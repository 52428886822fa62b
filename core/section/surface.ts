import { DomainError } from '#core/errors';
import { barrelPlace, hollowAt, type Hollow } from './hollow';
import { crownRadiusMm, FLANGE_HEIGHT_MM, type Section } from './profile';

/** Places on a wheel to which a gap is read. */
export const SURFACES = [
  'tread',
  'outer-shoulder',
  'outer-sidewall',
  'inner-shoulder',
  'inner-sidewall',
  'inner-rim-flange',
  'barrel',
  'spokes',
] as const;
export type SurfaceName = (typeof SURFACES)[number];

/** A place of the half section with the direction that leaves it squarely; a and r in mm, na and nr of length 1. */
export interface SurfacePoint {
  a: number;
  r: number;
  na: number;
  nr: number;
}

/**
 * The place of a named surface: tread at an axial place, squarely out; sidewalls at the belly (±S/2, r_b), along the
 * axis; shoulders where their ellipse stands at 45°; the inner rim flange at half its height, along the axis; the
 * barrel squarely in, at an axial place or where it is narrowest; the back of the spokes along the axis, at a radius or
 * halfway between pad and barrel.
 * @param place mm from the rim centerline, across the tread or along the barrel; for the spokes the radius
 * @throws DomainError for a place beyond the tread's edge, or inside a wheel that is not known
 */
export function surfacePoint(
  section: Section,
  surface: SurfaceName,
  place: { axialMm?: number | null | undefined; radiusMm?: number | null | undefined } = {},
): SurfacePoint {
  const axialMm = place.axialMm ?? 0;
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
    case 'barrel':
      return { ...barrelPlace(insideOf(section), place.axialMm ?? null), na: 0, nr: -1 };
    case 'spokes': {
      const hollow = insideOf(section);
      const r = place.radiusMm ?? (PAD_RADIUS_MM + hollow.throatRadiusMm) / 2;
      if (r >= hollow.throatRadiusMm)
        throw new DomainError(
          `lies beyond the barrel, ${hollow.throatRadiusMm.toFixed(1)} mm from the axis`,
          'radiusMm',
        );
      return { a: hollowAt(hollow, r), r, na: -1, nr: 0 };
    }
    case 'inner-rim-flange':
      return { a: -halfRimMm, r: rimRadiusMm + FLANGE_HEIGHT_MM / 2, na: -1, nr: 0 };
  }
}

/** Radius of the pad around the hub (common practice, no source), mm. */
const PAD_RADIUS_MM = 75;

function insideOf({ hollow }: Section): Hollow {
  if (!hollow) throw new DomainError('the inside of the present wheel is not known', 'surface');
  return hollow;
}

/** The part of the section a place on it belongs to; of the two rim flanges both sides count as rim. */
export type SectionPart =
  | 'barrel'
  | 'spokes'
  | 'tread'
  | 'outer shoulder'
  | 'inner shoulder'
  | 'outer sidewall'
  | 'inner sidewall'
  | 'outer rim flange'
  | 'inner rim flange';

/** How near a line a place counts as on it, mm. */
const ON_MM = 0.01;

/**
 * Names a place on the section, or near it: tread above the tread's edge; shoulder and sidewall part where the ellipse
 * stands at 45°.
 */
export function sectionPartAt(section: Section, a: number, r: number): SectionPart {
  const side = a >= 0 ? 'outer' : 'inner';
  const { hollow } = section;
  if (hollow && r <= hollow.backRadiusMm && Math.abs(a) < section.halfRimMm - ON_MM)
    return r >= hollow.throatRadiusMm - ON_MM ? 'barrel' : 'spokes';
  if (r <= section.flangeRadiusMm) return `${side} rim flange`;
  if (Math.abs(a) < section.halfTreadMm && r >= section.radiusMm - 2 * section.crownDropMm) return 'tread';
  const corner = surfacePoint(section, 'outer-shoulder');
  // Between belly and the 45° place the sidewall is nearer in direction, above it the shoulder.
  return r > (corner.r + section.bellyRadiusMm) / 2 ? `${side} shoulder` : `${side} sidewall`;
}
