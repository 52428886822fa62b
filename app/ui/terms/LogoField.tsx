import { useFetcher } from 'react-router';
import { Button } from '../controls/Button';
import type { LogoAnswer } from '../../routes/logo';
import { FileButton } from '../parts/FileButton';
import './terms.css';

/** The shop's logo on its papers: shown, chosen, taken away. */
export function LogoField({ mark }: { mark: string | null }) {
  const fetcher = useFetcher<LogoAnswer>();
  const busy = fetcher.state !== 'idle';
  const send = (fill: (form: FormData) => void) => {
    const form = new FormData();
    fill(form);
    void fetcher.submit(form, { method: 'post', action: '/logo', encType: 'multipart/form-data' });
  };
  return (
    <div className="logo-field">
      {mark !== null && <img src={`/logo?${mark}`} alt="The shop's logo" className="logo-picture" />}
      <FileButton
        label="Logo, PNG or SVG"
        accept=".png,.svg,image/png,image/svg+xml"
        busy={busy}
        take={(file) => file && send((form) => form.set('file', file))}
      >
        {mark === null ? 'Choose a logo' : 'Another logo'}
      </FileButton>
      {mark !== null && (
        <Button kind="text" disabled={busy} onClick={() => send((form) => form.set('intent', 'remove'))}>
          Take the logo away
        </Button>
      )}
      {fetcher.data?.fault && (
        <p role="alert" className="field-fault">
          {fetcher.data.fault}
        </p>
      )}
    </div>
  );
}
