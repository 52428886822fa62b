import Joi from 'joi';
import type { AxleName } from '#core/job';
import type { OutLine } from '#formats/outline';
import { asked, shapeAsked, shapeOf } from '../papers/shapeAsked';
import type { Route } from './+types/outline-file';

const schema = Joi.object<{ axle: AxleName; of: string; format: 'svg' | 'dxf' }>({
  ...shapeOf,
  format: Joi.valid('svg', 'dxf').required(),
});

const TYPES = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** A brake's outline, or the inside of a wheel, as a drawing in true millimeters: `?axle=front&of=brake&format=dxf`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { axle, of, format } = asked(request, schema);
  const { writeDxf, writeSvg } = await import('#formats/outline');
  const { outline, face } = await shapeAsked(params.jobId, axle, of);
  const lines: OutLine[] = outline
    ? [{ name: 'brake', points: outline, closed: true }]
    : (['barrel', 'spoke'] as const).flatMap((name) =>
        face![name] ? [{ name, points: face![name], closed: false }] : [],
      );
  return new Response(format === 'svg' ? writeSvg(lines) : writeDxf(lines), {
    headers: {
      'Content-Type': TYPES[format],
      'Content-Disposition': `attachment; filename="${outline ? 'brake' : 'inner-face'}-${axle}.${format}"`,
    },
  });
}
