import { useNavigate } from 'react-router';
import type { JobListItem } from '#server/bench';
import { Button } from '../controls/Button';
import { CopyOutlined, InboxOutlined, RollbackOutlined } from '../controls/icons';
import { useBenchCommand } from './useBenchCommand';
import '../frame/shop.css';

/** What can be done with a job in its row. */
export function RowTools({ job }: { job: JobListItem }) {
  const { send, answer } = useBenchCommand();
  const navigate = useNavigate();
  const ask = (intent: string) => void send({ intent, id: job.id });
  const fault = answer?.faults[0];
  return (
    <span className="row-tools">
      <Button
        kind="text"
        title="Duplicate"
        aria-label={`Duplicate ${job.number}`}
        icon={<CopyOutlined />}
        onClick={() => ask('duplicate')}
      />
      <Button
        kind="text"
        title={job.archived ? 'Restore' : 'Archive'}
        aria-label={`${job.archived ? 'Restore' : 'Archive'} ${job.number}`}
        icon={job.archived ? <RollbackOutlined /> : <InboxOutlined />}
        onClick={() => ask(job.archived ? 'unarchive' : 'archive')}
      />
      {fault && (
        <button type="button" className="field-fault" onClick={() => void navigate(0)}>
          {fault.message}
        </button>
      )}
    </span>
  );
}
