import Joi from 'joi';
import type { PaperName } from '#formats/pdf';
import { inWorker } from '#server/work/pool';
import { orderAsked } from '../papers/orderAsked';
import { asked } from '../papers/shapeAsked';
import type { Route } from './+types/order-list';

const schema = Joi.object<{ paper: PaperName; setup: string }>({
  paper: Joi.valid('a4', 'letter').default('a4'),
  setup: Joi.string().max(40).required(),
});

/** What is to be had for a setup, as a PDF: `?setup=b&paper=a4`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { paper, setup } = asked(request, schema);
  const { number: _, ...order } = await orderAsked(request, params.jobId, setup);
  const bytes = await inWorker('orderList', { paper, title: 'Order list', ...order });
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': 'inline; filename="order-list.pdf"' },
  });
}
