import { data } from 'react-router';
import { preferencesHeader } from '../preferences/cookie';
import { readJson } from '../requests';
import type { Route } from './+types/preferences';

export async function action({ request }: Route.ActionArgs) {
  const header = await preferencesHeader(await readJson(request));
  if (header === null) return data({ kept: false }, { status: 400 });
  return data({ kept: true }, { headers: { 'Set-Cookie': header } });
}
