import type { AxialPoint, InnerFace } from '#core/brake';
import { DeleteOutlined, DownloadOutlined, EditOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Input, Segmented, Table, Tooltip, type TableColumnsType } from 'antd';
import { useMemo, useState } from 'react';
import { useFetcher, useSearchParams } from 'react-router';
import { itemName, SHELF_KINDS, type ShelfKind } from '#core/shelf';
import { roundTo } from '#core/units';
import { columnsOf, type Column } from '#formats/shelf';
import { listItems, type KeptItem } from '#server/shelf';
import { useLengths, type Lengths } from '../preferences/PreferencesContext';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { ImportOutcome, ImportStoresButton, useImportStores } from '../ui/stores/ImportStores';
import { ItemDialog } from '../ui/stores/ItemDialog';
import { KIND_NAMES } from '../ui/stores/kinds';
import { runStoresCommand, type StoresAnswer } from '../ui/stores/storesActions';
import type { Route } from './+types/stores';
import '../ui/bench/bench.css';
import '../ui/stores/stores.css';

export const meta: Route.MetaFunction = () => [{ title: 'Stores · Scoval' }];

export const loader = () => stored(async () => ({ items: await listItems() }));

export const action = ({ request }: Route.ActionArgs) => stored(() => runStoresCommand(request));

/** What the shop keeps: stacks, rings, fasteners and wheels, with their dimensions. */
export default function StoresPage({ loaderData }: Route.ComponentProps) {
  const { items } = loaderData;
  const [params, setParams] = useSearchParams();
  const asked = params.get('kind') as ShelfKind | null;
  const kind = asked && SHELF_KINDS.includes(asked) ? asked : 'spacer';
  const [search, setSearch] = useState('');
  const [inHand, setInHand] = useState<KeptItem | 'new' | null>(null);
  const job = useImportStores();
  const lengths = useLengths();
  const columns = useMemo(() => columnsFor(kind, lengths, setInHand), [kind, lengths]);
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = items.filter(
    ({ item }) => item.kind === kind && words.every((word) => itemName(item).toLowerCase().includes(word)),
  );
  return (
    <div className="bench">
      <ShopStrip>what the shop keeps: a setup takes its parts from here</ShopStrip>
      <main className="bench-main">
        <div className="bench-head">
          <h1>Stores</h1>
          <Segmented<ShelfKind>
            aria-label="Kind of part"
            options={SHELF_KINDS.map((value) => ({
              value,
              label: `${KIND_NAMES[value].many} ${items.filter(({ item }) => item.kind === value).length}`,
            }))}
            value={kind}
            onChange={(value) => setParams({ kind: value }, { preventScrollReset: true })}
          />
          <Input
            allowClear
            aria-label="Search the stores"
            placeholder="Search maker or name"
            value={search}
            maxLength={100}
            style={{ width: 210 }}
            onChange={({ target }) => setSearch(target.value)}
          />
          <span className="bench-tools">
            <ImportStoresButton job={job} />
            <Button icon={<DownloadOutlined />} href="/stores.csv">
              Export CSV
            </Button>
            <Button type="primary" icon={<PlusOutlined />} onClick={() => setInHand('new')}>
              New {KIND_NAMES[kind].one.toLowerCase()}
            </Button>
          </span>
        </div>
        <ImportOutcome job={job} />
        <Table<KeptItem>
          key={kind}
          columns={columns}
          dataSource={shown}
          rowKey="id"
          size="small"
          showSorterTooltip={false}
          scroll={{ x: 'max-content' }}
          pagination={shown.length > 50 ? { pageSize: 50, showSizeChanger: false } : false}
          locale={{
            emptyText: (
              <p className="bench-empty">
                {words.length > 0
                  ? 'Nothing of that name.'
                  : `No ${KIND_NAMES[kind].many.toLowerCase()} kept yet. Add one, or import a list: its heading` +
                    ' line names the fields as the exported file does.'}
              </p>
            ),
          }}
        />
      </main>
      {inHand !== null && (
        <ItemDialog
          key={inHand === 'new' ? `new${kind}` : inHand.id}
          kind={kind}
          kept={inHand === 'new' ? null : inHand}
          close={() => setInHand(null)}
        />
      )}
    </div>
  );
}

function columnsFor(kind: ShelfKind, lengths: Lengths, open: (item: KeptItem) => void): TableColumnsType<KeptItem> {
  return [
    ...columnsOf(kind).map((column) => {
      const figure = column.type === 'length' || column.type === 'number' || column.type === 'rim';
      return {
        key: column.key,
        title: column.label,
        align: figure ? ('right' as const) : ('left' as const),
        sorter: (one: KeptItem, other: KeptItem) => compare(one.item[column.key], other.item[column.key]),
        render: (_: unknown, { item }: KeptItem) => (
          <span className={figure || column.type === 'marking' ? 'figure' : ''}>
            {cellText(column, item[column.key], lengths)}
          </span>
        ),
      };
    }),
    {
      key: 'tools',
      title: <span className="visually-hidden">Tools</span>,
      align: 'right',
      fixed: 'right',
      render: (_: unknown, kept: KeptItem) => <RowTools kept={kept} open={open} />,
    },
  ];
}

function compare(one: unknown, other: unknown): number {
  if (one == null || other == null) return (one == null ? 1 : 0) - (other == null ? 1 : 0);
  return typeof one === 'number' && typeof other === 'number' ? one - other : String(one).localeCompare(String(other));
}

/** A shape in a few words. */
function shapeWords(shape: InnerFace | AxialPoint[]): string {
  if (Array.isArray(shape)) return `${shape.length} corners`;
  return shape.origin === 'family'
    ? `${shape.family ?? 'family'}, assumed`
    : `${(shape.barrel?.length ?? 0) + (shape.spoke?.length ?? 0)} points`;
}

/** Bolt circles, bores and offsets keep their mm names; what is measured follows the reader's unit. */
function cellText(column: Column, value: unknown, lengths: Lengths): string {
  if (value == null || value === '') return '—';
  if (column.shape) return shapeWords(value as InnerFace | AxialPoint[]);
  if (column.type === 'choice') return column.choices![String(value)] ?? String(value);
  if (typeof value !== 'number') return String(value);
  const named = /circle|bore|offset|⌀/i.test(column.label);
  return column.type === 'length' && !named ? lengths.figure(value) : String(roundTo(value, 2));
}

function RowTools({ kept, open }: { kept: KeptItem; open(item: KeptItem): void }) {
  const fetcher = useFetcher<StoresAnswer>();
  const name = itemName(kept.item);
  return (
    <span className="row-tools">
      <Tooltip title="Change">
        <Button type="text" aria-label={`Change ${name}`} icon={<EditOutlined />} onClick={() => open(kept)} />
      </Tooltip>
      <Tooltip title="Take out of the stores">
        <Button
          type="text"
          aria-label={`Remove ${name}`}
          icon={<DeleteOutlined />}
          onClick={() =>
            void fetcher.submit(
              { intent: 'remove', id: kept.id },
              { method: 'post', action: '/stores', encType: 'application/json' },
            )
          }
        />
      </Tooltip>
    </span>
  );
}
