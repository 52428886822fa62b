import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { useJob } from '../job/JobContext';
import { BY_SIGN } from '../ui/frame/useJobKeys';
import { SweepView } from '../ui/sweep/SweepView';

/**
 * Turns lock to lock and jumps on the bumper: every pose of the raised setup, where it comes nearest and where it
 * touches.
 */
export default function SweepPage() {
  const { setups, current, axle, side, raise } = useJob();
  const [beside, setBeside] = useState<'parts' | 'remedies'>('parts');
  const at = setups.findIndex(({ setup }) => setup.id === current?.id);
  const step = (by: number) => {
    const next = setups[at + by];
    if (next) raise(next.setup.id);
  };
  useHotkeys('j', () => step(1), BY_SIGN, [at, setups]);
  useHotkeys('k', () => step(-1), BY_SIGN, [at, setups]);
  const raised = setups[at];
  if (!raised)
    return (
      <div className="empty-station">
        <h1>No setup to sweep yet</h1>
        <p>
          A sweep moves a setup through all steer and travel. Build one first; what it could touch is read in the Room.
        </p>
        <Link to="../setups">To the setups</Link>
      </div>
    );
  return (
    <SweepView
      key={`${axle}${side}`}
      setup={raised.setup}
      report={raised.report}
      beside={beside}
      setBeside={setBeside}
    />
  );
}
