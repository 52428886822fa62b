import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { useJob } from '../job/JobContext';
import { BY_SIGN } from '../ui/frame/useJobKeys';
import { useSetupActions } from '../ui/tray/useSetupActions';
import { WindowView } from '../ui/window/WindowView';

/** The range of widths and offsets that can work on an axle, around the raised setup. */
export default function WindowPage() {
  const { current } = useJob();
  const { step } = useSetupActions();
  useHotkeys('j', () => step(1), BY_SIGN);
  useHotkeys('k', () => step(-1), BY_SIGN);
  if (!current)
    return (
      <div className="empty-station">
        <h1>No setup to look around yet</h1>
        <p>
          The window is laid around a setup: its rim diameter, tire and stack. Build one first; the present wheels are a
          good start.
        </p>
        <Link to="../setups">To the setups</Link>
      </div>
    );
  return <WindowView setup={current} />;
}
