import { InboxOutlined } from '@ant-design/icons';
import { Alert, Button } from 'antd';
import { useRef } from 'react';
import { useFetcher } from 'react-router';
import { faultLine } from '#formats/faults';
import type { StoresAnswer } from './storesActions';

/** Takes in a file of stores, and says line by line what is wrong with it. */
export function useImportStores() {
  const fetcher = useFetcher<StoresAnswer>({ key: 'import-stores' });
  return {
    busy: fetcher.state !== 'idle',
    answer: fetcher.state === 'idle' ? fetcher.data : undefined,
    take(file: File | undefined) {
      if (!file) return;
      const form = new FormData();
      form.set('file', file);
      void fetcher.submit(form, { method: 'post', action: '/stores', encType: 'multipart/form-data' });
    },
  };
}
type Import = ReturnType<typeof useImportStores>;

export function ImportStoresButton({ job }: { job: Import }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        aria-label="CSV file"
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          job.take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button icon={<InboxOutlined />} loading={job.busy} onClick={() => input.current?.click()}>
        Import CSV
      </Button>
    </>
  );
}

export function ImportOutcome({ job: { answer } }: { job: Import }) {
  if (!answer) return null;
  const { faults, file, added, replaced } = answer;
  if (faults.length === 0)
    return (
      <Alert
        type="success"
        role="status"
        className="import-faults"
        title={`${file}: ${added} added, ${replaced} replaced.`}
      />
    );
  return (
    <Alert
      type="error"
      role="alert"
      className="import-faults"
      title={`${file ?? 'The file'} was not taken in; nothing was changed.`}
      description={
        <ul>
          {faults.map((fault) => (
            <li key={faultLine(fault)} className="figure">
              {faultLine(fault)}
            </li>
          ))}
        </ul>
      }
    />
  );
}
