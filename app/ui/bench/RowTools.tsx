import { CopyOutlined, InboxOutlined, RollbackOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useFetcher, useNavigate } from 'react-router';
import type { JobListItem } from '#server/bench';
import type { BenchAnswer } from './benchCommands';
import '../frame/shop.css';

/** What can be done with a job in its row. */
export function RowTools({ job }: { job: JobListItem }) {
  const fetcher = useFetcher<BenchAnswer>();
  const navigate = useNavigate();
  const send = (intent: string) =>
    void fetcher.submit({ intent, id: job.id }, { method: 'post', action: '/?index', encType: 'application/json' });
  const fault = fetcher.data?.faults[0];
  return (
    <span className="row-tools">
      <Button
        type="text"
        title="Duplicate"
        aria-label={`Duplicate ${job.number}`}
        icon={<CopyOutlined />}
        onClick={() => send('duplicate')}
      />
      <Button
        type="text"
        title={job.archived ? 'Back on the bench' : 'Put away'}
        aria-label={`${job.archived ? 'Bring back' : 'Put away'} ${job.number}`}
        icon={job.archived ? <RollbackOutlined /> : <InboxOutlined />}
        onClick={() => send(job.archived ? 'unarchive' : 'archive')}
      />
      {fault && (
        <button type="button" className="field-fault" onClick={() => void navigate(0)}>
          {fault.message}
        </button>
      )}
    </span>
  );
}
