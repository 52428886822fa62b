import { data, type ShouldRevalidateFunctionArgs } from 'react-router';
import { jobChanges } from '#server/jobLog';
import { stored } from '../stored';
import { LogView } from '../ui/log/LogView';
import type { Route } from './+types/log';

export async function loader({ params }: Route.LoaderArgs) {
  return stored(async () => ({ changes: await jobChanges(params.jobId) }));
}

/** Whether the server could not be reached: then it is asked again with whatever is looked for. */
let isMissing = false;

/** What was shown stays where the server cannot be reached; what came since is told once it is. */
export async function clientLoader({ serverLoader }: Route.ClientLoaderArgs) {
  isMissing = false;
  try {
    return await serverLoader();
  } catch (thrown) {
    if (thrown instanceof Response) throw thrown;
    isMissing = true;
    return data({ changes: null });
  }
}

/** What is found by kind, corner and words is found in what is there; a save may have brought more. */
export function shouldRevalidate({ formMethod, currentUrl, nextUrl }: ShouldRevalidateFunctionArgs) {
  const isLookedFor = currentUrl.pathname === nextUrl.pathname && currentUrl.search !== nextUrl.search;
  return isMissing || formMethod !== undefined || !isLookedFor;
}

/** All that ever happened to the job, the latest first. */
export default function LogPage({ loaderData }: Route.ComponentProps) {
  return <LogView changes={loaderData.changes} />;
}
