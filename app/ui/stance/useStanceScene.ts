import { useMemo } from 'react';
import { AXLES, type AxleName, type Setup } from '#core/job';
import type { Placement, Pose } from '#core/kinematics';
import { sceneWithoutBodies, stanceScene, type StanceBody, type StancePose, type StanceScene } from '#core/stance';
import type { Side } from '#core/sweep';
import { useDocument } from '../../job/DocumentContext';
import { useSweeps } from '../../job/SweepsContext';
import { useOnClient } from '../controls/useOnClient';

/** How the wheels of the axle in hand are held, the others at rest. */
export const useHeld = (axle: AxleName, side: Side, pose: Pose): StancePose =>
  useMemo(() => ({ side, poses: { [axle]: pose } }), [axle, side, pose]);

/**
 * The car with a setup on it, as its wheels are held; made anew only where its own sweeps have come in. Bodies are made
 * in the browser alone: nothing of the first HTML shows them.
 */
export function useStanceScene(setup: Setup | null, held: StancePose): StanceScene | null {
  const { job } = useDocument();
  const { source } = useSweeps();
  const [front, rear] = AXLES.map((axle) => (setup ? source.candidate(job, setup, axle) : undefined));
  const isOnClient = useOnClient(() => true, false);
  return useMemo(() => {
    if (!setup || !isOnClient) return setup && sceneWithoutBodies(job, setup);
    return stanceScene(job, setup, {
      held,
      sweeps: { present: () => undefined, candidate: (_, __, axle) => (axle === 'front' ? front : rear) },
    });
  }, [isOnClient, job, setup, held, front, rear]);
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
