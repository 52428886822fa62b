import { CORNER_NAMES } from '#core/fitting';
import type { Job } from '#core/job';
import type { NotePlace } from '#core/note';
import { stepName } from '#core/sheet';
import { figureName } from '#formats/fields';
import { STATIONS } from '../frame/stations';

/** What a note is about, as it is said: `Room, front right`. */
export function placeWords({ station, axle, corner, setup, step, reading }: NotePlace, job: Job): string {
  const name = STATIONS.find(({ path }) => path === station)?.name ?? station;
  const where = corner ? CORNER_NAMES[corner] : axle ? `${axle} axle` : null;
  const what = step ? stepName(step, (part) => figureName(`obstacle:${part}`, job)) : null;
  return [name, setup && `setup ${setup.toUpperCase()}`, where, what, reading].filter(Boolean).join(', ');
}
