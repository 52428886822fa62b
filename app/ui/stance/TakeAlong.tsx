import { nanoid } from 'nanoid';
import { useState } from 'react';
import { outerCorner } from '#core/fitting';
import type { Setup } from '#core/job';
import { stancePhotoName } from '#core/note';
import type { StancePose } from '#core/stance';
import { Button } from '../controls/Button';
import { useDocument, useSaves } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { poseText } from '../../job/sight';
import { usePreferences } from '../../preferences/PreferencesContext';
import { writeNote } from '../notes/noteEdits';
import { sendPhoto } from '../notes/sendPhoto';
import { CameraOutlined, DownloadOutlined, FileTextOutlined } from '../controls/icons';
import './stance.css';

interface TakeAlongProps {
  setup: Setup | null;
  held: StancePose;
  /** Makes the picture; null while there is none. */
  picture: (() => Promise<Blob>) | null;
  /** What it shows, in a line. */
  words: string;
}

type Said = { text: string; isFault: boolean } | null;

/** Ways for the view to leave the screen: a picture, a note in the job's log, a file for other programs. */
export function TakeAlong({ setup, held, picture, words }: TakeAlongProps) {
  const { id, job, edit } = useDocument();
  const { state } = useSaves();
  const { axle, side } = useSelection();
  const { initials: by } = usePreferences();
  const [said, say] = useState<Said>(null);
  const [isBusy, setBusy] = useState(false);
  const name = stancePhotoName(setup?.id ?? null);
  const pose = held.poses[axle];
  const query = new URLSearchParams({
    ...(setup ? { setup: setup.id } : {}),
    axle,
    side,
    ...(pose ? { pose: poseText(pose) } : {}),
  });
  const busily = async (work: () => Promise<Said>) => {
    setBusy(true);
    say(await work().catch(() => ({ text: 'The browser gave no picture out. Try again.', isFault: true })));
    setBusy(false);
  };
  const keep = () =>
    busily(async () => {
      const blob = await picture!();
      const link = document.createElement('a');
      link.href = URL.createObjectURL(blob);
      link.download = name;
      link.click();
      URL.revokeObjectURL(link.href);
      return null;
    });
  const note = () =>
    busily(async () => {
      const answer = await sendPhoto(new File([await picture!()], name, { type: 'image/png' }));
      if (!answer.photo) return { text: `The picture ${answer.fault}.`, isFault: true };
      const written = {
        id: `n${nanoid(10)}`,
        at: new Date().toISOString(),
        ...(by ? { by } : {}),
        text: `Stance: ${words}`,
        photos: [answer.photo.id],
        about: {
          station: 'stance' as const,
          corner: outerCorner({ axle, side }),
          ...(setup ? { setup: setup.id } : {}),
        },
      };
      edit(...writeNote(job, written, [answer.photo]));
      return {
        text: setup
          ? 'The picture is in the log, and on the customer’s sheet with this setup.'
          : 'The picture is in the log.',
        isFault: false,
      };
    });
  const isSaved = state.queue.length === 0;
  return (
    <section aria-label="Take it along">
      <h2 className="label">Take it along</h2>
      <div className="stance-out">
        <Button icon={<CameraOutlined />} disabled={!picture || isBusy} onClick={() => void keep()}>
          Picture
        </Button>
        <Button icon={<FileTextOutlined />} disabled={!picture || isBusy} onClick={() => void note()}>
          Picture to the log
        </Button>
        <Button
          icon={<DownloadOutlined />}
          disabled={!isSaved}
          {...(isSaved ? { href: `/jobs/${id}/stance.glb?${query}` } : {})}
        >
          3-D file
        </Button>
      </div>
      {said && (
        <p role={said.isFault ? 'alert' : 'status'} className={said.isFault ? 'field-fault' : 'soft'}>
          {said.text}
        </p>
      )}
      <p className="soft">The 3-D file (GLB) opens in any 3-D viewer, in true size.</p>
    </section>
  );
}
