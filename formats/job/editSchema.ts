import Joi from 'joi';
import type { Edit } from '#core/job';
import { INSTRUMENT_NAMES } from '#formats/fields';
import { origin } from '#formats/rules';
import { setupSchema } from './parts';

const key = Joi.string().pattern(/^[A-Za-z0-9_-]{1,60}$/, { name: 'is not a place in a job' });
const taken = Joi.object({
  instrument: Joi.valid(...Object.keys(INSTRUMENT_NAMES))
    .allow(null)
    .required(),
  uncertaintyMm: Joi.number().min(0).max(100).allow(null).required(),
  ...origin,
});
const path = Joi.array().items(key).min(1).max(8).required();

/** One change to a job as it comes through a door. What it leads to is validated with the whole job. */
export const editSchema: Joi.AlternativesSchema<Edit> = Joi.alternatives().conditional('.op', {
  switch: [
    { is: 'set', then: Joi.object({ op: Joi.valid('set'), path, value: Joi.any().required(), taken }) },
    { is: 'clear', then: Joi.object({ op: Joi.valid('clear'), path }) },
    { is: 'fill', then: Joi.object({ op: Joi.valid('fill'), path, value: Joi.any().required() }) },
    {
      is: 'add',
      then: Joi.object({
        op: Joi.valid('add'),
        path,
        value: Joi.any().required(),
        at: Joi.number().integer().min(0).max(10_000),
      }),
    },
    { is: 'remove', then: Joi.object({ op: Joi.valid('remove'), path, value: Joi.any().required() }) },
    {
      is: 'add-setup',
      then: Joi.object({ op: Joi.valid('add-setup'), setup: setupSchema.required(), after: key.allow(null) }),
    },
    { is: 'remove-setup', then: Joi.object({ op: Joi.valid('remove-setup'), id: key.required() }) },
  ],
  otherwise: Joi.object({
    op: Joi.valid('set', 'clear', 'fill', 'add', 'remove', 'add-setup', 'remove-setup').required(),
  }),
});
