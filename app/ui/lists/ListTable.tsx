import { Button, Table, type TableColumnsType } from 'antd';
import { useFetcher } from 'react-router';
import type { KeptList } from '#server/priceLists/lists';
import { Moment } from '../parts/Moment';
import { KIND_NAMES } from '../shelf/kinds';
import type { ListAnswer } from './listCommands';
import '../frame/shop.css';

/** The lists in use. */
export const ListTable = ({ lists }: { lists: KeptList[] }) => (
  <Table<KeptList>
    columns={COLUMNS}
    dataSource={lists}
    rowKey="id"
    size="small"
    pagination={false}
    showSorterTooltip={false}
    scroll={{ x: 'max-content' }}
    locale={{
      emptyText: (
        <p className="shop-empty">
          No price list yet. Take in what a supplier sends, CSV or XLSX: Find looks among its wheels and tires, and
          every price says which list it is from.
        </p>
      ),
    }}
  />
);

const COLUMNS: TableColumnsType<KeptList> = [
  { key: 'supplier', title: 'Supplier', dataIndex: 'supplier' },
  { key: 'kind', title: 'Of', render: (_, { kind }) => KIND_NAMES[kind].many },
  {
    key: 'count',
    title: 'Lines',
    align: 'right',
    render: (_, { count }) => <span className="figure">{count.toLocaleString('en-US')}</span>,
  },
  { key: 'currency', title: 'Prices in', render: (_, { currency }) => currency ?? '—' },
  { key: 'file', title: 'File', dataIndex: 'fileName' },
  { key: 'taken', title: 'Taken in', render: (_, { takenAt }) => <Moment at={takenAt} /> },
  {
    key: 'tools',
    title: <span className="visually-hidden">Tools</span>,
    align: 'right',
    render: (_, list) => <TakeBack list={list} />,
  },
];

function TakeBack({ list: { id, supplier, hasEarlier } }: { list: KeptList }) {
  const fetcher = useFetcher<ListAnswer>();
  return (
    <Button
      size="small"
      loading={fetcher.state !== 'idle'}
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
