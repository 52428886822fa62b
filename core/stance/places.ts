import { keptFor } from '#core/kept';
import type { AxleName } from '#core/job';
import { toCorner, type Point3 } from '#core/kinematics';
import type { Side } from '#core/sweep';
import type { StanceBody } from './body';
import { inScene, type ScenePlace } from './frame';
import type { Mesh } from './mesh';

/** Places of a corner that figures are drawn between; null where nobody measured, or no wheel is known. */
export interface CornerPlaces {
  axle: AxleName;
  side: Side;
  /** The middle of the hub's face. */
  hub: ScenePlace;
  /** The outer face of the lip where it is highest. */
  lip: ScenePlace | null;
  /** The wheel's outermost place straight over the hub. */
  outermost: ScenePlace | null;
  /** The top of the tread. */
  crown: ScenePlace | null;
}

/** How far ahead of a hub or behind it a place still is straight over it, mm. */
const OVER_HUB_MM = 12;

/** The places of a corner by its bodies, its hub and its lip in the side's frame. */
export function placesOf({ bodies, hub, lip, axle, side }: PlacesAsk): CornerPlaces {
  const over = bodies.filter(({ kind }) => kind === 'tire' || kind === 'rim').flatMap((body) => overHub(body, hub));
  const most = (by: (point: Point3) => number, points: readonly Point3[]): ScenePlace | null => {
    const best = points.reduce<Point3 | null>((one, point) => (one && by(one) >= by(point) ? one : point), null);
    return best && inScene(best, side);
  };
  return {
    axle,
    side,
    hub: inScene(hub, side),
    lip: most(({ up }) => up, lip),
    outermost: most(({ out }) => out, over),
    crown: most(({ up }) => up, over),
  };
}

interface PlacesAsk {
  bodies: readonly StanceBody[];
  hub: Point3;
  lip: readonly Point3[];
  axle: AxleName;
  side: Side;
}

/** The points of a body straight over a hub. */
function overHub({ mesh, placement }: StanceBody, hub: Point3): Point3[] {
  const found: Point3[] = [];
  const positions = topOf(mesh);
  for (let at = 0; at < positions.length; at += 3) {
    const point = { out: positions[at]!, fwd: positions[at + 1]!, up: positions[at + 2]! };
    const placed = toCorner(placement, point);
    if (placed.up > hub.up && Math.abs(placed.fwd - hub.fwd) < OVER_HUB_MM) found.push(placed);
  }
  return found;
}

/** The points of a wheel that may stand over its hub however it is steered, each once: found once a mesh. */
const topOf = keptFor<Mesh, readonly number[]>(({ positions }) => {
  const [top, seen]: [number[], Set<string>] = [[], new Set()];
  for (let at = 0; at < positions.length; at += 3) {
    const [out, fwd, up] = [positions[at]!, positions[at + 1]!, positions[at + 2]!];
    const key = `${out} ${fwd} ${up}`;
    if (up <= Math.abs(fwd) || seen.has(key)) continue;
    seen.add(key);
    top.push(out, fwd, up);
  }
  return top;
});
