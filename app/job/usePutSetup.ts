import { freeSetupId, SETUP_NAME_LENGTH, type Setup } from '#core/job';
import { useDocument } from './DocumentContext';
import { useSelection } from './SelectionContext';

interface PutSetup {
  setup: Omit<Setup, 'id'>;
  /** Its name, cut where names end. */
  label?: string;
  /** The setup it was made of, and beside which it stands. */
  after?: string;
}

/** Puts a setup into the job under a free id and raises it; a dialog it was made in closes. */
export function usePutSetup(): (put: PutSetup) => void {
  const { job, edit } = useDocument();
  const { raise } = useSelection();
  return ({ setup, label, after }) => {
    const id = freeSetupId(job);
    const named = label === undefined ? {} : { label: label.slice(0, SETUP_NAME_LENGTH) };
    edit({ op: 'add-setup', setup: { ...setup, id, ...named }, ...(after === undefined ? {} : { after }) });
    raise(id);
  };
}
