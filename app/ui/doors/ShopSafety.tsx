import type { Device } from '#server/doors/devices';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Moment } from '../parts/Moment';
import { Joining } from './Joining';
import { CommandFaults, useShopCommand } from './useShopCommand';
import './doors.css';

/** A copy of the database as the page shows it. */
export interface ShownCopy {
  name: string;
  bytes: number;
  madeAt: string;
}

interface BackupsProps {
  copies: readonly ShownCopy[];
  daily: boolean;
  /** How many are kept. */
  kept: number;
}

/** Copies of everything the shop has: made by themselves every day, and by hand. */
export function Backups({ copies, daily, kept }: BackupsProps) {
  const { send, busy, answer } = useShopCommand();
  return (
    <section>
      <h2>Backups</h2>
      <Check checked={daily} onChange={({ target }) => send({ intent: 'daily', on: target.checked })}>
        One backup a day, the last {kept} kept
      </Check>
      <div>
        <Button busy={busy} onClick={() => send({ intent: 'back-up' })}>
          Back up now
        </Button>
      </div>
      <CommandFaults answer={answer} />
      {answer?.done && <p role="status">{answer.done}</p>}
      {copies.length === 0 ? (
        <p className="soft">No backup yet.</p>
      ) : (
        <ul className="device-rows" aria-label="Backups">
          {copies.map(({ name, bytes, madeAt }) => (
            <li key={name}>
              <span className="figure">{megabytes(bytes)} MB</span>
              <span className="soft">
                <Moment at={madeAt} />
              </span>
              <a href={`/backups/${name}`} download={name}>
                Save a copy
              </a>
            </li>
          ))}
        </ul>
      )}
      <p className="caution-note">
        A backup on the same disk is lost with the disk: keep one elsewhere too, and the folder photos beside it.
      </p>
    </section>
  );
}

const megabytes = (bytes: number): string => (bytes / 1024 / 1024).toFixed(1);

/** Who was let in, and the way in for one more. */
export function Devices({ devices, own }: { devices: readonly Device[]; own: string | null }) {
  const { send, busy, answer } = useShopCommand();
  return (
    <section>
      <h2>Devices</h2>
      <ul className="device-rows" aria-label="Devices">
        {devices.map(({ id, label, seen }) => (
          <li key={id}>
            <b>{label}</b>
            {id === own ? (
              <span className="soft">this one</span>
            ) : (
              <span className="soft">
                <Moment at={seen} />
              </span>
            )}
            <Button size="small" onClick={() => send({ intent: 'end-device', id })}>
              Sign out
            </Button>
          </li>
        ))}
      </ul>
      <div>
        <Button busy={busy} onClick={() => send({ intent: 'join' })}>
          Add a phone or tablet
        </Button>
      </div>
      <CommandFaults answer={answer} />
      {answer?.join && (
        <Joining key={answer.join.ways[0]?.address} {...answer.join} again={() => send({ intent: 'join' })} />
      )}
      <p className="soft">A new pass-phrase (npm run passphrase) signs them all out.</p>
    </section>
  );
}
