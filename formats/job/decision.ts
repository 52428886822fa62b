import Joi from 'joi';
import type { Job } from '#core/job';
import type { Fault } from '#formats/faults';
import { filled, id, moment, text } from '#formats/rules';

/** Which setup goes on the car, and why the others do not. */
export const decisionSchema = Joi.object({
  setup: id,
  decidedAt: moment.required(),
  by: text(40),
  why: text(1000),
  against: Joi.array()
    .items(Joi.object({ setup: id, why: filled(400).required() }))
    .unique('setup')
    .max(200),
});

/** A decision is between setups of the job. */
export function decisionFaults({ decision, setups }: Job): Fault[] {
  if (!decision) return [];
  const known = new Set(setups.map((setup) => setup.id));
  const named = [
    { path: 'decision.setup', setup: decision.setup },
    ...(decision.against ?? []).map(({ setup }, at) => ({ path: `decision.against[${at}].setup`, setup })),
  ];
  return named
    .filter(({ setup }) => !known.has(setup))
    .map(({ path, setup }) => ({ path, message: `there is no setup “${setup}”` }));
}
