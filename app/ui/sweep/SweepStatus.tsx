import { Button, Progress } from 'antd';
import { useSweepState } from '../../job/useSweeps';
import { useJob } from '../../job/JobContext';
import '../parts/askedStatus.css';

/**
 * What the sweeps are doing: their progress with a stop, or why there are none with a way to go on. Nothing once all is
 * swept.
 */
export function SweepStatus() {
  const { sweepStore } = useJob();
  const { waiting, share, halted } = useSweepState(sweepStore);
  if (halted === 'died')
    return (
      <span className="asked-status is-fail" role="alert">
        The sweep ended by itself; figures of parts may be from before.
        <Button size="small" onClick={() => sweepStore.again()}>
          Sweep again
        </Button>
      </span>
    );
  if (halted === 'stopped')
    return (
      <span className="asked-status" role="status">
        Stopped; {waiting} {waiting === 1 ? 'sweep is' : 'sweeps are'} not made.
        <Button size="small" onClick={() => sweepStore.again()}>
          Go on
        </Button>
      </span>
    );
  if (waiting <= 0) return null;
  return (
    <span className="asked-status">
      <Progress percent={Math.round(100 * share)} size="small" showInfo={false} aria-label="Sweep" />
      {waiting} to sweep
      <Button size="small" onClick={() => sweepStore.stop()}>
        Stop
      </Button>
    </span>
  );
}
