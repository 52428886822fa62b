import { DownloadOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { SHELF_KINDS, type ShelfKind } from '#core/shelf';
import { listPage, SHELF_PAGE_SIZE, type KeptItem } from '#server/shelf';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { SearchField } from '../ui/parts/SearchField';
import { useAddress } from '../ui/parts/useAddress';
import { ImportOutcome, ImportStoresButton, useImportStores } from '../ui/stores/ImportStores';
import { ItemDialog } from '../ui/stores/ItemDialog';
import { KIND_NAMES } from '../ui/stores/kinds';
import { runStoresCommand } from '../ui/stores/storesCommands';
import { readStoresQuery } from '../ui/stores/storesQuery';
import { StoresTable } from '../ui/stores/StoresTable';
import type { Route } from './+types/stores';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'Stores · Scoval' }];

export function loader({ request }: Route.LoaderArgs) {
  const query = readStoresQuery(request.url);
  return stored(async () => ({ ...(await listPage(query)), query, pageSize: SHELF_PAGE_SIZE }));
}

export const action = ({ request }: Route.ActionArgs) => stored(() => runStoresCommand(request));

/** What the shop keeps: stacks, rings, fasteners and wheels, with their dimensions. */
export default function StoresPage({ loaderData: { counts, query, ...list } }: Route.ComponentProps) {
  const { kind } = query;
  const ask = useAddress();
  const [inHand, setInHand] = useState<KeptItem | 'new' | null>(null);
  const job = useImportStores();
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
            width={190}
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
        <StoresTable key={kind} {...list} query={query} ask={ask} open={setInHand} />
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
