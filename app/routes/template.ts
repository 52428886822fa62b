import Joi from 'joi';
import type { PrintScale } from '#core/print';
import type { AxleName } from '#core/job';
import { RANGES } from '#formats/fields';
import type { PaperName } from '#formats/pdf';
import { inWorker } from '#server/work/pool';
import { asked, shapeAsked, shapeOf } from '../papers/shapeAsked';
import type { Route } from './+types/template';

interface Asked extends PrintScale {
  axle: AxleName;
  of: string;
  paper: PaperName;
  margin: number;
}

/** A printer is never further off than this, and a correction never either. */
const scale = Joi.number().min(0.8).max(1.25).default(1);
const schema = Joi.object<Asked>({
  ...shapeOf,
  paper: Joi.valid('a4', 'letter').default('a4'),
  margin: Joi.number().min(RANGES.marginMm[0]).max(RANGES.marginMm[1]).default(1.5),
  across: scale,
  along: scale,
});

/** A card at 1:1 as a PDF: `?axle=front&of=brake&paper=a4&margin=1.5&across=1&along=1`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { axle, of, paper, margin, across, along } = asked(request, schema, ['margin', 'across', 'along']);
  // What papers are drawn with is read once somebody asks for one.
  const { BRAKE_STEPS, brakeCard, FACE_STEPS, faceCard } = await import('#formats/pdf');
  const shape = await shapeAsked(params.jobId, axle, of);
  const { outline, face, boreMm, job, number, name } = shape;
  const bytes = await inWorker('template', {
    paper,
    title: `${outline ? 'Brake' : 'Inner face'}, ${axle}: ${name}`.slice(0, 90),
    note:
      `${[number, job.vehicle.label].filter(Boolean).join(' ')}, margin ${margin}` +
      ` mm${face?.origin === 'family' ? '; ASSUMED by spoke family, not measured' : ''}`,
    card: outline ? brakeCard(outline, boreMm, margin) : faceCard(face!, boreMm, margin),
    boreMm,
    scale: { across, along },
    steps: outline ? BRAKE_STEPS : FACE_STEPS,
  });
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': 'inline; filename="template.pdf"' },
  });
}
