import { useEffect, useState } from 'react';
import { useFetcher, useSearchParams } from 'react-router';
import { Button } from '../controls/Button';
import { Input } from '../controls/Input';
import './doors.css';

export interface SignInProps {
  /** The way to this server is encrypted. */
  secure: boolean;
  /** A code that the desk has shown; null without. */
  code: string | null;
  /** Where it leads to. */
  to: string;
  /** How long a pass-phrase may be, characters. */
  most: number;
}

/** The door: the shop's pass-phrase, or a code that the desk has shown. */
export function SignIn({ secure, code, to, most }: SignInProps) {
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
        <section aria-label="With the code from the desk">
          <p>This device was invited at the desk.</p>
          <Button kind="primary" size="large" busy={busy} onClick={() => send({ code })}>
            {to === '/' ? 'Join this shop' : 'Join and go on'}
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
          Shop pass-phrase
        </label>
        <Input
          type="password"
          id="phrase"
          autoComplete="current-password"
          value={phrase}
          maxLength={most}
          aria-invalid={Boolean(fault)}
          aria-describedby={fault ? 'phrase-fault' : undefined}
          onChange={({ target }) => setPhrase(target.value)}
        />
        <Button type="submit" size="large" kind={code ? 'plain' : 'primary'} busy={busy}>
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
          The connection is not encrypted: anyone on this network can listen. Use it only on the shop&apos;s own
          network.
        </p>
      )}
      <p className="soft">
        This device stays signed in for 30 days, or until it is signed out at the desk under Shop defaults.
      </p>
    </main>
  );
}
