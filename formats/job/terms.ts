import Joi from 'joi';
import { BODY_WORK, type House } from '#core/job';
import { POSE_RULES } from '#core/sweep';
import { BRIEF_LIMITS, HOUSE_LIMITS, type HouseLimitKey } from '#core/verdict';
import { LIMIT_RANGES } from '#formats/fields';
import { known, ranged, text } from '#formats/rules';

const limits = (keys: readonly HouseLimitKey[]) =>
  Joi.object(Object.fromEntries(keys.map((key) => [key, ranged(LIMIT_RANGES[key])])));

const ends = { min: ranged('pokeMm'), max: ranged('pokeMm') };
const inOrder: Joi.CustomValidator = (range, helpers) =>
  range.min != null && range.max != null && range.min > range.max
    ? helpers.message({ custom: 'the inner end (min) lies outside the outer end (max)' })
    : range;
const face = Joi.object(ends).custom(inOrder);

const rules = Joi.object({
  centring: Joi.valid('required', 'nuts'),
  nearPatterns: Joi.valid('care', 'refuse'),
  spacers: Joi.valid('accepted', 'prefer-offset', 'never'),
  rub: Joi.valid('none', 'plastic', 'full-lock'),
  cover: Joi.valid('none', 'eu-1009-2010'),
  winter: Joi.valid('none', 'S', 'U', 'W'),
  poses: Joi.valid(...POSE_RULES),
});

const remedies = Joi.object({
  ...Object.fromEntries(BODY_WORK.map((work) => [work, Joi.boolean()])),
  lift: Joi.object({ kind: Joi.valid('spring', 'strut-top', 'body'), mostMm: ranged('liftMm') }),
});

const prices = Joi.object({
  currency: text(8),
  adapterEach: ranged('price'),
  fastenerSetAxle: ranged('price'),
  redrillWheelEach: ranged('price'),
  redrillHubEach: ranged('price'),
  hubSwapEach: ranged('price'),
  labourPerHour: ranged('price'),
  spacerEach: ranged('price'),
  liftKitAxle: ranged('price'),
  alignment: ranged('price'),
});

/** What is asked for. */
export const briefSchema = Joi.object({
  pokeMm: Joi.object({ ...ends, front: face, rear: face }).custom(inOrder),
  limits: limits(BRIEF_LIMITS),
  requiredBackspacingMm: Joi.alternatives(
    ranged('backspacingMm'),
    Joi.object({ front: ranged('backspacingMm'), rear: ranged('backspacingMm') }),
  ),
  requiredBackspacingConvention: Joi.valid('overall', 'nominal'),
  sweep: Joi.object({ growth: Joi.boolean(), bulgeMm: ranged('bulgeMm') }),
  speedsKmh: Joi.array()
    .items(known(ranged('speedKmh')))
    .max(8),
  rules,
  remedies,
  budget: ranged('price'),
  prices,
  notes: text(4000),
});

/** The shop's own limits and rules. */
export const houseSchema: Joi.ObjectSchema<House> = Joi.object({
  limits: limits(Object.keys(HOUSE_LIMITS) as HouseLimitKey[]),
  rules,
  remedies,
  prices,
});
