import { useRaised } from '../job/useRaised';
import { useSight } from '../job/useSight';
import { later } from '../ui/parts/later';
import { ToStation } from '../ui/parts/ToStation';
import { WordSwitch } from '../ui/parts/WordSwitch';
import { useSetupSteps } from '../ui/tray/useSetupSteps';
import { WindowView } from '../ui/window/WindowView';

const FindView = later(() => import('../ui/find/FindView').then((module) => module.FindView));

type Shown = 'window' | 'find';
const SHOWS: readonly (readonly [Shown, string])[] = [
  ['window', 'Window'],
  ['find', 'Find'],
];

/**
 * What can work on the car: the range of widths and offsets around the raised setup, or the best of what the shelf
 * has.
 */
export default function WindowPage() {
  const raised = useRaised();
  const [shows, setShows] = useSight<Shown>('view', ['window', 'find']);
  useSetupSteps();
  const views = (
    <WordSwitch<Shown>
      label="View"
      tip="What widths and offsets work, or what of the shelf does"
      options={SHOWS}
      value={shows}
      choose={setShows}
    />
  );
  if (shows === 'find') return <FindView setup={raised ?? null} views={views} />;
  if (raised) return <WindowView setup={raised} views={views} />;
  return (
    <div className="empty-station">
      <h1>No setup yet</h1>
      <p>
        The window shows every rim width and offset that fits around a setup&apos;s rim diameter, tire and stack. Build
        one first; the present wheels are a good start.
      </p>
      <ToStation station="setups">To the setups</ToStation>
      <p>Or look for what fits the car as it stands among everything on the shelf.</p>
      {views}
    </div>
  );
}
