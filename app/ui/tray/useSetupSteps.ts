import { useHotkeys } from 'react-hotkeys-hook';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useRaised } from '../../job/useRaised';
import { BY_SIGN } from '../frame/useJobKeys';

/** The keys that raise the next setup and the one before, wherever one setup is looked at. */
export function useSetupSteps(): void {
  const { job } = useDocument();
  const { raise } = useSelection();
  const raised = useRaised();
  const step = (by: 1 | -1) => {
    const next = raised && job.setups[job.setups.indexOf(raised) + by];
    if (next) raise(next.id);
  };
  useHotkeys('j', () => step(1), BY_SIGN, [job.setups, raised, raise]);
  useHotkeys('k', () => step(-1), BY_SIGN, [job.setups, raised, raise]);
}
