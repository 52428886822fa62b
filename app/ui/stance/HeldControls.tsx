import type { AxleName } from '#core/job';
import { Button } from '../controls/Button';
import { CaretRightOutlined, PauseOutlined } from '../controls/icons';
import { Tip } from '../controls/Tip';
import { PoseControls } from '../space/PoseControls';
import type { HeldPose } from './useHeldPose';

/** Steers and moves the wheels of the axle in hand, or plays them from lock to lock. */
export function HeldControls({ held, axle }: { held: HeldPose; axle: AxleName }) {
  const { pose, restMm, geometry, range, isPlaying, togglePlay, move } = held;
  if (!geometry || !range)
    return (
      <p className="soft">
        How the {axle} wheels move is not known: give the kind of suspension at the Room to steer and move them.
      </p>
    );
  return (
    <>
      <Tip title="Play it (Y)">
        <Button size="small" icon={isPlaying ? <PauseOutlined /> : <CaretRightOutlined />} onClick={togglePlay}>
          {isPlaying ? 'Stop' : range.steer[1] > range.steer[0] ? 'Lock to lock' : 'Stop to stop'}
        </Button>
      </Tip>
      <PoseControls geometry={geometry} pose={pose} move={move} travel={range.travel} restMm={restMm} />
    </>
  );
}
