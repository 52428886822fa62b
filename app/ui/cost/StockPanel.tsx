import { useEffect } from 'react';
import { useFetcher } from 'react-router';
import type { OrderLine } from '#core/order';
import type { Setup } from '#core/job';
import { capital } from '#core/text';
import { Notice } from '../controls/Notice';
import { Button } from '../controls/Button';
import { useDocument, useSaves } from '../../job/DocumentContext';
import type { StockAnswer, StockIntent } from './stockCommands';
import './cost.css';

/** What of a setup lies on the shelf: put by for it, taken off when it goes on the car, and put back. */
export function StockPanel({ setup }: { setup: Setup }) {
  const { id } = useDocument();
  const { state } = useSaves();
  const list = useFetcher<{ lines: OrderLine[] }>();
  const command = useFetcher<StockAnswer>();
  const isSaved = state.queue.length === 0;
  const address = `/jobs/${id}/stock?setup=${encodeURIComponent(setup.id)}`;
  const { load } = list;
  useEffect(() => {
    // What is to be had is known from what is saved.
    if (isSaved) void load(address);
  }, [address, isSaved, load]);
  const lines = list.data?.lines ?? [];
  const sum = (of: (line: OrderLine) => number) => lines.reduce((all, line) => all + of(line), 0);
  const [reserved, used, free] = [
    sum((line) => line.reserved),
    sum((line) => line.used),
    sum((line) => line.fromShelf - line.reserved),
  ];
  const send = (intent: StockIntent) =>
    void command.submit({ intent, setup: setup.id }, { method: 'post', action: address, encType: 'application/json' });
  const isBusy = !isSaved || command.state !== 'idle';
  const fault = command.data?.fault;
  if (!list.data || lines.length === 0) return null;
  return (
    <section className="stock" aria-label="Shelf">
      <h2 className="label">From the shelf, or to buy</h2>
      <div className="stock-scroller" role="region" aria-label="Parts of the order" tabIndex={0}>
        <StockTable lines={lines} />
      </div>
      <div className="order-tools">
        {free > 0 && (
          <Button kind="primary" disabled={isBusy} onClick={() => send('reserve')}>
            Reserve {free} on the shelf
          </Button>
        )}
        {reserved > 0 && (
          <Button disabled={isBusy} onClick={() => send('use')}>
            Take {reserved} off the shelf
          </Button>
        )}
        {reserved + used > 0 && (
          <Button disabled={isBusy} onClick={() => send('putBack')}>
            Put {reserved + used} back
          </Button>
        )}
      </div>
      {free + reserved + used === 0 && <p className="soft">The shelf has none of it.</p>}
      {fault && <Notice kind="fault" title={capital(fault)} />}
    </section>
  );
}

const StockTable = ({ lines }: { lines: readonly OrderLine[] }) => (
  <table className="cost-table stock-table">
    <thead>
      <tr>
        <th scope="col">Part</th>
        <th scope="col">Count</th>
        <th scope="col">On shelf</th>
        <th scope="col">Reserved</th>
        <th scope="col">Taken</th>
        <th scope="col">Buy</th>
      </tr>
    </thead>
    <tbody>
      {lines.map(({ code, label, figures, count, onShelf, reserved, used, toBuy, shelf }) => (
        <tr key={`${code} ${label} ${figures}`}>
          <th scope="row">{figures || capital(label)}</th>
          <td className="figure">{count}</td>
          <td className="figure">{shelf ? onShelf - reserved : '—'}</td>
          <td className="figure">{reserved || '—'}</td>
          <td className="figure">{used || '—'}</td>
          <td className="figure">{toBuy}</td>
        </tr>
      ))}
    </tbody>
  </table>
);
