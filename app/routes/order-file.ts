import { orderCsv } from '#formats/order';
import { orderAsked } from '../papers/orderAsked';
import { setupAsked } from '../papers/setupAsked';
import { asked } from '../papers/shapeAsked';
import type { Route } from './+types/order-file';

/** What is to be had for a setup, for a spreadsheet: `?setup=b`. The mark at its head says that it is UTF-8. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { setup } = asked(request, setupAsked);
  const { number, lines, currency } = await orderAsked(request, params.jobId, setup);
  return new Response(`\ufeff${orderCsv(lines, currency)}`, {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${number}-order-${setup}.csv"`,
    },
  });
}
