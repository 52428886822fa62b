import { Button } from '../controls/Button';
import { Progress } from '../controls/Progress';
import { useSweeps, useSweepState } from '../../job/SweepsContext';
import '../parts/askedStatus.css';

/** What the sweeps are doing: their progress with a stop, or a way to go on after one. Nothing once all is swept. */
export function SweepStatus() {
  const { store } = useSweeps();
  const { waiting, share, halted } = useSweepState();
  if (halted === 'stopped')
    return (
      <span className="asked-status" role="status">
        Stopped; {waiting} {waiting === 1 ? 'sweep' : 'sweeps'} left.
        <Button size="small" onClick={() => store.again()}>
          Go on
        </Button>
      </span>
    );
  if (waiting <= 0 || halted === 'died') return null;
  return (
    <span className="asked-status">
      <Progress share={share} label="Sweep" />
      {waiting} to sweep
      <Button size="small" onClick={() => store.stop()}>
        Stop
      </Button>
    </span>
  );
}
