import type { Setup } from '#core/job';
import { useDocument } from './DocumentContext';
import { useSelection } from './SelectionContext';

/** The setup that is raised in the tray: the one asked for, the first where the job has none of its name. */
export function useRaised(): Setup | null {
  const { job } = useDocument();
  const { setupId } = useSelection();
  return job.setups.find(({ id }) => id === setupId) ?? job.setups[0] ?? null;
}
