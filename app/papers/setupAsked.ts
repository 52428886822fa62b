import Joi from 'joi';

/** A setup that is named in an address: `?setup=b`. */
export const setupAsked = Joi.object<{ setup: string }>({ setup: Joi.string().max(40).required() });
