import Joi from 'joi';
import { createCookie } from 'react-router';
import { LENGTH_UNITS, measureUnits } from '#core/units';
import {
  COOKIE_NAME,
  DEFAULT_PREFERENCES,
  GUIDE_STATES,
  KEY_STATES,
  MOST_INITIALS,
  type Preferences,
} from './preferences';

const cookie = createCookie(COOKIE_NAME);

const schema = Joi.object<Preferences>({
  unit: Joi.valid(...LENGTH_UNITS).required(),
  // What was kept before each quantity was chosen for itself has none of them.
  measures: Joi.object({
    mass: Joi.valid(...measureUnits('mass')).required(),
    pressure: Joi.valid(...measureUnits('pressure')).required(),
    speed: Joi.valid(...measureUnits('speed')).required(),
    torque: Joi.valid(...measureUnits('torque')).required(),
  }).default(DEFAULT_PREFERENCES.measures),
  theme: Joi.valid('light', 'dark', 'system').required(),
  keys: Joi.valid(...KEY_STATES).default(DEFAULT_PREFERENCES.keys),
  guide: Joi.valid(...GUIDE_STATES).default(DEFAULT_PREFERENCES.guide),
  initials: Joi.string().allow('').max(MOST_INITIALS).default(DEFAULT_PREFERENCES.initials),
});

/** The preferences a request carries; the usual ones where it carries none or nonsense. */
export async function readPreferences(request: Request): Promise<Preferences> {
  const { value, error } = schema.validate(await cookie.parse(request.headers.get('Cookie')));
  return error || !value ? DEFAULT_PREFERENCES : value;
}
