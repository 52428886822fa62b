import { lazy, Suspense } from 'react';
import { useRaised } from '../job/useRaised';
import { useSight } from '../job/useSight';
import { ToStation } from '../ui/parts/ToStation';
import { WordSwitch } from '../ui/parts/WordSwitch';
import { useSetupSteps } from '../ui/tray/useSetupSteps';
import { WindowView } from '../ui/window/WindowView';

// The search comes when it is asked for.
const FindView = lazy(() => import('../ui/find/FindView').then((module) => ({ default: module.FindView })));

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
  if (shows === 'find')
    return (
      <Suspense fallback={null}>
        <FindView setup={raised ?? null} views={views} />
      </Suspense>
    );
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
