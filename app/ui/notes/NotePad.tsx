import { createContext, useContext, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Note, NotePlace } from '#core/note';
import { BY_SIGN } from '../frame/useJobKeys';
import { later } from '../parts/later';
import { useStable } from '../parts/useStable';
import { usePlaceHere } from './usePlaceHere';
import { useUploads } from './useUploads';

const NoteDialog = later(() => import('./NoteDialog').then((module) => module.NoteDialog));

/** Where notes are written, from any station. */
export type NotePad = {
  /** Begins a note about a place; about what is looked at, where none is given. */
  write(about?: NotePlace): void;
  /** Opens a note that was written. */
  change(note: Note): void;
};

const NotePadContext = createContext<NotePad>({ write: () => {}, change: () => {} });
export const useNotePad = (): NotePad => useContext(NotePadContext);

type Open = { note: Note | null; about: NotePlace | null } | null;

/** Holds the note pad of a job: a key opens it at every station. */
export function NotePadProvider({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState<Open>(null);
  const here = usePlaceHere();
  const fresh = useUploads();
  const ofChanged = useUploads();
  // The same pad for the life of the job: what is looked at becomes another with every change of a setup.
  const pad = useStable<NotePad>({
    write: (about?: NotePlace) => setOpen({ note: null, about: about ?? here }),
    change: (note: Note) => setOpen({ note, about: note.about ?? null }),
  });
  useHotkeys('o', () => pad.write(), BY_SIGN, [pad]);
  return (
    <NotePadContext value={pad}>
      {children}
      {open && (
        <NoteDialog
          {...open}
          uploads={open.note ? ofChanged : fresh}
          close={() => {
            ofChanged.clear();
            setOpen(null);
          }}
        />
      )}
    </NotePadContext>
  );
}
