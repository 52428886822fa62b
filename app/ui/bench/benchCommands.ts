import Joi from 'joi';
import { redirect } from 'react-router';
import { TAKE_OVER_GROUPS, type TakeOverGroup } from '#core/alike';
import type { Job } from '#core/job';
import { faultsOf, tooLarge, type Fault, type ReadJob } from '#formats/job';
import { filled, id, text, VALIDATION } from '#formats/rules';
import { carOf } from '#server/cars';
import { loadDemo } from '#server/demo';
import { archiveJob, createJob, duplicateJob } from '#server/jobs';
import { inWorker, TooLong } from '#server/work/pool';
import { readForm, readJson } from '../../requests';

/** What an action on the bench answers when it does not lead to a job. */
export interface BenchAnswer {
  intent: string;
  file?: string;
  faults: Fault[];
}

type Command =
  | { intent: 'new'; car: string; title: string; from?: { job: string; take: TakeOverGroup[] } }
  | { intent: 'demo' }
  | { intent: 'duplicate' | 'archive' | 'unarchive'; id: string };

const commandSchema: Joi.AlternativesSchema<Command> = Joi.alternatives().conditional('.intent', {
  switch: [
    {
      is: 'new',
      then: Joi.object({
        intent: Joi.valid('new'),
        car: filled(120)
          .pattern(/\S/, { name: 'needs a name' })
          .required()
          .messages({ 'string.empty': 'needs a name' }),
        title: text(120).required(),
        from: Joi.object({
          job: id,
          take: Joi.array()
            .items(Joi.valid(...TAKE_OVER_GROUPS))
            .min(1)
            .unique()
            .required(),
        }),
      }),
    },
    { is: 'demo', then: Joi.object({ intent: Joi.valid('demo') }) },
    { is: Joi.valid('duplicate', 'archive', 'unarchive'), then: Joi.object({ intent: Joi.string(), id }) },
  ],
  otherwise: Joi.object({ intent: Joi.valid('new', 'demo', 'duplicate', 'archive', 'unarchive').required() }),
});

/** Carries out what the bench asks for: leads to the job, or answers with what is wrong. */
export async function runBenchCommand(request: Request): Promise<Response | BenchAnswer> {
  if (request.headers.get('Content-Type')?.startsWith('multipart/form-data')) return takeFile(request);
  const { value, error } = commandSchema.validate(await readJson(request), VALIDATION) as Joi.ValidationResult<Command>;
  if (error || !value)
    return { intent: 'new', faults: error ? faultsOf(error) : [{ path: '', message: 'nothing was sent' }] };
  switch (value.intent) {
    case 'new':
      return begun(value);
    case 'demo':
      return (await loadDemo())
        ? { intent: 'demo', faults: [] }
        : { intent: 'demo', faults: [{ path: '', message: 'there are jobs already: nothing was added' }] };
    case 'duplicate': {
      const copy = await duplicateJob(value.id);
      return copy ? redirect(`/jobs/${copy}`) : gone(value.intent);
    }
    case 'archive':
    case 'unarchive':
      return (await archiveJob(value.id, value.intent === 'archive'))
        ? { intent: value.intent, faults: [] }
        : gone(value.intent);
  }
}

/** A new job: with nothing measured, or with what was measured on another car of the kind. */
async function begun({ car, title, from }: Command & { intent: 'new' }): Promise<Response | BenchAnswer> {
  const measured = from ? await carOf(from.job, from.take) : {};
  if (!measured) return gone('new');
  const job = emptyJob(car.trim(), title.trim());
  return redirect(`/jobs/${await createJob({ ...job, vehicle: { ...measured, ...job.vehicle } })}/room`);
}

/** Takes a job file in: read and checked beside the requests. */
async function takeFile(request: Request): Promise<Response | BenchAnswer> {
  const file = (await readForm(request))?.get('file');
  if (!(file instanceof File)) return { intent: 'import', faults: [tooLarge()] };
  const read = await readInTime(new Uint8Array(await file.arrayBuffer()));
  if (read.faults) return { intent: 'import', file: file.name.slice(0, 300), faults: read.faults };
  return redirect(`/jobs/${await createJob(read.job)}`);
}

async function readInTime(bytes: Uint8Array): Promise<ReadJob> {
  try {
    return await inWorker('readJob', bytes);
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    return { faults: [{ path: '', message: 'checking the file takes too long' }] };
  }
}

const gone = (intent: string): BenchAnswer => ({
  intent,
  faults: [{ path: '', message: 'this job no longer exists' }],
});

/** A job with nothing measured yet. */
const emptyJob = (car: string, title: string): Job => ({
  format: 'scoval.job',
  version: 1,
  ...(title === '' ? {} : { title }),
  vehicle: { label: car },
  setups: [],
});
