import { useMemo } from 'react';
import type { AxleName, Setup } from '#core/job';
import type { Placement, Pose } from '#core/kinematics';
import { stanceScene, type StanceBody, type StancePose, type StanceScene } from '#core/stance';
import type { Side } from '#core/sweep';
import { useDocument } from '../../job/DocumentContext';
import { useSweeps } from '../../job/SweepsContext';

/** How the wheels of the axle in hand are held, the others at rest. */
export const useHeld = (axle: AxleName, side: Side, pose: Pose): StancePose =>
  useMemo(() => ({ side, poses: { [axle]: pose } }), [axle, side, pose]);

/** The car with a setup on it, as its wheels are held. */
export function useStanceScene(setup: Setup | null, held: StancePose): StanceScene | null {
  const { job } = useDocument();
  const { source: sweeps } = useSweeps();
  return useMemo(() => setup && stanceScene(job, setup, { held, sweeps }), [job, setup, held, sweeps]);
}

/** The bodies of the other axle, moved to where the axle in hand stands: laid over it. */
export function axleOver({ bodies, wheelbaseMm }: StanceScene, axle: AxleName): StanceBody[] {
  const by = axle === 'front' ? wheelbaseMm : -wheelbaseMm;
  return bodies
    .filter((body) => body.axle !== null && body.axle !== axle)
    .map((body) => ({ ...body, placement: ahead(body.placement, by) }));
}

/** The same placement so much further ahead. */
function ahead(placement: Placement, by: number): Placement {
  const moved = Float64Array.from(placement);
  moved[7]! += by;
  return moved;
}
