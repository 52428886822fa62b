import Joi from 'joi';
import {
  BAUD_RATES,
  CONNECTIONS,
  INSTRUMENT_KINDS,
  LINE_UNITS,
  linePattern,
  MOST_MONTHS,
  MOST_PLUS_MINUS,
  type ShopInstrument,
} from '#core/instrument';
import { day, filled, readable } from '#formats/rules';

const usbNumber = Joi.number().integer().min(0).max(0xffff).required();

/** Which serial port an instrument has, as that says itself. */
export const portSchema = Joi.object({ vendorId: usbNumber, productId: usbNumber }).required();

const line = Joi.object({
  baudRate: Joi.valid(...BAUD_RATES).required(),
  dataBits: Joi.valid(7, 8).required(),
  stopBits: Joi.valid(1, 2).required(),
  parity: Joi.valid('none', 'even', 'odd').required(),
  pattern: filled(80).custom(readable(linePattern)).allow(null).required(),
  unit: Joi.valid(...LINE_UNITS).required(),
  port: portSchema.allow(null).required(),
});

const range = (least: number, most: number) => `must be between ${least} and ${most}`;

/** An instrument of the shop as it comes through a door. */
export const instrumentSchema = Joi.object<Omit<ShopInstrument, 'id'>>({
  name: filled(60).pattern(/\S/, { name: 'needs a name' }).required().messages({ 'string.empty': 'needs a name' }),
  kind: Joi.valid(...INSTRUMENT_KINDS).required(),
  plusMinus: Joi.number()
    .min(0)
    .max(MOST_PLUS_MINUS)
    .messages({ 'number.min': range(0, MOST_PLUS_MINUS), 'number.max': range(0, MOST_PLUS_MINUS) })
    .allow(null)
    .required(),
  calibratedOn: day.allow(null).required(),
  everyMonths: Joi.number()
    .integer()
    .min(1)
    .max(MOST_MONTHS)
    .messages({ 'number.min': range(1, MOST_MONTHS), 'number.max': range(1, MOST_MONTHS) })
    .allow(null)
    .required(),
  connection: Joi.valid(...CONNECTIONS).required(),
  line: line.required(),
});
