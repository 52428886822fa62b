import Joi from 'joi';
import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { data, redirect, useFetcher, useSearchParams } from 'react-router';
import { VALIDATION } from '#formats/rules';
import { dataFolder } from '#server/base/folder';
import { isPassphrase, MOST_CHARACTERS, readPassphrase } from '#server/base/passphrase';
import { letIn } from '#server/doors/devices';
import { takeCode } from '#server/doors/joining';
import { cookieOf, safePlace } from '#server/doors/session';
import { readJson } from '../requests';
import { deviceLabel } from '../ui/doors/deviceLabel';
import type { Route } from './+types/enter';
import '../ui/doors/doors.css';

export const meta: Route.MetaFunction = () => [{ title: 'Sign in · Scoval' }];

export function loader({ request, context }: Route.LoaderArgs) {
  if (!context.beyond || context.device) throw redirect('/');
  const { searchParams } = new URL(request.url);
  return {
    secure: context.secure,
    code: searchParams.get('code'),
    to: safePlace(searchParams.get('to')),
    most: MOST_CHARACTERS,
  };
}

const schema = Joi.object<{ phrase?: string; code?: string }>({
  phrase: Joi.string().max(MOST_CHARACTERS),
  code: Joi.string().max(60),
})
  .xor('phrase', 'code')
  .required();

/** Lets a device in that knows the pass-phrase, or carries a code from the desk. */
export async function action({ request, context }: Route.ActionArgs) {
  if (!context.beyond) throw redirect('/');
  const { value, error } = schema.validate(await readJson(request), VALIDATION);
  if (error || !value) return data({ fault: 'type the pass-phrase of the shop' }, { status: 400 });
  const fault = value.code ? codeFault(value.code) : await phraseFault(value.phrase!);
  if (fault) return data({ fault }, { status: 403 });
  const token = await letIn(deviceLabel(request.headers.get('User-Agent') ?? '', context.address));
  return data({ fault: null }, { headers: { 'Set-Cookie': cookieOf(token, context.secure) } });
}

const codeFault = (code: string): string | null =>
  takeCode(code) ? null : 'this code was used, or is older than five minutes: show a new one at the desk';

async function phraseFault(phrase: string): Promise<string | null> {
  const kept = readPassphrase(dataFolder());
  return kept && (await isPassphrase(kept, phrase)) ? null : 'that is not the pass-phrase of this shop';
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

/** The door: the shop's pass-phrase, or a code that the desk has shown. */
export default function EnterPage({ loaderData }: Route.ComponentProps) {
  const { secure, code, to, most } = loaderData;
  const [params] = useSearchParams();
  const fetcher = useFetcher<{ fault: string | null }>();
  const [phrase, setPhrase] = useState('');
  const send = (body: Record<string, string>) =>
    void fetcher.submit(body, { method: 'post', action: `/enter?${params}`, encType: 'application/json' });
  const fault = fetcher.data?.fault;
  useEffect(() => {
    if (fault === null) window.location.assign(to);
  }, [fault, to]);
  const busy = fetcher.state !== 'idle' || fault === null;
  return (
    <main className="enter">
      <p className="brand">scoval</p>
      <h1>Sign in</h1>
      {code && (
        <section aria-label="By the code of the desk">
          <p>The desk has shown this device the way in.</p>
          <Button type="primary" size="large" loading={busy} onClick={() => send({ code })}>
            Join this shop
          </Button>
          <p className="soft">or</p>
        </section>
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          send({ phrase });
        }}
      >
        {/* What keeps pass-phrases for people wants to know whose it is. */}
        <input type="text" autoComplete="username" value="shop" readOnly hidden />
        <label className="label" htmlFor="phrase">
          Pass-phrase of the shop
        </label>
        <Input.Password
          id="phrase"
          size="large"
          autoComplete="current-password"
          value={phrase}
          maxLength={most}
          status={fault ? 'error' : ''}
          aria-invalid={Boolean(fault)}
          aria-describedby={fault ? 'phrase-fault' : undefined}
          onChange={({ target }) => setPhrase(target.value)}
        />
        <Button htmlType="submit" size="large" type={code ? 'default' : 'primary'} loading={busy}>
          Sign in
        </Button>
      </form>
      {fault && (
        <p role="alert" id="phrase-fault" className="field-fault">
          {fault}
        </p>
      )}
      {!secure && (
        <p className="caution-note">
          Nothing is encrypted on the way: whoever is on this network can listen. Use it on the shop&apos;s own network
          alone.
        </p>
      )}
      <p className="soft">
        This device stays signed in for 30 days, or until it is signed out at the desk under House.
      </p>
    </main>
  );
}
