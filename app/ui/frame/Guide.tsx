import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { usePreferences } from '../../preferences/PreferencesContext';
import { ToStation } from '../parts/ToStation';
import { GUIDE_STEPS, guideAt } from './guideSteps';
import './guide.css';

/** Goes along with a first job and says the next thing, until it is dismissed for good. */
export function Guide() {
  const { guide, choose } = usePreferences();
  const { job } = useDocument();
  if (guide !== 'on') return null;
  const at = guideAt(job);
  const step = GUIDE_STEPS[at];
  return (
    <aside className="guide" aria-label="Guide">
      <span className="figure soft">
        {Math.min(at + 1, GUIDE_STEPS.length)} of {GUIDE_STEPS.length}
      </span>
      <span role="status">
        {step?.text ??
          'That is a first verdict. Compare, Sweep and Window go on from here; Hub and Brakes complete it.'}
      </span>
      {step && (
        <ToStation station={step.station} sight={step.sight ?? {}}>
          Go there
        </ToStation>
      )}
      <Button size="small" onClick={() => choose({ guide: 'off' })}>
        {step ? 'Close the guide' : 'Done'}
      </Button>
    </aside>
  );
}
