import type { OrderLine } from '#core/order';
import { priceInForce } from '#core/job';
import { wordsIn } from '#core/units';
import { exportJob } from '#server/jobs';
import { logoForPaper } from '#server/logo';
import { orderFor } from '#server/stock';
import { readPreferences } from '../preferences/cookie';
import { stored } from '../stored';
import { paperFrom, paperHead } from './paperHead';

/** An order that is asked for: of which job and setup, and its lines. */
export interface OrderAsked {
  number: string;
  /** Shop, job, car and setup, a line. */
  subtitle: string;
  /** Who orders; null where the shop does not say who it is. */
  from: string | null;
  /** The shop's logo; null where it has none. */
  logo: string | null;
  lines: OrderLine[];
  currency: string | null;
}

/** The order of a setup; what is not there becomes the answer. */
export async function orderAsked(request: Request, jobId: string, setupId: string): Promise<OrderAsked> {
  const { unit, measures } = await readPreferences(request);
  const words = wordsIn({ length: unit, ...measures });
  const [exported, lines, logo] = await stored(() =>
    Promise.all([exportJob(jobId), orderFor({ jobId, setupId }, words), logoForPaper()]),
  );
  if (!exported) throw new Response('no such job', { status: 404 });
  const { job, number } = exported;
  const setup = job.setups.find(({ id }) => id === setupId);
  if (!setup || !lines) throw new Response('no such setup', { status: 404 });
  const name = `setup ${setup.id.toUpperCase()}${setup.label ? ` ${setup.label}` : ''}`;
  return {
    number,
    subtitle: paperHead(job, number, name),
    from: paperFrom(job),
    logo,
    lines,
    currency: priceInForce('currency', job) ?? null,
  };
}
