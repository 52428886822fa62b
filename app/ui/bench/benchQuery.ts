import Joi from 'joi';
import { WAITS_FOR } from '#core/standing';
import type { JobListQuery } from '#server/bench';

const schema = Joi.object<JobListQuery & { order: string }>({
  search: Joi.string().allow('').max(100).default('').failover(''),
  waitsFor: Joi.valid(...WAITS_FOR)
    .allow(null)
    .default(null)
    .failover(null),
  archived: Joi.boolean().default(false).failover(false),
  sort: Joi.valid('updated', 'number', 'title', 'car').default('updated').failover('updated'),
  order: Joi.valid('asc', 'desc').default('desc').failover('desc'),
  page: Joi.number().integer().min(1).max(100000).default(1).failover(1),
}).options({ stripUnknown: true });

/** What the address asks the bench for; nonsense in it counts as not asked. */
export function readBenchQuery(url: string): JobListQuery {
  const { order, ...query } = schema.validate(Object.fromEntries(new URL(url).searchParams)).value!;
  return { ...query, descending: order === 'desc' };
}
