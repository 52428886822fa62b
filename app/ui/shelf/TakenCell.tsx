import { Link, useFetcher } from 'react-router';
import type { TakenFor } from '#server/stock';
import { Button } from '../controls/Button';
import './shelf.css';

/** What of an item is put by for setups, or was taken for them, each to be looked at and put back. */
export const TakenCell = ({ name, taken }: { name: string; taken: readonly TakenFor[] }) => (
  <ul className="taken">
    {taken.map((one) => (
      <TakenLine key={`${one.jobId} ${one.setup}`} name={name} one={one} />
    ))}
  </ul>
);

function TakenLine({ name, one }: { name: string; one: TakenFor }) {
  const { jobId, number, setup, reserved, used } = one;
  const fetcher = useFetcher();
  const counts = [reserved > 0 && `${reserved} reserved`, used > 0 && `${used} taken`].filter(Boolean).join(', ');
  const of = `${number} ${setup.toUpperCase()}`;
  return (
    <li>
      {counts} for <Link to={`/jobs/${jobId}/setups?setup=${setup}&view=cost`}>{of}</Link>{' '}
      <Button
        size="small"
        kind="text"
        aria-label={`Put back ${name}, taken for ${of}`}
        disabled={fetcher.state !== 'idle'}
        onClick={() =>
          void fetcher.submit(
            { intent: 'putBack', setup },
            { method: 'post', action: `/jobs/${jobId}/stock`, encType: 'application/json' },
          )
        }
      >
        Put back
      </Button>
    </li>
  );
}
