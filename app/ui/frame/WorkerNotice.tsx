import { Button } from '../controls/Button';
import { useSweeps, useSweepState } from '../../job/SweepsContext';

/** Said once, wherever one stands: the worker behind sweeps and searches has ended; what it found is from before. */
export function WorkerNotice() {
  const { store } = useSweeps();
  const { halted } = useSweepState();
  if (halted !== 'died') return null;
  return (
    <span className="saved saved-bad" role="alert">
      The sweep stopped; clearances may be out of date.
      <Button size="small" onClick={() => store.again()}>
        Sweep again
      </Button>
    </span>
  );
}
