import { faceIsOf, familyFace, type AxialPoint, type InnerFace, type SpokeFamily } from '#core/brake';
import type { Wheel } from '#core/job';
import type { Inside } from '#core/section';

/** The spokes of a wheel of which nobody said more: straight from rim to pad (common practice, no source). */
const USUAL_FAMILY: SpokeFamily = 'flat';

/** What says how the inside of a wheel looks. */
export interface WheelInside {
  wheel: Pick<Wheel, 'rimDiameterIn' | 'rimWidthIn' | 'innerFace'>;
  offsetMm: number | null;
  flangeMm: number;
}

/** How another wheel's inside, or one that is off, is asked for. */
export interface InsideAsk {
  /** Made for a wheel of this offset in place of its own: a wheel that is moved along its axis keeps its inside. */
  offsetMm?: number | undefined;
  /** Metal that stands so much further in, mm. */
  offMm?: number | undefined;
  /** This one, whatever the wheel's own is. */
  given?: Inside | null | undefined;
}

/**
 * The inside of a wheel from its rim centerline: barrel and spokes as they were measured on this very wheel, else as
 * its family usually has them, assumed. Null while a dimension of the wheel is missing.
 */
export function insideOf(
  { wheel, offsetMm: own, flangeMm }: WheelInside,
  { offsetMm = own ?? undefined, offMm = 0, given }: InsideAsk = {},
): Inside | null {
  if (given) return given;
  if (wheel.rimDiameterIn == null || wheel.rimWidthIn == null || offsetMm === undefined) return null;
  const read = ownFace(wheel.innerFace, wheel.rimWidthIn, own);
  const family = familyFace(wheel.innerFace?.family ?? USUAL_FAMILY, {
    rimDiameterIn: wheel.rimDiameterIn,
    rimWidthIn: wheel.rimWidthIn,
    offsetMm,
    flangeMm,
  });
  const barrel = read?.barrel ?? family.barrel!;
  const spoke = read?.spoke ?? family.spoke!;
  // A face is drawn from the pad, which stands outboard of the rim centerline by the offset.
  const placed = (line: readonly AxialPoint[], inward: number, down: number) =>
    line.map(({ a, r }) => ({ a: a + offsetMm - inward, r: r - down }));
  return {
    barrel: placed(barrel, 0, offMm),
    spoke: placed(spoke, offMm, 0),
    padMm: offsetMm,
    assumed: read?.barrel === undefined || read.spoke === undefined || read.origin === 'family',
    barrelAssumed: read?.barrel === undefined || read.origin === 'family',
  };
}

/** The inside that a wheel usually has, of which nobody said more: assumed. Null while a dimension is missing. */
export const usualFace = (
  { rimDiameterIn, rimWidthIn, innerFace }: Wheel,
  offsetMm: number | null,
  flangeMm: number,
): InnerFace | null =>
  rimDiameterIn == null || rimWidthIn == null || offsetMm === null
    ? null
    : familyFace(innerFace?.family ?? USUAL_FAMILY, { rimDiameterIn, rimWidthIn, offsetMm, flangeMm });

/** A face that was read on this wheel; null where it is another wheel's. */
function ownFace(face: InnerFace | undefined, rimWidthIn: number, offsetMm: number | null): InnerFace | null {
  return !face || faceIsOf(face, rimWidthIn, offsetMm) === false ? null : face;
}
