import { useFetcher } from 'react-router';
import type { KeptList } from '#server/priceLists/lists';
import { Button } from '../controls/Button';
import { Moment } from '../parts/Moment';
import { KIND_NAMES } from '../shelf/kinds';
import type { ListAnswer } from './listCommands';
import '../frame/shop.css';
import type { Column } from '../table/columns';
import { RowsTable } from '../table/RowsTable';

/** The lists in use. */
export const ListTable = ({ lists }: { lists: KeptList[] }) => (
  <RowsTable<KeptList>
    wide
    columns={COLUMNS}
    rows={lists}
    rowKey={({ id }) => id}
    empty={
      <p className="shop-empty">
        No price list yet. Take in what a supplier sends, CSV or XLSX: Find looks among its wheels and tires, and every
        price says which list it is from.
      </p>
    }
  />
);

const COLUMNS: readonly Column<KeptList>[] = [
  { key: 'supplier', title: 'Supplier', render: ({ supplier }) => supplier },
  { key: 'kind', title: 'Of', render: ({ kind }) => KIND_NAMES[kind].many },
  {
    key: 'count',
    title: 'Lines',
    align: 'right',
    render: ({ count }) => <span className="figure">{count.toLocaleString('en-US')}</span>,
  },
  { key: 'currency', title: 'Prices in', render: ({ currency }) => currency ?? '—' },
  { key: 'file', title: 'File', render: ({ fileName }) => fileName },
  { key: 'taken', title: 'Taken in', render: ({ takenAt }) => <Moment at={takenAt} /> },
  {
    key: 'tools',
    title: <span className="visually-hidden">Tools</span>,
    align: 'right',
    render: (list) => <TakeBack list={list} />,
  },
];

function TakeBack({ list: { id, supplier, hasEarlier } }: { list: KeptList }) {
  const fetcher = useFetcher<ListAnswer>();
  return (
    <Button
      size="small"
      busy={fetcher.state !== 'idle'}
      aria-label={`Take back the list of ${supplier}`}
      onClick={() =>
        void fetcher.submit(
          { intent: 'back', id },
          { method: 'post', action: '/price-lists', encType: 'application/json' },
        )
      }
    >
      {hasEarlier ? 'Back to the one before' : 'Take back'}
    </Button>
  );
}
