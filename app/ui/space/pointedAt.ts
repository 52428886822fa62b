import { toHub, type Placement } from '#core/kinematics';
import { SURFACES, surfacePoint, type SurfaceName } from '#core/section';
import type { SweptSolid } from '#core/sweep';
import type { Flat, ViewName } from './views';

/** What somebody pointed at on a drawing of the wheel. */
export interface Pointed {
  clockDeg?: number;
  surface?: SurfaceName;
}

/** How far off the wheel a click still means it, mm. */
const NEAR_MM = 90;

/**
 * A click on a drawing: from outside it says the clock angle, from behind and above the place on the section that is
 * nearest. Null off the wheel.
 */
export function pointedAt({
  view,
  flat: [right, up],
  solid,
  placement,
}: {
  view: ViewName;
  flat: Flat;
  solid: SweptSolid;
  placement: Placement;
}): Pointed | null {
  const body = solid.bodies[0]!;
  if (view === 'side') {
    const { fwd, up: high } = toHub(placement, { out: placement[3]!, fwd: right, up });
    if (Math.hypot(fwd, high) > body.section.radiusMm + NEAR_MM) return null;
    return { clockDeg: Math.round((Math.atan2(fwd, high) * 180) / Math.PI) };
  }
  const place =
    view === 'behind'
      ? toHub(placement, { out: right, fwd: placement[7]!, up })
      : toHub(placement, { out: right, fwd: up, up: placement[11]! });
  const radius = Math.hypot(place.fwd, place.up);
  let best: { surface: SurfaceName; mm: number } | null = null;
  for (const surface of SURFACES) {
    const on = surface.startsWith('outer') ? solid.bodies.at(-1)! : body;
    if ((surface === 'barrel' || surface === 'spokes') && !on.section.hollow) continue;
    const { a, r } = surfacePoint(on.section, surface);
    const mm = Math.hypot(place.out - on.centerOut - a, radius - r);
    if (!best || mm < best.mm) best = { surface, mm };
  }
  return best && best.mm <= NEAR_MM ? { surface: best.surface } : null;
}
