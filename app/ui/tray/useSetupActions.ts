import { copyOfSetup, setupFromPresent, type Setup } from '#core/job';
import { useJob } from '../../job/JobContext';
import { useStable } from '../parts/useStable';

export type SetupActions = {
  add(): void;
  double(): void;
  remove(): void;
  step(by: 1 | -1): void;
};

/** What can be done with the row of setups. */
export function useSetupActions(): SetupActions {
  const { job, current, edit, raise } = useJob();
  const put = (setup: Setup, after?: string) => {
    edit({ op: 'add-setup', setup, ...(after === undefined ? {} : { after }) });
    raise(setup.id);
  };
  const neighbour = (by: 1 | -1) => {
    const at = job.setups.findIndex(({ id }) => id === current?.id);
    return job.setups[at + by];
  };
  return useStable({
    add: () => put(setupFromPresent(job)),
    double() {
      if (current) put(copyOfSetup(job, current), current.id);
    },
    remove() {
      if (!current) return;
      const next = neighbour(1) ?? neighbour(-1);
      edit({ op: 'remove-setup', id: current.id });
      if (next) raise(next.id);
    },
    step(by: 1 | -1) {
      const next = neighbour(by);
      if (next) raise(next.id);
    },
  });
}
