import type { Edit } from './edit';
import type { Job } from './job';

/** The setup that was decided for, while it is in the job. */
export const decidedSetup = ({ decision, setups }: Pick<Job, 'decision' | 'setups'>) =>
  setups.find(({ id }) => id === decision?.setup) ?? null;

/** Takes a setup out of a job; what was decided for it, or said against it, goes with it. */
export function removeSetupEdits({ decision }: Pick<Job, 'decision'>, id: string): Edit[] {
  const remove: Edit = { op: 'remove-setup', id };
  if (!decision) return [remove];
  if (decision.setup === id) return [{ op: 'clear', path: ['decision'] }, remove];
  const against = decision.against?.filter(({ setup }) => setup !== id);
  if (against?.length === decision.against?.length) return [remove];
  const path = ['decision', 'against'];
  return [against!.length > 0 ? { op: 'set', path, value: against } : { op: 'clear', path }, remove];
}

/** So many of a VIN's last characters are asked for in its place; the shortest and the longest. */
const VIN_END = [4, 8] as const;

/** The ends of a VIN by which it is asked for. */
function vinEnds(vin: string): string[] {
  const [least, most] = VIN_END;
  return vin.length <= most ? [] : Array.from({ length: most - least + 1 }, (_, n) => vin.slice(n - most));
}

/** What a search on the bench, which goes by the beginnings of words, finds of a customer. */
export function customerText({ customer }: Pick<Job, 'customer'>): string {
  const { name, contact, plate = '', vin = '' } = customer ?? {};
  const plain = plate.replace(/[^\p{L}\p{N}]/gu, '');
  return [name, contact, plate, plain === plate ? '' : plain, vin, ...vinEnds(vin)].filter(Boolean).join(' ');
}

/** A job without whose it is: what leaves the shop unless it is asked for. */
export function withoutCustomer({ customer: _, ...job }: Job): Job {
  return job;
}
