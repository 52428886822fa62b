import Joi from 'joi';
import { FITTING_KINDS, OUTER_CORNERS, placeOfCorner, type Fitting, type FittingKind } from '#core/fitting';
import type { Job } from '#core/job';
import type { PaperName } from '#formats/pdf';
import { exportJob } from '#server/jobs';
import { logoForPaper } from '#server/logo';
import { inWorker } from '#server/work/pool';
import { paperHead } from '../papers/paperHead';
import { asked } from '../papers/shapeAsked';
import { readPreferences } from '../preferences/cookie';
import { stored } from '../stored';
import type { Route } from './+types/job-sheet';

interface Asked {
  paper: PaperName;
  fitting?: string;
  setup?: string;
  kind: FittingKind;
}

const schema = Joi.object<Asked>({
  paper: Joi.valid('a4', 'letter').default('a4'),
  fitting: Joi.string().max(40),
  setup: Joi.string().max(40),
  kind: Joi.valid(...FITTING_KINDS).default('final'),
}).xor('fitting', 'setup');

/** The sheet of a fitting, or of a setup on every corner it has, as a PDF: `?setup=b&paper=a4&kind=final`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { paper, ...wanted } = asked(request, schema);
  const [exported, logo] = await stored(() => Promise.all([exportJob(params.jobId), logoForPaper()]));
  if (!exported) throw new Response('no such job', { status: 404 });
  const { job, number } = exported;
  const fitting = fittingOf(job, wanted);
  const { unit, measures } = await readPreferences(request);
  const setups = [...new Set(Object.values(fitting.corners).map(({ setup }) => setup.toUpperCase()))];
  const bytes = await inWorker('jobSheet', {
    job,
    fitting,
    paper,
    logo,
    title: `Job sheet, ${fitting.kind}`,
    subtitle: paperHead(job, number, `setup ${setups.join(', ')}`),
    unit: { length: unit, ...measures },
  });
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': 'inline; filename="job-sheet.pdf"' },
  });
}

function fittingOf(job: Job, { fitting: id, setup, kind }: Omit<Asked, 'paper'>): Pick<Fitting, 'kind' | 'corners'> {
  const found = id === undefined ? undefined : job.fittings?.find((one) => one.id === id);
  if (found) return found;
  const on = job.setups.find((one) => one.id === setup);
  if (!on) throw new Response(id === undefined ? 'no such setup' : 'no such fitting', { status: 404 });
  const corners = OUTER_CORNERS.filter((corner) => on[placeOfCorner(corner).axle]);
  return { kind, corners: Object.fromEntries(corners.map((corner) => [corner, { setup: on.id }])) };
}
