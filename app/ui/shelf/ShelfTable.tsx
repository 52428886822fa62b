import { useMemo } from 'react';
import { useFetcher } from 'react-router';
import type { AxialPoint, InnerFace } from '#core/brake';
import { itemName } from '#core/shelf';
import { roundTo } from '#core/units';
import { columnsOf, type Column as Field } from '#formats/shelf';
import type { KeptItem, ShelfQuery } from '#server/shelf';
import type { TakenFor } from '#server/stock';
import { Button } from '../controls/Button';
import { DeleteOutlined, EditOutlined } from '../controls/icons';
import { Tip } from '../controls/Tip';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import type { AddressChange } from '../parts/useAddress';
import { KIND_NAMES } from './kinds';
import type { ShelfAnswer } from './shelfCommands';
import { TakenCell } from './TakenCell';
import '../frame/shop.css';
import type { Column, SortedBy } from '../table/columns';
import { Pager } from '../table/Pager';
import { RowsTable } from '../table/RowsTable';

interface ShelfTableProps {
  items: KeptItem[];
  /** What of them is taken for setups, by the item's id. */
  taken: Readonly<Record<string, readonly TakenFor[]>>;
  total: number;
  query: ShelfQuery;
  pageSize: number;
  ask(change: AddressChange): void;
  open(item: KeptItem): void;
}

/** What is kept of a kind, with its dimensions. */
export function ShelfTable({ items, taken, total, query, pageSize, ask, open }: ShelfTableProps) {
  const { kind } = query;
  const lengths = useLengths();
  const columns = useMemo(() => columnsFor({ query, lengths, taken, open }), [query, lengths, taken, open]);
  const sorted: SortedBy | null =
    query.sort === null ? null : { key: query.sort, order: query.descending ? 'descend' : 'ascend' };
  const sort = (next: SortedBy | null) =>
    ask({ sort: next?.key ?? null, order: next?.order === 'descend' ? 'desc' : null, page: null });
  return (
    <>
      <RowsTable<KeptItem>
        wide
        key={kind}
        columns={columns}
        rows={items}
        sorted={sorted}
        sort={sort}
        rowKey={({ id }) => id}
        empty={
          <p className="shop-empty">
            {query.search !== ''
              ? 'Nothing of that name.'
              : `No ${KIND_NAMES[kind].many.toLowerCase()} kept yet. Add one, or import a list: its heading` +
                ' line names the fields as the exported file does.'}
          </p>
        }
      />
      {total > pageSize && (
        <Pager
          page={query.page}
          pageSize={pageSize}
          total={total}
          turn={(page) => ask({ page: page > 1 ? String(page) : null })}
        />
      )}
    </>
  );
}

function columnsFor({
  query,
  lengths,
  taken,
  open,
}: {
  query: ShelfQuery;
  lengths: Lengths;
  taken: ShelfTableProps['taken'];
  open(item: KeptItem): void;
}): readonly Column<KeptItem>[] {
  return [
    ...columnsOf(query.kind).map((column) => {
      const figure = column.type === 'length' || column.type === 'number' || column.type === 'rim';
      return {
        key: column.key,
        title: column.label,
        align: figure ? ('right' as const) : ('left' as const),
        sorter: true as const,
        render: ({ item }: KeptItem) => (
          <span className={figure || column.type === 'marking' ? 'figure' : ''}>
            {cellText(column, item[column.key], lengths)}
          </span>
        ),
      };
    }),
    ...(Object.keys(taken).length > 0
      ? [
          {
            key: 'taken',
            title: 'For jobs',
            render: ({ id, item }: KeptItem) => <TakenCell name={itemName(item)} taken={taken[id] ?? []} />,
          },
        ]
      : []),
    {
      key: 'tools',
      title: <span className="visually-hidden">Tools</span>,
      align: 'right',
      className: 'cell-tools',
      render: (kept: KeptItem) => <RowTools kept={kept} open={open} />,
    },
  ];
}

/** A shape in a few words. */
function shapeWords(shape: InnerFace | AxialPoint[]): string {
  if (Array.isArray(shape)) return `${shape.length} points`;
  return shape.origin === 'family'
    ? `${shape.family ?? 'family'}, assumed`
    : `${(shape.barrel?.length ?? 0) + (shape.spoke?.length ?? 0)} points`;
}

/** Bolt circles, bores and offsets keep their mm names; what is measured follows the reader's unit. */
function cellText(column: Field, value: unknown, lengths: Lengths): string {
  if (value == null || value === '') return '—';
  if (column.shape) return shapeWords(value as InnerFace | AxialPoint[]);
  if (column.type === 'choice') return column.choices![String(value)] ?? String(value);
  if (typeof value !== 'number') return String(value);
  const named = /circle|bore|offset|⌀/i.test(column.label);
  return column.type === 'length' && !named ? lengths.figure(value) : String(roundTo(value, 2));
}

function RowTools({ kept, open }: { kept: KeptItem; open(item: KeptItem): void }) {
  const fetcher = useFetcher<ShelfAnswer>();
  const name = itemName(kept.item);
  return (
    <span className="row-tools">
      <Tip title="Change">
        <Button kind="text" aria-label={`Change ${name}`} icon={<EditOutlined />} onClick={() => open(kept)} />
      </Tip>
      <Tip title="Delete from the shelf">
        <Button
          kind="text"
          aria-label={`Delete ${name}`}
          icon={<DeleteOutlined />}
          onClick={() =>
            void fetcher.submit(
              { intent: 'remove', id: kept.id },
              { method: 'post', action: '/shelf', encType: 'application/json' },
            )
          }
        />
      </Tip>
    </span>
  );
}
