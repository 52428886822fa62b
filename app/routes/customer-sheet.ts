import dayjs from 'dayjs';
import Joi from 'joi';
import { MOST_OPTIONS, type Job } from '#core/job';
import { stancePhoto } from '#core/note';
import type { PaperName } from '#formats/pdf';
import { exportJob } from '#server/jobs';
import { photoUri } from '#server/photos/files';
import { logoForPaper } from '#server/logo';
import { inWorker } from '#server/work/pool';
import { inTurn } from '#server/work/turns';
import { paperFrom } from '../papers/paperHead';
import { asked } from '../papers/shapeAsked';
import { readPreferences } from '../preferences/cookie';
import { stored } from '../stored';
import type { Route } from './+types/customer-sheet';

const schema = Joi.object<{ paper: PaperName; setups: string }>({
  paper: Joi.valid('a4', 'letter').default('a4'),
  setups: Joi.string().max(200).required(),
});

/** Every option is judged anew, and what would make it fit is looked for. */
const LIMIT_MS = 120_000;

/** Setups side by side for who pays for them, as a PDF: `?setups=a,b&paper=a4`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { paper, setups } = asked(request, schema);
  const [exported, logo] = await stored(() => Promise.all([exportJob(params.jobId), logoForPaper()]));
  if (!exported) throw new Response('no such job', { status: 404 });
  const { job, number } = exported;
  const ids = optionsOf(job, setups.split(','));
  const { unit, measures } = await readPreferences(request);
  const input = {
    job,
    setups: ids,
    paper,
    logo,
    pictures: await picturesOf(job, ids),
    title: job.vehicle.label || job.title || number,
    subtitle: subtitleOf(job, number),
    from: paperFrom(job),
    unit: { length: unit, ...measures },
  };
  const bytes = await inTurn('person', () => inWorker('customerSheet', input, LIMIT_MS));
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': 'inline; filename="options.pdf"' },
  });
}

/** The newest picture of each setup from Stance, as data URIs; one whose file is missing is left out. */
async function picturesOf(job: Job, setups: readonly string[]): Promise<Record<string, string>> {
  const ids = setups.flatMap((id) => stancePhoto(job, id) ?? []);
  const read = await Promise.all(ids.map(async (id) => [id, await photoUri(id)] as const));
  return Object.fromEntries(read.flatMap(([id, uri]) => (uri === null ? [] : [[id, uri]])));
}

/** The setups that are asked for; what is not there, or too many, becomes the answer. */
function optionsOf(job: Job, ids: readonly string[]): string[] {
  const found = [...new Set(ids)].filter((id) => job.setups.some((one) => one.id === id));
  if (found.length === 0) throw new Response('no such setup', { status: 404 });
  if (found.length > MOST_OPTIONS) throw new Response(`setups: ${MOST_OPTIONS} at most`, { status: 400 });
  return found;
}

/** Whose car it is, its plate, the job and the day. */
const subtitleOf = ({ customer, house }: Job, number: string): string =>
  [customer?.name, customer?.plate, house?.shop?.name, number, dayjs().format('D MMMM YYYY')]
    .filter(Boolean)
    .join(' · ')
    .slice(0, 160);
