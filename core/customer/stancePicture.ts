import type { Job } from '#core/job';

/** The newest picture of a setup that was taken at Stance, by the id of its photo; null where none was. */
export function stancePicture({ notes = [] }: Pick<Job, 'notes'>, setupId: string): string | null {
  const taken = notes
    .filter(({ about, photos }) => about?.station === 'stance' && about.setup === setupId && photos?.length)
    .sort((one, other) => Date.parse(one.at) - Date.parse(other.at));
  return taken.at(-1)?.photos?.at(-1) ?? null;
}
