import Joi from 'joi';
import { faultsOf } from '#formats/faults';
import { id, VALIDATION } from '#formats/rules';
import { listedJobs, PAGE_SIZE } from '#server/bench';
import { stored } from '../stored';
import type { Route } from './+types/standings';

const schema = Joi.array().items(id).max(PAGE_SIZE);

/** Rows of the bench that were still being judged when the page was made, as they stand now. */
export async function loader({ request }: Route.LoaderArgs) {
  const { value: ids, error } = schema.validate(
    new URL(request.url).searchParams.get('ids')?.split(',') ?? [],
    VALIDATION,
  );
  if (error) return Response.json({ faults: faultsOf(error) }, { status: 400 });
  return Response.json(await stored(() => listedJobs(ids as string[])));
}
