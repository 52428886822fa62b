import Joi from 'joi';
import { toldJob } from '#server/openJob';
import { asked } from '../papers/shapeAsked';
import { stored } from '../stored';
import type { Route } from './+types/job-open';

const schema = Joi.object<{ from: number }>({ from: Joi.number().integer().min(0).required() });

/** A job as it is now, for a screen that has an earlier revision of it: `?from=12`; 204 where it is not later. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { from } = asked(request, schema, ['from']);
  const told = await stored(() => toldJob(params.jobId));
  if (!told) throw new Response('no such job', { status: 404 });
  if (told.revision <= from) return new Response(null, { status: 204 });
  return new Response(told.text, { headers: { 'Content-Type': 'application/json' } });
}
