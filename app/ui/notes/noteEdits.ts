import { applyEdits, dropUnshown, type Edit, type Job } from '#core/job';
import type { Note, Photo } from '#core/note';

/** Puts photos on a job's list that are not on it yet. */
const listed = ({ photos: known = [] }: Job, photos: readonly Photo[]): Edit[] =>
  photos
    .filter(({ id }, at) => !known.some((one) => one.id === id) && photos.findIndex((one) => one.id === id) === at)
    .map((value) => ({ op: 'add', path: ['photos'], value }));

/** With the photos off the list that nothing shows any more. */
export const tidied = (job: Job, edits: Edit[]): Edit[] => [...edits, ...dropUnshown(job, applyEdits(job, edits))];

/** Writes a note, with the photos that it shows; one that was there takes its new words. */
export function writeNote(job: Job, note: Note, photos: readonly Photo[]): Edit[] {
  const before = job.notes?.find(({ id }) => id === note.id);
  const added = listed(job, photos);
  if (!before) return [...added, { op: 'add', path: ['notes'], value: note }];
  const put = (key: 'text' | 'photos'): Edit => {
    const path = ['notes', note.id, key];
    return note[key] === undefined ? { op: 'clear', path } : { op: 'set', path, value: note[key] };
  };
  return tidied(job, [...added, put('text'), put('photos')]);
}

/** Takes a note away, with the photos that only it has shown. */
export function removeNote(job: Job, note: Note): Edit[] {
  return tidied(job, [{ op: 'remove', path: ['notes'], value: note }]);
}

/** Gives a mark its photo, or takes it away. */
export function photoOfMark(job: Job, mark: readonly string[], photo: Photo | null): Edit[] {
  const path = [...mark, 'photo'];
  return photo
    ? tidied(job, [...listed(job, [photo]), { op: 'set', path, value: photo.id }])
    : tidied(job, [{ op: 'clear', path }]);
}
