import Joi from 'joi';
import { sheetOf } from '#core/sheet';
import { runOnJobs } from './command';

/** Prints the sheet of a setup. */
await runOnJobs(
  {
    usage: 'fitup -- FILE --setup ID',
    options: { setup: { type: 'string' } },
    values: Joi.object<{ setup: string }>({ setup: Joi.string().max(40).required() }),
  },
  ([job], { setup }) =>
    job.setups.some(({ id }) => id === setup)
      ? { json: sheetOf(job, setup) }
      : { fault: { path: 'setups', message: `there is no setup “${setup}”` } },
);
