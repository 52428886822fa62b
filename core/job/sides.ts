import type { Side } from '#core/sweep';
import type { Room } from './room';
import type { VehicleAxle } from './vehicle';

/** The room read on a side: what was not read on the left is taken as on the right. */
export function roomOn(axle: VehicleAxle | undefined, side: Side): Room {
  const right = axle?.room ?? {};
  if (side === 'right' || !axle?.left?.room) return right;
  const known = Object.entries(axle.left.room).filter(([, value]) => value != null);
  return { ...right, ...Object.fromEntries(known) };
}

/** Whether any gap of an axle was read on the left for itself; the body's height over the ground is no gap. */
export const leftDiffers = (axle: VehicleAxle | undefined): boolean =>
  Object.entries(axle?.left?.room ?? {}).some(([key, value]) => value != null && key !== 'groundClearanceMm');
