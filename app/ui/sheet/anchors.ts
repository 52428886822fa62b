import type { CornerSection, WheelSection } from '#core/evaluate';
import type { SheetScale } from './scale';

type Place = readonly [x: number, y: number];
interface Line {
  from: Place;
  to: Place;
}

/** Where the figures, fields and dimension lines of a section stand, in pixels; null where a reading is missing. */
export interface Anchors {
  inner: Line | null;
  innerLabel: Place;
  outer: Line | null;
  outerLabel: Place;
  arch: Line | null;
  archLabel: Place;
  tire: Place;
  rim: Place;
  offset: Line | null;
  offsetField: Place;
  effective: Place;
  backspacing: Line | null;
  backspacingField: Place;
  stack: Place;
}

/**
 * Heights over the hub's axis at which the dimension lines of the wheel run, mm; small wheels push the offset's line
 * down.
 */
const BACKSPACING_UP_MM = 22;
const OFFSET_UP_MM = 96;
/** How far under the drop center the rim's fields stand, and the offset's line under them, px. */
const RIM_FIELD_PX = 30;
const OFFSET_BELOW_RIM_PX = 56;
/** Half the height of a field with its label. */
const HALF_FIELD_PX = 24;

export function anchors({
  scale,
  corner,
  subject,
  archGapMm,
}: {
  scale: SheetScale;
  corner: CornerSection;
  subject: WheelSection;
  archGapMm: number | null;
}): Anchors {
  const { x, y } = scale;
  const { fitted, section } = subject;
  const { place, effectiveOffsetMm, overallDiameterMm } = fitted;
  const center = -(effectiveOffsetMm ?? 40);
  const bellyUp = section?.bellyRadiusMm ?? 260;
  const rimUp = section?.rimRadiusMm ?? 200;
  const belly = y(bellyUp);
  const radius = overallDiameterMm === null ? 300 : overallDiameterMm / 2;
  const flangeInner = section ? center - section.halfRimMm : center - 100;
  const pad = fitted.stackMm ?? 0;
  const innerEdge = corner.innerPartOut === null ? (place?.innerMm ?? -150) - 20 : corner.innerPartOut - 20;
  const outerEdge = Math.max(corner.fenderOut ?? 70, place?.outerMm ?? 70);
  const archX = x(center + 46);
  const tread = y(radius);
  const rimY = y(rimUp - 29) + RIM_FIELD_PX;
  const offsetY = Math.max(y(OFFSET_UP_MM), rimY + OFFSET_BELOW_RIM_PX);
  return {
    inner:
      place && corner.innerPartOut !== null
        ? { from: [x(corner.innerPartOut), belly], to: [x(place.innerMm), belly] }
        : null,
    innerLabel: [x(innerEdge) - 8, belly],
    outer:
      place && corner.fenderOut !== null ? { from: [x(place.outerMm), belly], to: [x(corner.fenderOut), belly] } : null,
    outerLabel: [x(outerEdge) + 10, belly],
    arch: archGapMm !== null ? { from: [archX, tread], to: [archX, tread - archGapMm * scale.k] } : null,
    // Never above the paper, however small the gap or little the room.
    archLabel: [archX - 10, Math.max(HALF_FIELD_PX, tread - ((archGapMm ?? 60) * scale.k) / 2)],
    tire: [x(center), belly - 2],
    rim: [x(center), rimY],
    offset: effectiveOffsetMm === null ? null : { from: [x(center), offsetY], to: [x(0), offsetY] },
    offsetField: [x(center) - 8, offsetY - 8],
    // Over its line, or beside the face where the line is too short to carry it.
    effective: Math.abs(x(0) - x(center)) < 58 ? [x(0) + 44, offsetY] : [x(center / 2), offsetY - 11],
    backspacing:
      section && effectiveOffsetMm !== null
        ? { from: [x(flangeInner), y(BACKSPACING_UP_MM)], to: [x(pad), y(BACKSPACING_UP_MM)] }
        : null,
    backspacingField: [x((flangeInner + pad) / 2), y(BACKSPACING_UP_MM) - 24],
    stack: [x(Math.max(pad, 0)) + 30, y(30)],
  };
}
