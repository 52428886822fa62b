import type { AxleName } from '#core/job';
import type { Placement } from '#core/kinematics';
import type { Side } from '#core/sweep';
import { meshInScene } from './frame';
import { moved, type Mesh } from './mesh';

/** What a body is. */
export const STANCE_KINDS = [
  'tire',
  'tread',
  'letters',
  'rim',
  'spokes',
  'stack',
  'hub',
  'rotor',
  'caliper',
  'lip',
  'part',
  'contact',
  'panel',
  'liner',
] as const;
export type StanceKind = (typeof STANCE_KINDS)[number];

/** A body of the scene: its mesh as it was made, which stays the same while only what it hangs on moves. */
export interface StanceBody {
  /** Names it, such as `tire-front-right`. */
  name: string;
  kind: StanceKind;
  /** The axle it belongs to; null for what goes over both. */
  axle: AxleName | null;
  side: Side;
  mesh: Mesh;
  /** Where it stands in its side's frame: out from the car's middle, ahead of the front axle, over the ground. */
  placement: Placement;
}

/** A body where it stands, in the car's frame: x forward, y up, z to the right; mm. */
export const meshOf = ({ mesh, placement, side }: StanceBody): Mesh => meshInScene(moved(mesh, placement), side);
