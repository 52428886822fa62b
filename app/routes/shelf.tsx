import { useState } from 'react';
import { SHELF_KINDS, type ShelfKind } from '#core/shelf';
import { listPage, SHELF_PAGE_SIZE, type KeptItem } from '#server/shelf';
import { takenOf } from '#server/stock';
import { Button } from '../ui/controls/Button';
import { DownloadOutlined, PlusOutlined } from '../ui/controls/icons';
import { Segments } from '../ui/controls/Segments';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { SearchField } from '../ui/parts/SearchField';
import { useAddress } from '../ui/parts/useAddress';
import { ImportOutcome, ImportShelfButton, useImportShelf } from '../ui/shelf/ImportShelf';
import { ItemDialog } from '../ui/shelf/ItemDialog';
import { KIND_NAMES } from '../ui/shelf/kinds';
import { runShelfCommand } from '../ui/shelf/shelfCommands';
import { readShelfQuery } from '../ui/shelf/shelfQuery';
import { ShelfTable } from '../ui/shelf/ShelfTable';
import type { Route } from './+types/shelf';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'Shelf · Scoval' }];

export function loader({ request }: Route.LoaderArgs) {
  const query = readShelfQuery(request.url);
  return stored(async () => {
    const page = await listPage(query);
    return { ...page, taken: await takenOf(page.items.map(({ id }) => id)), query, pageSize: SHELF_PAGE_SIZE };
  });
}

export const action = ({ request }: Route.ActionArgs) => stored(() => runShelfCommand(request));

/** What the shop keeps: stacks, rings, fasteners and wheels, with their dimensions. */
export default function ShelfPage({ loaderData: { counts, query, ...list } }: Route.ComponentProps) {
  const { kind } = query;
  const ask = useAddress();
  const [inHand, setInHand] = useState<KeptItem | 'new' | null>(null);
  const job = useImportShelf();
  return (
    <div className="shop-page">
      <ShopStrip>what the shop keeps: a setup takes its parts from here</ShopStrip>
      <main className="shop-main" id="page" tabIndex={-1}>
        <div className="shop-head">
          <h1>Shelf</h1>
          <Segments<ShelfKind>
            aria-label="Kind of part"
            options={SHELF_KINDS.map((value) => ({
              value,
              label: `${KIND_NAMES[value].many} ${counts[value] ?? 0}`,
            }))}
            value={kind}
            onChange={(value) => ask({ kind: value, sort: null, order: null })}
          />
          <SearchField
            label="Search the shelf"
            placeholder="Search maker or name"
            width={190}
            value={query.search}
            ask={(text) => ask({ search: text })}
          />
          <span className="shop-tools">
            <ImportShelfButton job={job} />
            <Button icon={<DownloadOutlined />} href="/shelf.csv">
              Export CSV
            </Button>
            <Button kind="primary" icon={<PlusOutlined />} onClick={() => setInHand('new')}>
              New {KIND_NAMES[kind].one.toLowerCase()}
            </Button>
          </span>
        </div>
        <ImportOutcome job={job} />
        <ShelfTable key={kind} {...list} query={query} ask={ask} open={setInHand} />
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
