import { useState, type DragEvent } from 'react';
import type { Fault } from '#formats/faults';
import { FileButton, FileFaults } from '../parts/FileButton';
import { useBenchCommand } from './useBenchCommand';

/** The same limit as the reader's, told before half a gigabyte is read into a page. */
const MAX_MB = 12;

/** Takes a job file from a file dialog or dropped on the bench, and says what is wrong with it. */
export function useImportJob() {
  const { send, busy, answer } = useBenchCommand('import');
  const [refused, setRefused] = useState<{ name: string; faults: Fault[] } | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setRefused(null);
    if (file.size > MAX_MB * 1024 * 1024) {
      const message = `the file has ${Math.round(file.size / 1024 / 1024)} MB; a job file has ${MAX_MB} MB at most`;
      setRefused({ name: file.name, faults: [{ path: '', message }] });
      return;
    }
    const form = new FormData();
    form.set('file', file);
    await send(form);
  };
  const outcome = refused ?? (answer?.faults.length ? { name: answer.file ?? 'file', faults: answer.faults } : null);
  return {
    take,
    busy,
    outcome,
    dropTarget: {
      onDragOver: (event: DragEvent) => event.preventDefault(),
      onDrop: (event: DragEvent) => {
        event.preventDefault();
        void take(event.dataTransfer.files[0]);
      },
    },
  };
}

export type ImportJob = ReturnType<typeof useImportJob>;

export const ImportButton = ({ job }: { job: ImportJob }) => (
  <FileButton label="Job file" accept=".json,application/json" busy={job.busy} take={(file) => void job.take(file)}>
    Import job file
  </FileButton>
);

export const ImportFaults = ({ job: { outcome } }: { job: ImportJob }) => outcome && <FileFaults {...outcome} />;
