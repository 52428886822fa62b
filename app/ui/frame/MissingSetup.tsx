import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useRaised } from '../../job/useRaised';

/** Says where a link, or a step back, leads to a setup that the job has not, or has no more. */
export function MissingSetup() {
  const { job } = useDocument();
  const { setupId } = useSelection();
  const raised = useRaised();
  if (setupId === null || job.setups.some(({ id }) => id === setupId)) return null;
  return (
    <span className="saved" role="status">
      Setup {setupId.slice(0, 12).toUpperCase()} is not in this job{raised && `; ${raised.id.toUpperCase()} is shown`}.
    </span>
  );
}
