import { useState } from 'react';
import { priceLists } from '#server/priceLists/lists';
import { Button } from '../ui/controls/Button';
import { PlusOutlined } from '../ui/controls/icons';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { runListCommand } from '../ui/lists/listCommands';
import { ListDialog } from '../ui/lists/ListDialog';
import { ListTable } from '../ui/lists/ListTable';
import type { Route } from './+types/price-lists';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'Price lists · Scoval' }];

export const loader = () => stored(priceLists);

export const action = ({ request }: Route.ActionArgs) => stored(() => runListCommand(request));

/** What suppliers offer: their lists, as they were taken in. */
export default function PriceListsPage({ loaderData: lists }: Route.ComponentProps) {
  const [taking, setTaking] = useState(false);
  return (
    <div className="shop-page">
      <ShopStrip>what suppliers offer: Find looks among it</ShopStrip>
      <main className="shop-main" id="page" tabIndex={-1}>
        <div className="shop-head">
          <h1>Price lists</h1>
          <span className="shop-tools">
            <Button kind="primary" icon={<PlusOutlined />} onClick={() => setTaking(true)}>
              Take in a list
            </Button>
          </span>
        </div>
        <ListTable lists={lists} />
      </main>
      {taking && (
        <ListDialog suppliers={[...new Set(lists.map(({ supplier }) => supplier))]} close={() => setTaking(false)} />
      )}
    </div>
  );
}
