import { BODY_WORK } from '#core/remedy';
import Joi from 'joi';
import { type ShopDefaults } from '#core/job';
import { BRIEF_LIMITS, SHOP_LIMITS, type ShopLimitKey, RULE_CHOICES, RULE_KEYS } from '#core/verdict';
import { LIMIT_RANGES } from '#formats/fields';
import { known, ranged, text } from '#formats/rules';
import { SUSPENSION_CHANGE_KINDS } from '#core/suspension';
import { BACKSPACING_CONVENTIONS } from '#core/wheel';

const limits = (keys: readonly ShopLimitKey[]) =>
  Joi.object(Object.fromEntries(keys.map((key) => [key, ranged(LIMIT_RANGES[key])])));

const ends = { min: ranged('pokeMm'), max: ranged('pokeMm') };
const inOrder: Joi.CustomValidator = (range, helpers) =>
  range.min != null && range.max != null && range.min > range.max
    ? helpers.message({ custom: 'the inner end (min) lies outside the outer end (max)' })
    : range;
const face = Joi.object(ends).custom(inOrder);

const rules = Joi.object(Object.fromEntries(RULE_KEYS.map((key) => [key, Joi.valid(...RULE_CHOICES[key])])));

const remedies = Joi.object({
  ...Object.fromEntries(BODY_WORK.map((work) => [work, Joi.boolean()])),
  lift: Joi.object({ kind: Joi.valid(...SUSPENSION_CHANGE_KINDS), mostMm: ranged('liftMm') }),
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
  requiredBackspacingConvention: Joi.valid(...BACKSPACING_CONVENTIONS),
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
export const shopSchema: Joi.ObjectSchema<ShopDefaults> = Joi.object({
  limits: limits(Object.keys(SHOP_LIMITS) as ShopLimitKey[]),
  rules,
  remedies,
  prices,
});
