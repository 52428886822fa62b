import Joi from 'joi';
import type { GaugeCard } from '#formats/pdf';
import { RANGES } from '#formats/fields';
import { VALIDATION } from '#formats/rules';
import { inWorker } from '#server/work/pool';
import type { Route } from './+types/gauge-card';

const schema = Joi.object<GaugeCard>({
  paper: Joi.valid('a4', 'letter').required(),
  patterns: Joi.array()
    .items(
      Joi.object({
        lugCount: Joi.number().integer().min(RANGES.lugCount[0]).max(RANGES.lugCount[1]).required(),
        boltCircleMm: Joi.number().min(RANGES.boltCircleMm[0]).max(RANGES.boltCircleMm[1]).required(),
      }),
    )
    .min(1)
    .max(6)
    .required(),
  studMm: Joi.number().min(RANGES.studDiameterMm[0]).max(RANGES.studDiameterMm[1]).required(),
  boreMm: Joi.number().min(RANGES.boreMm[0]).max(RANGES.boreMm[1]).allow(null).required(),
});

/** Studs are drawn with this diameter when the hub's thread is not known. */
const USUAL_STUD_MM = 12;

/** Hole circles at 1:1 as a PDF: `?paper=a4&patterns=5x114.3,5x115&bore=63.4&stud=12`. */
export async function loader({ request }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url);
  const asked = (searchParams.get('patterns') ?? '').split(',').filter(Boolean);
  const bore = searchParams.get('bore');
  const { value, error } = schema.validate(
    {
      paper: searchParams.get('paper') ?? 'a4',
      patterns: asked.map((text) => {
        const [lugCount, boltCircleMm] = text.split('x').map(Number);
        return { lugCount, boltCircleMm };
      }),
      studMm: Number(searchParams.get('stud') ?? USUAL_STUD_MM),
      boreMm: bore === null ? null : Number(bore),
    },
    VALIDATION,
  );
  if (error)
    throw new Response(error.details.map(({ path, message }) => `${path.join('.')}: ${message}`).join('\n'), {
      status: 400,
    });
  const bytes = await inWorker('gaugeCard', value);
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': 'inline; filename="gauge-card.pdf"' },
  });
}
