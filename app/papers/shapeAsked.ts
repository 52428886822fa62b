import type { AxialPoint, InnerFace } from '#core/brake';
import Joi from 'joi';
import { type AxleName, type Job, AXLES } from '#core/job';
import { itemName } from '#core/shelf';
import { VALIDATION } from '#formats/rules';
import { exportJob } from '#server/jobs';
import { findWheel } from '#server/shelf';
import { stored } from '../stored';
import { PRESENT, setupKey, STORE } from '../ui/brakes/subjects';

/** The shape a paper or a file is asked of: a brake's outline, or the inside of a wheel. */
export interface ShapeAsked {
  job: Job;
  number: string;
  axle: AxleName;
  outline: AxialPoint[] | null;
  face: InnerFace | null;
  boreMm: number | null;
  /** What it is called on the paper. */
  name: string;
}

/** Whose shape: `brake`, `setup:a`, `present`, `store:` and a wheel's name. */
export const shapeOf = {
  axle: Joi.valid(...AXLES).required(),
  of: Joi.string().max(300).required(),
};

/** Reads the words of a request; what is wrong with them becomes the answer. */
export function asked<T>(request: Request, schema: Joi.ObjectSchema<T>, numbers: readonly string[] = []): T {
  const words: Record<string, unknown> = Object.fromEntries(new URL(request.url).searchParams);
  for (const key of numbers) if (words[key] !== undefined) words[key] = words[key] === '' ? NaN : Number(words[key]);
  const { value, error } = schema.validate(words, VALIDATION);
  if (!error) return value;
  throw new Response(error.details.map(({ path, message }) => `${path.join('.')}: ${message}`).join('\n'), {
    status: 400,
  });
}

/** Finds the shape in a job or on the shelf; answers 404 where there is none. */
export async function shapeAsked(jobId: string, axle: AxleName, of: string): Promise<ShapeAsked> {
  const exported = await stored(() => exportJob(jobId));
  if (!exported) throw new Response('no such job', { status: 404 });
  const { job, number } = exported;
  const vehicleAxle = job.vehicle[axle] ?? {};
  const base = { job, number, axle, boreMm: vehicleAxle.hub?.boreMm ?? null };
  if (of === 'brake') {
    const outline = vehicleAxle.caliper?.outline;
    if (!outline) throw new Response('this brake has no outline', { status: 404 });
    return { ...base, outline, face: null, name: vehicleAxle.caliper?.label || 'brake' };
  }
  const setup = job.setups.find(({ id }) => of === setupKey(id));
  const item = of.startsWith(STORE) ? await findWheel(of.slice(STORE.length)) : null;
  const face = setup
    ? setup[axle]?.wheel?.innerFace
    : of === PRESENT
      ? vehicleAxle.baseline?.wheel?.innerFace
      : item?.innerFace;
  if (!face?.barrel && !face?.spoke) throw new Response('this wheel has no inner face', { status: 404 });
  const name = setup ? `wheel of setup ${setup.id.toUpperCase()}` : item ? itemName(item) : 'wheel on the car';
  return { ...base, outline: null, face, name };
}
