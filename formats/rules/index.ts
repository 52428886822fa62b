import Joi from 'joi';
import { DomainError } from '#core/errors';
import { RANGES, type RangeName } from '#formats/fields';
import { INSTRUMENTS } from '#core/uncertainty';

/** Messages say what is wrong; the path in front of them says where. */
const MESSAGES = {
  'any.required': 'is missing',
  'any.only': 'must be {if(#valids.length == 1, "", "one of ")}{#valids}',
  'any.invalid': 'is not allowed',
  'any.unknown': 'is not a known field',
  'object.unknown': 'is not a known field',
  'object.base': 'must be an object',
  'object.missing': 'needs one of {#peers}',
  'object.oxor': 'give only one of {#peers}',
  'object.with': '{#main} needs {#peer} beside it',
  'array.base': 'must be a list',
  'array.min': 'needs at least {#limit}',
  'array.max': 'has more than {#limit} entries',
  'array.unique': 'has the same id as another entry of the list',
  'boolean.base': 'must be a boolean',
  'string.base': 'must be a text',
  'string.empty': 'must not be empty',
  'string.max': 'is longer than {#limit} characters',
  'string.pattern.base': 'is not written as it must be',
  'string.pattern.name': '{#name}',
  'string.pattern.invert.name': '{#name}',
  'string.uppercase': 'must be in capitals',
  'string.isoDate': 'must be a date and time such as 2026-03-01T09:30:00Z',
  'number.base': 'must be a number',
  'number.infinity': 'must be a finite number',
  'number.unsafe': 'is too large a number',
  'number.integer': 'must be a whole number',
  'domain.error': '{#reason}',
};

/** A number within a range, or null for "not known". */
export function number(least: number, most: number): Joi.NumberSchema {
  // On the rules themselves: messages of the whole schema would be merged anew at every look at it.
  const range = `must be between ${least} and ${most}`;
  return Joi.number().min(least).message(range).max(most).message(range).allow(null) as Joi.NumberSchema;
}
export const ranged = (name: RangeName) => number(RANGES[name][0], RANGES[name][1]);
export const known = (schema: Joi.NumberSchema): Joi.Schema => schema.disallow(null).required();
export const count = (least: number, most: number) => number(least, most).integer();

/** A text that is not empty. Line breaks and tabs are text; the other control characters are not. */
export const filled = (most: number) =>
  Joi.string()
    .max(most)
    .pattern(/^[^\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]*$/, { name: 'has a control character in it' });
export const text = (most: number) => filled(most).allow('');
export const id = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,40}$/, { name: 'must be 1 to 40 letters, digits, - or _' })
  .required();
/** What a reading may be taken with. */
export const instrument = Joi.valid(...INSTRUMENTS).allow(null);

const keysOf = (path: string): (string | number)[] =>
  path === '' ? [] : path.split('.').map((key) => (/^\d+$/.test(key) ? Number(key) : key));

/** A value that the domain itself must be able to read; what it finds wrong becomes the fault. */
export const readable =
  <T>(read: (value: T) => unknown): Joi.CustomValidator<T> =>
  (value, helpers) => {
    try {
      read(value);
      return value;
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      const fault = helpers.error('domain.error', { reason: error.message });
      const path = fault.path as (string | number)[];
      return Object.assign(fault, { path: [...path, ...keysOf(error.path)] });
    }
  };
/** @throws DomainError for a day that no calendar has, which would become another one */
function dayExists(text: string): void {
  const at = new Date(text);
  const [year, month = '1', day = '1'] = text.slice(0, 10).split('-');
  const whole = new Date(Date.UTC(Number(year), Number(month) - 1, Number(day)));
  if (!Number.isFinite(at.getTime()) || whole.getUTCDate() !== Number(day) || !(Number(year) >= 1900))
    throw new DomainError('is a date that does not exist');
}

/** A day and time that there has been, or will be. */
export const moment = Joi.string().isoDate().custom(readable(dayExists));
/** A day that there has been, or will be, as `2026-03-01`. */
export const day = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/, { name: 'must be a day such as 2026-03-01' })
  .custom(readable(dayExists));
/** An instrument of the shop, with when it was calibrated. */
export const shopInstrument = Joi.object({
  name: filled(60).required(),
  calibratedOn: day.allow(null),
  dueOn: day.allow(null),
});
/** Where a reading comes from, beside the kind of tool. */
export const origin = { shopInstrument, fromJob: filled(20) };
/**
 * Shared by every validation: nothing is converted, all faults are told at once, values are not repeated in messages.
 */
export const VALIDATION: Joi.ValidationOptions = {
  abortEarly: false,
  convert: false,
  // Read once: as texts they would be read anew at every value that is validated.
  messages: Object.fromEntries(
    Object.entries(MESSAGES).map(([code, words]) => [code, Joi.expression(words)]),
  ) as unknown as Joi.LanguageMessages,
  errors: { label: false, wrap: { array: false } },
};
