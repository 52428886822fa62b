import { insideOf, solidOf, type Fitted } from '#core/evaluate';
import type { Hub } from '#core/hub';
import { rimOutline } from '#core/section';
import type { Side } from '#core/sweep';
import { mmFromInches } from '#core/units';
import { box } from './box';
import { shifted, type Mesh } from './mesh';
import { revolved } from './revolved';
import { SEGMENTS } from './segments';
import { spokesBody } from './spokes';
import { moulded, tireBody, treadMarks } from './tire';

/** The flange of a hub, for orientation, mm. */
const HUB_FLANGE = { radiusMm: 68, thickMm: 12 };
/** How far a stack reaches from the axis, mm. */
const STACK_RADIUS_MM = 76;

/** The bodies of a wheel in its hub's frame; one that cannot be made is left out. */
export interface WheelBodies {
  tire: Mesh;
  tread: Mesh;
  letters: Mesh | null;
  rim: Mesh;
  spokes: Mesh | null;
}

/** The wheels of a side, the inner one of a pair first; none while a dimension or the offset is missing. */
export function wheelBodies(fitted: Fitted, side: Side = 'right'): WheelBodies[] {
  const { rimWidthIn, style, spokeCount } = fitted.wheel;
  const inside = insideOf(fitted);
  if (rimWidthIn == null) return [];
  return (solidOf(fitted)?.bodies ?? []).map(({ section, centerOut, turned = false }) => {
    const placed = (mesh: Mesh) => shifted(mesh, { out: centerOut });
    const size = fitted.tire.size?.trim();
    return {
      tire: placed(tireBody(section, mmFromInches(rimWidthIn) / 2)),
      tread: placed(treadMarks(section)),
      letters: size ? placed(moulded(section, size, side)) : null,
      rim: placed(revolved(rimOutline(section, rimWidthIn), SEGMENTS)),
      spokes: inside && placed(spokesBody(inside, { style, spokeCount }, turned)),
    };
  });
}

/** A hub with its centering lip, in its own frame. */
export function hubBody({ boreMm, lipHeightMm }: Pick<Hub, 'boreMm' | 'lipHeightMm'>): Mesh {
  const { radiusMm, thickMm } = HUB_FLANGE;
  const lip = boreMm != null && lipHeightMm != null && lipHeightMm > 0 ? { r: boreMm / 2, a: lipHeightMm } : null;
  return revolved(
    [
      { a: -thickMm, r: 0 },
      { a: -thickMm, r: radiusMm },
      { a: 0, r: radiusMm },
      ...(lip
        ? [
            { a: 0, r: lip.r },
            { a: lip.a, r: lip.r },
            { a: lip.a, r: 0 },
          ]
        : [{ a: 0, r: 0 }]),
    ],
    SEGMENTS,
  );
}

/** What stands between hub and wheel; null where nothing does. */
export const stackBody = ({ stackMm }: Fitted, { boreMm }: Pick<Hub, 'boreMm'>): Mesh | null =>
  stackMm === null || stackMm <= 0
    ? null
    : revolved(box([0, stackMm], [Math.min(boreMm ?? 0, 2 * STACK_RADIUS_MM - 20) / 2 + 1, STACK_RADIUS_MM]), SEGMENTS);
