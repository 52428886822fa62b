import { copyOfSetup, isFitted, removeSetupEdits, setupFromPresent } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useRaised } from '../../job/useRaised';
import { useSelection } from '../../job/SelectionContext';
import { useStable } from '../parts/useStable';

export type SetupActions = {
  add(): void;
  double(): void;
  remove(): void;
};

/** What can be done with the row of setups. */
export function useSetupActions(): SetupActions {
  const { job, edit } = useDocument();
  const raised = useRaised();
  const { raise } = useSelection();
  const put = usePutSetup();
  return useStable({
    add: () => put({ setup: setupFromPresent(job) }),
    double() {
      if (raised) put({ setup: copyOfSetup(job, raised), after: raised.id });
    },
    remove() {
      if (!raised || isFitted(job, raised.id)) return;
      const at = job.setups.indexOf(raised);
      const next = job.setups[at + 1] ?? job.setups[at - 1];
      edit(...removeSetupEdits(job, raised.id));
      raise(next?.id ?? null);
    },
  });
}
