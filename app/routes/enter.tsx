import { data, redirect } from 'react-router';
import { MOST_CHARACTERS } from '#server/base/passphrase';
import { letIn } from '#server/doors/devices';
import { cookieOf, safePlace } from '#server/doors/session';
import { readJson } from '../requests';
import { deviceLabel } from '../ui/doors/deviceLabel';
import { whyNotIn } from '../ui/doors/entryCommands';
import { SignIn } from '../ui/doors/SignIn';
import type { Route } from './+types/enter';

export const meta: Route.MetaFunction = () => [{ title: 'Sign in · Scoval' }];

export function loader({ request, context }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url);
  // Whoever is in already goes on to what the code leads to.
  if (!context.beyond || context.device) throw redirect(safePlace(searchParams.get('to')));
  return {
    secure: context.secure,
    code: searchParams.get('code'),
    to: safePlace(searchParams.get('to')),
    most: MOST_CHARACTERS,
  };
}

/** Lets a device in that knows the pass-phrase, or carries a code from the desk. */
export async function action({ request, context }: Route.ActionArgs) {
  if (!context.beyond) throw redirect('/');
  const why = await whyNotIn(await readJson(request));
  if (why) return data({ fault: why.fault }, { status: why.status });
  const token = await letIn(deviceLabel(request.headers.get('User-Agent') ?? '', context.address));
  return data({ fault: null }, { headers: { 'Set-Cookie': cookieOf(token, context.secure) } });
}

/** Too many tries, or no answer: said beside the field, with what was typed kept. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction();
  } catch {
    return { fault: 'no answer, or too many tries: wait a minute and try again' };
  }
}

/** Whoever is in is led on by the page itself. */
export const shouldRevalidate = () => false;

export default function EnterPage({ loaderData }: Route.ComponentProps) {
  return <SignIn {...loaderData} />;
}
