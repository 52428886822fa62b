import { useState } from 'react';
import type { Fault } from '#formats/faults';
import type { TakenIn } from '#server/archive';
import { Button } from '../controls/Button';
import { DownloadOutlined } from '../controls/icons';
import { FileButton, FileFaults } from '../parts/FileButton';
import './doors.css';

/** What became of an archive that was to be taken in. */
export type ArchiveAnswer = { taken: TakenIn; faults?: undefined } | { taken?: undefined; faults: Fault[] };

/** Everything the shop has, out and in as one file. */
export function ArchiveTools() {
  const [answer, setAnswer] = useState<(ArchiveAnswer & { name: string }) | null>(null);
  const [busy, setBusy] = useState(false);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setAnswer({ name: file.name, ...(await sent(file)) });
    setBusy(false);
  };
  return (
    <section>
      <h2>Everything as one file</h2>
      <p className="soft">
        All jobs with their numbers, readings and undo, the shelf and the shop defaults: to move to another machine, or
        to keep. Photos are not in it: copy the folder <code>photos</code> of the data folder too.
      </p>
      <div className="archive-tools">
        <Button icon={<DownloadOutlined />} href="/archive" download>
          Save everything
        </Button>
        <FileButton label="Archive" accept=".zip,application/zip" busy={busy} take={(file) => void take(file)}>
          Import an archive
        </FileButton>
      </div>
      {answer?.faults && <FileFaults name={answer.name} faults={answer.faults} />}
      {answer?.taken && <p role="status">{takenWords(answer.taken)}</p>}
    </section>
  );
}

async function sent(file: File): Promise<ArchiveAnswer> {
  const failed = (message: string) => ({ faults: [{ path: '', message }] });
  try {
    const headers = { 'Content-Type': 'application/zip' };
    const response = await fetch('/archive', { method: 'POST', body: file, headers });
    return response.ok ? ((await response.json()) as ArchiveAnswer) : failed(`was not imported (${response.status})`);
  } catch {
    return failed('no answer from Scoval: try again');
  }
}

function takenWords({ jobs, renumbered, items, keptDefaults }: TakenIn): string {
  const numbers = renumbered > 0 ? `; ${renumbered} under a new number` : '';
  const terms = keptDefaults ? ' The shop defaults here did not change.' : '';
  return `${jobs} ${jobs === 1 ? 'job' : 'jobs'} imported${numbers}, ${items} items on the shelf.${terms}`;
}
