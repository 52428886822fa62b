import { useFetcher } from 'react-router';
import { Notice } from '../controls/Notice';
import { FileButton, FileFaults } from '../parts/FileButton';
import type { ShelfAnswer } from './shelfCommands';
import '../parts/fileButton.css';

/** Takes in a file of the shelf, and says line by line what is wrong with it. */
export function useImportShelf() {
  const fetcher = useFetcher<ShelfAnswer>({ key: 'import-shelf' });
  return {
    busy: fetcher.state !== 'idle',
    answer: fetcher.state === 'idle' ? fetcher.data : undefined,
    take(file: File | undefined) {
      if (!file) return;
      const form = new FormData();
      form.set('file', file);
      void fetcher.submit(form, { method: 'post', action: '/shelf', encType: 'multipart/form-data' });
    },
  };
}
type Import = ReturnType<typeof useImportShelf>;

export const ImportShelfButton = ({ job }: { job: Import }) => (
  <FileButton label="CSV file" accept=".csv,text/csv" busy={job.busy} take={job.take}>
    Import CSV
  </FileButton>
);

export function ImportOutcome({ job: { answer } }: { job: Import }) {
  if (!answer) return null;
  const { faults, file, added, replaced } = answer;
  if (faults.length > 0) return <FileFaults name={file ?? 'The file'} faults={faults} />;
  const done = `${file}: ${added} added, ${replaced} replaced.`;
  return <Notice kind="done" className="file-faults" title={done} />;
}
