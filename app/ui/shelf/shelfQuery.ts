import Joi from 'joi';
import { SHELF_KINDS } from '#core/shelf';
import type { ShelfQuery } from '#server/shelf';

const querySchema = Joi.object<ShelfQuery & { order: string }>({
  kind: Joi.valid(...SHELF_KINDS)
    .default('spacer')
    .failover('spacer'),
  search: Joi.string().allow('').max(100).default('').failover(''),
  sort: Joi.string()
    .pattern(/^[A-Za-z]{1,40}$/)
    .allow(null)
    .default(null)
    .failover(null),
  order: Joi.valid('asc', 'desc').default('asc').failover('asc'),
  page: Joi.number().integer().min(1).max(100_000).default(1).failover(1),
}).options({ stripUnknown: true });

/** The page of the shelf that the address asks for; nonsense in it counts as not asked. */
export function readShelfQuery(url: string): ShelfQuery {
  const { order, ...asked } = querySchema.validate(Object.fromEntries(new URL(url).searchParams)).value!;
  return { ...asked, descending: order === 'desc' };
}
