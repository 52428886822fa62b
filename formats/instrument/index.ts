import Joi from 'joi';
import { CONNECTIONS, INSTRUMENT_KINDS, LINE_UNITS, linePattern, type ShopInstrument } from '#core/instrument';
import { day, filled, readable } from '#formats/rules';

/** The speeds that serial instruments are set to. */
export const BAUD_RATES = [300, 1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200] as const;

const usbNumber = Joi.number().integer().min(0).max(0xffff).required();

const line = Joi.object({
  baudRate: Joi.valid(...BAUD_RATES).required(),
  dataBits: Joi.valid(7, 8).required(),
  stopBits: Joi.valid(1, 2).required(),
  parity: Joi.valid('none', 'even', 'odd').required(),
  pattern: filled(80).custom(readable(linePattern)).allow(null).required(),
  unit: Joi.valid(...LINE_UNITS).required(),
  port: Joi.object({ vendorId: usbNumber, productId: usbNumber }).allow(null).required(),
});

/** The most that an instrument may be off: mm, of a torque wrench percent. */
export const MOST_PLUS_MINUS = 20;
/** The longest that a calibration may hold, months. */
export const MOST_MONTHS = 120;

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
