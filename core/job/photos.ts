import type { FittedCorner, Fitting, Mark } from '#core/fitting';
import type { Edit } from './edit';
import type { Job } from './job';

/** Ids of the photos that notes and marks show, each once, in their order. */
export function photosShown({ notes = [], fittings = [] }: Pick<Job, 'notes' | 'fittings'>): string[] {
  const ofNotes = notes.flatMap(({ photos = [] }) => photos);
  const ofMarks = fittings
    .flatMap(({ corners }) => Object.values(corners))
    .flatMap(({ marks = [] }) => marks.flatMap(({ photo }) => photo ?? []));
  return [...new Set([...ofNotes, ...ofMarks])];
}

/** A job whose photos are called otherwise; what has no other name keeps its own. */
export function withPhotosNamed(job: Job, names: ReadonlyMap<string, string>): Job {
  const named = (id: string): string => names.get(id) ?? id;
  const mark = (one: Mark): Mark => (one.photo ? { ...one, photo: named(one.photo) } : one);
  const corner = (one: FittedCorner): FittedCorner => (one.marks ? { ...one, marks: one.marks.map(mark) } : one);
  const fitting = (one: Fitting): Fitting => ({
    ...one,
    corners: Object.fromEntries(Object.entries(one.corners).map(([name, fitted]) => [name, corner(fitted)])),
  });
  const { photos, notes, fittings } = job;
  return {
    ...job,
    ...(photos && { photos: photos.map((one) => ({ ...one, id: named(one.id) })) }),
    ...(notes && {
      notes: notes.map((one) => (one.photos ? { ...one, photos: [...new Set(one.photos.map(named))] } : one)),
    }),
    ...(fittings && { fittings: fittings.map(fitting) }),
  };
}

/** The edits that take photos out of a job's list which nothing shows once other edits are made. */
export function dropUnshown(job: Job, after: Job): Edit[] {
  const shown = new Set(photosShown(after));
  return (job.photos ?? [])
    .filter(({ id }) => !shown.has(id))
    .map((value) => ({ op: 'remove', path: ['photos'], value }));
}
