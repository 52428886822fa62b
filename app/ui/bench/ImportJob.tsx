import { useState, type DragEvent } from 'react';
import { useNavigate } from 'react-router';
import type { Fault } from '#formats/faults';
import type { JobZipAnswer } from '../../routes/job-zips';
import { FileButton, FileFaults } from '../parts/FileButton';
import { useBenchCommand } from './useBenchCommand';

/** The same limit as the reader's, told before half a gigabyte is read into a page. */
const MAX_MB = 12;

const isZip = ({ name, type }: File): boolean => type === 'application/zip' || /\.zip$/i.test(name);

/** Sends a job with its photos: the zip is written to a file as it comes in, for it may be large. */
async function sentZip(body: File): Promise<JobZipAnswer> {
  try {
    const headers = { 'Content-Type': 'application/zip' };
    const answer = await fetch('/job-zips', { method: 'POST', body, headers });
    if (answer.ok) return (await answer.json()) as JobZipAnswer;
    return { faults: [{ path: '', message: 'the server refused it: try again' }] };
  } catch {
    return { faults: [{ path: '', message: 'no answer from Scoval: try again' }] };
  }
}

/** Takes a job file, bare or with its photos, from a file dialog or dropped on the bench, and says what is wrong. */
export function useImportJob() {
  const { send, busy, answer } = useBenchCommand('import');
  const navigate = useNavigate();
  const [isSending, setSending] = useState(false);
  const [refused, setRefused] = useState<{ name: string; faults: Fault[] } | null>(null);
  const takeZip = async (file: File) => {
    setSending(true);
    const { id, faults } = await sentZip(file);
    setSending(false);
    if (faults) setRefused({ name: file.name, faults });
    else await navigate(`/jobs/${id}`);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    setRefused(null);
    if (isZip(file)) return takeZip(file);
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
    busy: busy || isSending,
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
  <FileButton
    label="Job file"
    accept=".json,application/json,.zip,application/zip"
    busy={job.busy}
    take={(file) => void job.take(file)}
  >
    Import job file
  </FileButton>
);

export const ImportFaults = ({ job: { outcome } }: { job: ImportJob }) => outcome && <FileFaults {...outcome} />;
