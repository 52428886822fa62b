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

/** What a search on the bench finds of a customer. */
export const customerText = ({ customer }: Pick<Job, 'customer'>): string =>
  [customer?.name, customer?.contact, customer?.plate, customer?.vin].filter(Boolean).join(' ');

/** A job without whose it is: what leaves the shop unless it is asked for. */
export function withoutCustomer({ customer: _, ...job }: Job): Job {
  return job;
}
