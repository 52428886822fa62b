import Joi from 'joi';
import { AXLES, presentSetup, setupTitle, type AxleName } from '#core/job';
import { SIDES, type Side } from '#core/sweep';
import type { StancePose } from '#core/stance';
import { exportJob } from '#server/jobs';
import { inWorker } from '#server/work/pool';
import { inTurn } from '#server/work/turns';
import { poseIn } from '../job/sight';
import { asked } from '../papers/shapeAsked';
import { stored } from '../stored';
import type { Route } from './+types/stance-file';

interface StanceAsked {
  setup?: string;
  axle: AxleName;
  side: Side;
  pose?: string;
}

const schema = Joi.object<StanceAsked>({
  setup: Joi.string().max(40),
  axle: Joi.valid(...AXLES).default('front'),
  side: Joi.valid(...SIDES).default('right'),
  pose: Joi.string()
    .max(40)
    .custom((text: string, helpers) => (poseIn(text) ? text : helpers.error('any.invalid'))),
});

/** Contact is swept for before it is written. */
const LIMIT_MS = 60_000;

/** The car with a setup on it as a binary glTF file: `?setup=a&axle=front&side=right&pose=12,30`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { setup: id, axle, side, pose } = asked(request, schema);
  const exported = await stored(() => exportJob(params.jobId));
  if (!exported) throw new Response('no such job', { status: 404 });
  const { job, number } = exported;
  const setup = id === undefined ? presentSetup(job) : job.setups.find((one) => one.id === id);
  if (!setup) throw new Response('no such setup', { status: 404 });
  const at = pose === undefined ? null : poseIn(pose);
  const held: StancePose = { side, poses: at ? { [axle]: at } : {} };
  const title = id === undefined ? 'as it stands' : setupTitle(setup, job.vehicle.flangeMm);
  const name = [job.vehicle.label || number, title].join(', ');
  const { file, fault } = await inTurn('person', () => inWorker('stanceFile', { job, setup, held, name }, LIMIT_MS));
  if (!file) throw new Response(fault, { status: 422 });
  return new Response(file as Uint8Array<ArrayBuffer>, {
    headers: {
      'Content-Type': 'model/gltf-binary',
      'Content-Disposition': `attachment; filename="stance-${id ?? 'now'}.glb"`,
    },
  });
}
