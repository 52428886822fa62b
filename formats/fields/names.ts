import { CORNER_NAMES, CORNERS, type Corner } from '#core/fitting';
import type { Edit } from '#core/job';
import { fieldAt } from './fields';

/** What the parts of a fitting are called in the history. */
const FITTING_NAMES: Readonly<Record<string, string>> = {
  steps: 'step',
  measured: 'reading',
  predicted: 'predictions',
  marks: 'mark',
  startedAt: 'begun',
  finishedAt: 'closed',
  odometerKm: 'odometer',
};

const isCorner = (key: string | undefined): key is Corner => CORNERS.includes(key as Corner);

/** `fitting f1 · front right · step hub-clean`. */
function fittingPlace([, id, first, corner, what = first, ...more]: readonly string[]): string {
  const [place, key, rest] = isCorner(corner) ? [CORNER_NAMES[corner], what, more] : [null, first, []];
  const named = key && [FITTING_NAMES[key] ?? key, key === 'steps' ? rest[0] : null].filter(Boolean).join(' ');
  return [id ? `fitting ${id}` : 'fitting', place, named].filter(Boolean).join(' · ');
}

/**
 * What a place in a job is called, for messages and the history: `front · tuck`, `setup b · rear · offset`.
 */
export function placeName(path: readonly string[]): string {
  if (path[0] === 'fittings') return fittingPlace(path);
  if (path[0] === 'notes' || path[0] === 'photos') return fieldAt([path[0]])!.name;
  const name = fieldAt(path)?.name ?? path.at(-1)!;
  const owner = path[0] === 'setups' && path.length > 2 ? [`setup ${path[1]}`] : [];
  const axle = path.slice(0, -1).filter((key) => key === 'front' || key === 'rear');
  const left = path.slice(0, -1).includes('left') ? ['left'] : [];
  const present = path.includes('baseline') ? ['present'] : [];
  return [...owner, ...axle, ...left, ...present, name].join(' · ');
}

/** What an edit did, in the words of the history. */
export function editName(edit: Edit): string {
  if (edit.op === 'add-setup') return `setup ${edit.setup.id} added`;
  if (edit.op === 'remove-setup') return `setup ${edit.id} removed`;
  const place = placeName(edit.path);
  return edit.op === 'add' ? `${place} added` : edit.op === 'remove' ? `${place} removed` : place;
}
