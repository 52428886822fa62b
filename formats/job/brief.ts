import Joi from 'joi';
import type { ShopDefaults } from '#core/job';
import { BRIEF, SHOP_DEFAULTS } from '#formats/fields';
import { known, ranged } from '#formats/rules';
import { objectOf } from './schemaOf';

const inOrder: Joi.CustomValidator = (range, helpers) =>
  range.min != null && range.max != null && range.min > range.max
    ? helpers.message({ custom: 'the inner end (min) is beyond the outer end (max)' })
    : range;
const { pokeMm } = BRIEF;
const face = objectOf(pokeMm.fields.front.fields).custom(inOrder);

/** What is asked for. */
export const briefSchema = objectOf(BRIEF, {
  pokeMm: objectOf(pokeMm.fields, { front: face, rear: face }).custom(inOrder),
  requiredBackspacingMm: Joi.alternatives(
    ranged('backspacingMm'),
    Joi.object({ front: ranged('backspacingMm'), rear: ranged('backspacingMm') }),
  ),
  speedsKmh: Joi.array()
    .items(known(ranged('speedKmh')))
    .max(8),
});

/** The shop's own limits, rules and prices. */
export const shopSchema: Joi.ObjectSchema<ShopDefaults> = objectOf(SHOP_DEFAULTS);
