import Joi from 'joi';
import { openJob } from '#server/openJob';
import { asked } from '../papers/shapeAsked';
import { stored } from '../stored';
import type { Route } from './+types/job-open';

const schema = Joi.object<{ from: number }>({ from: Joi.number().integer().min(0).required() });

/** A job as it is now, for a screen that has an earlier revision of it: `?from=12`; 204 where it is not later. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { from } = asked(request, schema, ['from']);
  const open = await stored(() => openJob(params.jobId));
  if (!open) throw new Response('no such job', { status: 404 });
  return open.revision > from ? Response.json(open) : new Response(null, { status: 204 });
}
