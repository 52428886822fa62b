import type { AxialPoint, InnerFace } from '#core/brake';
import { DeleteOutlined, DownloadOutlined, EditOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Segmented, Table, Tooltip, type TableColumnsType, type TableProps } from 'antd';
import Joi from 'joi';
import { useMemo, useState } from 'react';
import { useFetcher, useSearchParams } from 'react-router';
import { itemName, SHELF_KINDS, type ShelfKind } from '#core/shelf';
import { roundTo } from '#core/units';
import { columnsOf, type Column } from '#formats/shelf';
import { listPage, SHELF_PAGE_SIZE, type KeptItem, type ShelfQuery } from '#server/shelf';
import { useLengths, type Lengths } from '../preferences/PreferencesContext';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { SearchField } from '../ui/parts/SearchField';
import { ImportOutcome, ImportStoresButton, useImportStores } from '../ui/stores/ImportStores';
import { ItemDialog } from '../ui/stores/ItemDialog';
import { KIND_NAMES } from '../ui/stores/kinds';
import { runStoresCommand, type StoresAnswer } from '../ui/stores/storesActions';
import type { Route } from './+types/stores';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'Stores · Scoval' }];

const querySchema = Joi.object<ShelfQuery & { order: string }>({
  kind: Joi.valid(...SHELF_KINDS)
    .default('spacer')
    .failover('spacer'),
  search: Joi.string().allow('').max(100).default('').failover(''),
  sort: Joi.string()
    .pattern(/^[A-Za-z]{1,40}$/)
    .allow(null)
    .default(null)
    .failover(null),
  order: Joi.valid('asc', 'desc').default('asc').failover('asc'),
  page: Joi.number().integer().min(1).max(100_000).default(1).failover(1),
}).options({ stripUnknown: true });

/** A page of the shelf as the address asks for it; nonsense in it counts as not asked. */
export function loader({ request }: Route.LoaderArgs) {
  const { order, ...asked } = querySchema.validate(Object.fromEntries(new URL(request.url).searchParams)).value!;
  const query: ShelfQuery = { ...asked, descending: order === 'desc' };
  return stored(async () => ({ ...(await listPage(query)), query, pageSize: SHELF_PAGE_SIZE }));
}

export const action = ({ request }: Route.ActionArgs) => stored(() => runStoresCommand(request));

/** What the shop keeps: stacks, rings, fasteners and wheels, with their dimensions. */
export default function StoresPage({ loaderData }: Route.ComponentProps) {
  const { items, total, counts, query, pageSize } = loaderData;
  const { kind } = query;
  const [, setParams] = useSearchParams();
  const [inHand, setInHand] = useState<KeptItem | 'new' | null>(null);
  const job = useImportStores();
  const lengths = useLengths();
  const columns = useMemo(() => columnsFor({ query, lengths, open: setInHand }), [query, lengths]);
  const ask = (changes: Record<string, string | null>) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        if (!('page' in changes)) next.delete('page');
        for (const [key, value] of Object.entries(changes)) {
          if (value) next.set(key, value);
          else next.delete(key);
        }
        return next;
      },
      { preventScrollReset: true },
    );
  const onChange: TableProps<KeptItem>['onChange'] = ({ current = 1 }, _filters, sorter) => {
    const { columnKey, order } = Array.isArray(sorter) ? sorter[0]! : sorter;
    ask({
      sort: order ? String(columnKey) : null,
      order: order === 'descend' ? 'desc' : null,
      page: current > 1 ? String(current) : null,
    });
  };
  return (
    <div className="shop-page">
      <ShopStrip>what the shop keeps: a setup takes its parts from here</ShopStrip>
      <main className="shop-main">
        <div className="shop-head">
          <h1>Stores</h1>
          <Segmented<ShelfKind>
            aria-label="Kind of part"
            options={SHELF_KINDS.map((value) => ({
              value,
              label: `${KIND_NAMES[value].many} ${counts[value] ?? 0}`,
            }))}
            value={kind}
            onChange={(value) => ask({ kind: value, sort: null, order: null })}
          />
          <SearchField
            label="Search the stores"
            placeholder="Search maker or name"
            width={210}
            value={query.search}
            ask={(text) => ask({ search: text })}
          />
          <span className="shop-tools">
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
          dataSource={items}
          onChange={onChange}
          rowKey="id"
          size="small"
          showSorterTooltip={false}
          scroll={{ x: 'max-content' }}
          pagination={total > pageSize ? { current: query.page, pageSize, total, showSizeChanger: false } : false}
          locale={{
            emptyText: (
              <p className="shop-empty">
                {query.search !== ''
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

function columnsFor({
  query,
  lengths,
  open,
}: {
  query: ShelfQuery;
  lengths: Lengths;
  open(item: KeptItem): void;
}): TableColumnsType<KeptItem> {
  const direction = query.descending ? ('descend' as const) : ('ascend' as const);
  return [
    ...columnsOf(query.kind).map((column) => {
      const figure = column.type === 'length' || column.type === 'number' || column.type === 'rim';
      return {
        key: column.key,
        title: column.label,
        align: figure ? ('right' as const) : ('left' as const),
        sorter: true,
        sortOrder: query.sort === column.key ? direction : null,
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
