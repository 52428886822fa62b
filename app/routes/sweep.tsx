import { useRaisedReport } from '../job/ReportsContext';
import { useSelection } from '../job/SelectionContext';
import { ToStation } from '../ui/parts/ToStation';
import { SweepView } from '../ui/sweep/SweepView';
import { useSetupSteps } from '../ui/tray/useSetupSteps';

/**
 * Turns lock to lock and jumps on the bumper: every pose of the raised setup, where it comes nearest and where it
 * touches.
 */
export default function SweepPage() {
  const raised = useRaisedReport();
  const { axle, side } = useSelection();
  useSetupSteps();
  if (raised) return <SweepView key={`${axle}${side}`} {...raised} />;
  return (
    <div className="empty-station">
      <h1>No setup to sweep yet</h1>
      <p>
        A sweep moves a setup through all steering and travel. Build a setup first, and measure what it could touch in
        the Room.
      </p>
      <ToStation station="setups">To the setups</ToStation>
    </div>
  );
}
