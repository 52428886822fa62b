import Joi from 'joi';
import { fullReport, type Beyond } from '#core/advice';
import { runOnJobs } from './command';

/** Prints the report of a job file. */
await runOnJobs(
  {
    usage: 'evaluate -- [--remedies] [--window fixed|same-diameter|best-standard] FILE',
    options: { remedies: { type: 'boolean' }, window: { type: 'string' } },
    values: Joi.object<Beyond>({
      remedies: Joi.boolean(),
      window: Joi.valid('fixed', 'same-diameter', 'best-standard'),
    }),
  },
  ([job], beyond) => ({ json: fullReport(job, beyond) }),
);
