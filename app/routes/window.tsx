import { useRaised } from '../job/useRaised';
import { ToStation } from '../ui/parts/ToStation';
import { useSetupSteps } from '../ui/tray/useSetupSteps';
import { WindowView } from '../ui/window/WindowView';

/** The range of widths and offsets that can work on an axle, around the raised setup. */
export default function WindowPage() {
  const raised = useRaised();
  useSetupSteps();
  if (raised) return <WindowView setup={raised} />;
  return (
    <div className="empty-station">
      <h1>No setup yet</h1>
      <p>
        The window shows every rim width and offset that fits around a setup&apos;s rim diameter, tire and stack. Build
        one first; the present wheels are a good start.
      </p>
      <ToStation station="setups">To the setups</ToStation>
    </div>
  );
}
