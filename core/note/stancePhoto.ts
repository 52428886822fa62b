import type { Note, Photo } from './records';

/** What a picture of Stance is called among the photos of a job; null for the car as it is. */
export const stancePhotoName = (setupId: string | null): string => `stance-${setupId ?? 'now'}.png`;

/**
 * The newest picture of a setup that was taken at Stance, by the id of its photo; null where none was. What somebody
 * added to a note there is none of these.
 */
export function stancePhoto(
  { notes = [], photos = [] }: { notes?: Note[] | undefined; photos?: Photo[] | undefined },
  setupId: string,
): string | null {
  const ours = new Set(photos.filter(({ name }) => name === stancePhotoName(setupId)).map(({ id }) => id));
  const taken = notes
    .filter(({ about }) => about?.station === 'stance' && about.setup === setupId)
    .toSorted((one, other) => Date.parse(one.at) - Date.parse(other.at))
    .flatMap((note) => note.photos ?? [])
    .filter((id) => ours.has(id));
  return taken.at(-1) ?? null;
}
