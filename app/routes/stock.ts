import { wordsIn } from '#core/units';
import { orderFor } from '#server/stock';
import { asked } from '../papers/shapeAsked';
import { readPreferences } from '../preferences/cookie';
import { stored } from '../stored';
import { runStockCommand } from '../ui/cost/stockCommands';
import { setupAsked } from '../papers/setupAsked';
import type { Route } from './+types/stock';

/** What is to be had for a setup, and what of it the shelf has: `?setup=b`. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { setup: setupId } = asked(request, setupAsked);
  const { unit, measures } = await readPreferences(request);
  const words = wordsIn({ length: unit, ...measures });
  const lines = await stored(() => orderFor({ jobId: params.jobId, setupId }, words));
  if (!lines) throw new Response('no such setup', { status: 404 });
  return { lines };
}

export const action = ({ request, params }: Route.ActionArgs) => stored(() => runStockCommand(request, params.jobId));
