import type { Edit } from '#core/job';
import { fieldAt } from './fields';

/**
 * What a place in a job is called, for messages and the history: `front · tuck`, `setup b · rear · offset`.
 */
export function placeName(path: readonly string[]): string {
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
  return placeName(edit.path);
}
