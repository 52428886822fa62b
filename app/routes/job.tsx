import Joi from 'joi';
import { useMemo } from 'react';
import { data, Outlet, type ShouldRevalidateFunctionArgs } from 'react-router';
import type { Edit } from '#core/job';
import { editSchema, faultsOf } from '#formats/job';
import { openJobOf } from '#formats/openJob';
import { VALIDATION } from '#formats/rules';
import { saveEdits, stepHistory } from '#server/edits';
import type { SaveResult } from '#server/saved';
import { readShopDefaults } from '#server/shopDefaults';
import { rulesSeen } from '#server/jobs';
import { toldJob } from '#server/openJob';
import { JobProvider } from '../job/JobProvider';
import { whyRefused } from '../refused';
import { readJson } from '../requests';
import { stored } from '../stored';
import { placeName } from '../ui/frame/stations';
import { JobFrame } from '../ui/frame/JobFrame';
import type { Route } from './+types/job';

export const meta: Route.MetaFunction = ({ loaderData, location }) => {
  const station = placeName(location.pathname);
  return [{ title: [station, loaderData?.car, 'Scoval'].filter(Boolean).join(' · ') }];
};

export async function loader({ params }: Route.LoaderArgs) {
  return stored(async () => {
    const told = await toldJob(params.jobId);
    if (!told) throw data(null, { status: 404 });
    return { car: told.car, text: told.text, house: await readShopDefaults() };
  });
}

interface Change {
  intent: 'edit' | 'undo' | 'redo';
  revision: number;
  edits: Edit[];
}

const changeSchema = Joi.object<Change>({
  intent: Joi.valid('edit', 'undo', 'redo').required(),
  revision: Joi.number().integer().min(1).required(),
  edits: Joi.when('intent', {
    is: 'edit',
    then: Joi.array().items(editSchema).min(1).max(500).required(),
    otherwise: Joi.forbidden(),
  }),
});

/** Somebody has seen what other rules made of the verdicts. */
const seenSchema = Joi.object({ intent: Joi.valid('rules-seen').required() }).required();

export async function action({ request, params }: Route.ActionArgs): Promise<SaveResult | { status: 'seen' }> {
  const sent = await readJson(request);
  if (!seenSchema.validate(sent, VALIDATION).error) {
    await stored(() => rulesSeen(params.jobId));
    return { status: 'seen' };
  }
  const { value, error } = changeSchema.validate(sent, VALIDATION);
  if (error) return { status: 'invalid', faults: faultsOf(error) };
  if (!value) return { status: 'invalid', faults: [{ path: '', message: 'nothing was sent' }] };
  return stored(() =>
    value.intent === 'edit'
      ? saveEdits(params.jobId, value.revision, value.edits)
      : stepHistory(params.jobId, value.revision, value.intent),
  );
}

/** A server that cannot be reached must not take the page, and what was typed on it, away. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction();
  } catch (thrown) {
    return { status: 'unreachable' as const, why: whyRefused(thrown) };
  }
}

/** A save brings the new state itself; there is nothing to load again. */
export function shouldRevalidate({ formMethod, currentParams, nextParams }: ShouldRevalidateFunctionArgs) {
  return formMethod === undefined && currentParams.jobId !== nextParams.jobId;
}

export default function JobPage({ loaderData: { text, house } }: Route.ComponentProps) {
  const open = useMemo(() => openJobOf(text), [text]);
  return (
    <JobProvider key={open.id} open={open} house={house}>
      <JobFrame>
        <Outlet />
      </JobFrame>
    </JobProvider>
  );
}
