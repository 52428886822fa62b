import { nanoid } from 'nanoid';
import { useContext, useId, useRef, useState } from 'react';
import type { Note, NotePlace } from '#core/note';
import { Button } from '../controls/Button';
import { LongText } from '../controls/LongText';
import { useDocument } from '../../job/DocumentContext';
import { usePreferences } from '../../preferences/PreferencesContext';
import { DraftsContext } from '../fields/DraftsContext';
import { Dialog } from '../controls/Dialog';
import { DeleteOutlined } from '../controls/icons';
import { Segments } from '../controls/Segments';
import { removeNote, writeNote } from './noteEdits';
import { PhotoThumb } from './PhotoThumb';
import { PhotoPicker } from './PhotoPicker';
import { placeWords } from './placeWords';
import type { Uploads } from './useUploads';
import './notes.css';

interface NoteDialogProps {
  /** The note that is changed; null where a new one is written. */
  note: Note | null;
  about: NotePlace | null;
  /** Its new photos: like its text they stay while the dialog is closed. */
  uploads: Uploads;
  close(): void;
}

/** A note with photos: one field, about what is looked at or about the whole job. */
export function NoteDialog({ note, about, uploads, close }: NoteDialogProps) {
  const { job, edit } = useDocument();
  const { initials: by } = usePreferences();
  const drafts = useContext(DraftsContext);
  const draft = `note/${note?.id ?? 'new'}`;
  const [text, setText] = useState(drafts.get(draft) ?? note?.text ?? '');
  const [kept, keep] = useState(note?.photos ?? []);
  const [isOfPlace, setOfPlace] = useState(about !== null);
  const [fault, setFault] = useState<string | null>(null);
  const names = useId();
  const field = useRef<HTMLTextAreaElement>(null);
  const type = (next: string) => {
    setText(next);
    setFault(null);
    drafts.set(draft, next);
  };
  const end = () => {
    drafts.delete(draft);
    uploads.clear();
    close();
  };
  const photos = [...new Set([...kept, ...uploads.photos.map(({ id }) => id)])];
  const nameOf = (id: string): string =>
    [...uploads.photos, ...(job.photos ?? [])].find((photo) => photo.id === id)?.name ?? id;
  const leaveOut = (id: string) => {
    keep(kept.filter((one) => one !== id));
    for (const upload of uploads.all) if (upload.photo?.id === id) uploads.drop(upload);
  };
  const save = () => {
    const words = text.trim();
    if (uploads.isSending) return setFault('A photo is still being sent.');
    if (words === '' && photos.length === 0) {
      field.current?.focus();
      return setFault('Write something, or add a photo.');
    }
    const written: Note = {
      id: note?.id ?? `n${nanoid(10)}`,
      at: note?.at ?? new Date().toISOString(),
      ...(note ? { by: note.by } : by ? { by } : {}),
      ...(words === '' ? {} : { text: words }),
      ...(photos.length === 0 ? {} : { photos }),
      ...(about && isOfPlace ? { about } : {}),
    };
    edit(...writeNote(job, written, uploads.photos));
    end();
  };
  return (
    <Dialog
      title={note ? 'Change the note' : 'Note'}
      okText="Save note"
      onOk={save}
      onCancel={close}
      footer={(buttons) => (
        <span className="photo-tools">
          {note && (
            <Button
              icon={<DeleteOutlined />}
              onClick={() => {
                edit(...removeNote(job, note));
                end();
              }}
            >
              Delete the note
            </Button>
          )}
          {buttons}
        </span>
      )}
    >
      <form
        className="note-form"
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) save();
        }}
      >
        {about && note === null ? (
          <Segments
            aria-label="About"
            options={[
              { value: 'place', label: placeWords(about, job) },
              { value: 'job', label: 'Whole job' },
            ]}
            value={isOfPlace ? 'place' : 'job'}
            onChange={(value) => setOfPlace(value === 'place')}
          />
        ) : (
          <p className="soft">About {about ? placeWords(about, job) : 'the whole job'}</p>
        )}
        <div className="field">
          <label className="label" htmlFor={`${names}-text`}>
            Note
          </label>
          <LongText
            ref={field}
            id={`${names}-text`}
            maxLength={4000}
            value={text}
            onChange={({ target }) => type(target.value)}
          />
        </div>
        <ul className="note-photos" aria-label="Photos of the note">
          {photos.map((id) => (
            <li key={id}>
              <PhotoThumb id={id} name={nameOf(id)} />
              <Button size="small" aria-label={`Leave out photo ${nameOf(id)}`} onClick={() => leaveOut(id)}>
                Leave out
              </Button>
            </li>
          ))}
        </ul>
        <PhotoPicker uploads={uploads} multiple>
          Add photos
        </PhotoPicker>
        {fault && (
          <p role="alert" className="field-fault">
            {fault}
          </p>
        )}
      </form>
    </Dialog>
  );
}
