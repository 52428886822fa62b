import Joi from 'joi';
import { redirect } from 'react-router';
import type { Job } from '#core/job';
import { faultsOf, tooLarge, type Fault, type ReadJob } from '#formats/job';
import { VALIDATION } from '#formats/rules';
import { archiveJob, createJob, duplicateJob } from '#server/jobs';
import { inWorker, TooLong } from '#server/work/pool';
import { readLimited } from '../../requests';

/** What an action on the bench answers when it does not lead to a job. */
export interface BenchAnswer {
  intent: string;
  file?: string;
  faults: Fault[];
}

type Command =
  | { intent: 'new'; car: string; title: string }
  | { intent: 'duplicate' | 'archive' | 'unarchive'; id: string }
  | { intent: 'import'; name: string; text: string };

const id = Joi.string().max(40).required();
const commandSchema: Joi.AlternativesSchema<Command> = Joi.alternatives().conditional('.intent', {
  switch: [
    {
      is: 'new',
      then: Joi.object({
        intent: Joi.valid('new'),
        car: Joi.string().trim().min(1).max(120).required().messages({ 'string.empty': 'needs a name' }),
        title: Joi.string().allow('').max(120).required(),
      }),
    },
    { is: Joi.valid('duplicate', 'archive', 'unarchive'), then: Joi.object({ intent: Joi.string(), id }) },
    {
      is: 'import',
      then: Joi.object({
        intent: Joi.string(),
        name: Joi.string().max(300).required(),
        text: Joi.string().allow('').required(),
      }),
    },
  ],
  otherwise: Joi.object({ intent: Joi.valid('new', 'duplicate', 'archive', 'unarchive', 'import').required() }),
});

/** Carries out what the bench asks for: leads to the job, or answers with what is wrong. */
export async function runBenchCommand(request: Request): Promise<Response | BenchAnswer> {
  const body = await readLimited(request);
  if (body === null) return { intent: 'import', faults: [tooLarge()] };
  const { value, error } = commandSchema.validate(parsed(body), VALIDATION) as Joi.ValidationResult<Command>;
  if (error || !value)
    return { intent: 'new', faults: error ? faultsOf(error) : [{ path: '', message: 'nothing was sent' }] };
  switch (value.intent) {
    case 'new':
      return redirect(`/jobs/${await createJob(emptyJob(value.car.trim(), value.title.trim()))}/room`);
    case 'duplicate': {
      const copy = await duplicateJob(value.id);
      return copy ? redirect(`/jobs/${copy}`) : gone(value.intent);
    }
    case 'archive':
    case 'unarchive':
      return (await archiveJob(value.id, value.intent === 'archive'))
        ? { intent: value.intent, faults: [] }
        : gone(value.intent);
    case 'import': {
      const read = await readInTime(value.text);
      if (read.faults) return { intent: 'import', file: value.name, faults: read.faults };
      return redirect(`/jobs/${await createJob(read.job)}`);
    }
  }
}

async function readInTime(text: string): Promise<ReadJob> {
  try {
    return await inWorker('readJob', text);
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    return { faults: [{ path: '', message: 'the file takes too long to check' }] };
  }
}

const gone = (intent: string): BenchAnswer => ({
  intent,
  faults: [{ path: '', message: 'this job is not there any more' }],
});

function parsed(body: string): unknown {
  try {
    return JSON.parse(body);
  } catch {
    return undefined;
  }
}

/** A job with nothing measured yet. */
const emptyJob = (car: string, title: string): Job => ({
  format: 'scoval.job',
  version: 1,
  ...(title === '' ? {} : { title }),
  vehicle: { label: car },
  setups: [],
});
