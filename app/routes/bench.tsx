import { useState } from 'react';
import { listJobs, PAGE_SIZE } from '#server/bench';
import { hasJobs } from '#server/jobs';
import { readShopDefaults } from '#server/shopDefaults';
import { Button } from '../ui/controls/Button';
import { PlusOutlined } from '../ui/controls/icons';
import { Segments } from '../ui/controls/Segments';
import { whyRefused } from '../refused';
import { stored } from '../stored';
import { runBenchCommand, type BenchAnswer } from '../ui/bench/benchCommands';
import { readBenchQuery } from '../ui/bench/benchQuery';
import { BenchTable } from '../ui/bench/BenchTable';
import { ImportButton, ImportFaults, useImportJob } from '../ui/bench/ImportJob';
import { NewJobDialog } from '../ui/bench/NewJobDialog';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { SearchField } from '../ui/parts/SearchField';
import { useAddress } from '../ui/parts/useAddress';
import type { Route } from './+types/bench';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'Bench · Scoval' }];

export async function loader({ request }: Route.LoaderArgs) {
  const query = readBenchQuery(request.url);
  return stored(async () => {
    const [list, { fitUp: terms = {} }] = await Promise.all([listJobs(query), readShopDefaults()]);
    return { ...list, query, terms, pageSize: PAGE_SIZE, isNew: list.total === 0 && !(await hasJobs()) };
  });
}

export const action = ({ request }: Route.ActionArgs) => stored(() => runBenchCommand(request));

/** A server that cannot be reached must not take away what was typed in a dialog. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction();
  } catch (thrown) {
    if (thrown instanceof Response) throw thrown;
    const message = `${whyRefused(thrown)}: try again`;
    return { intent: 'none', faults: [{ path: '', message }] } satisfies BenchAnswer;
  }
}

/** What jobs wait for: those of one kind alone, or all. */
const WAITS = [
  { value: '', label: 'all' },
  { value: 'readings', label: 'readings' },
  { value: 'setups', label: 'setup' },
  { value: 'decision', label: 'decision' },
  { value: 'parts', label: 'parts' },
  { value: 'fitting', label: 'fit-up' },
  { value: 'retorque', label: 'retorque' },
];

/** The jobs on the bench or archived: found, begun, brought in. */
export default function BenchPage({ loaderData: { query, ...list } }: Route.ComponentProps) {
  const ask = useAddress();
  const [newOpen, setNewOpen] = useState(false);
  const importJob = useImportJob();
  return (
    <div className="shop-page" {...importJob.dropTarget}>
      <ShopStrip>measure the car once, test every candidate against it</ShopStrip>
      <main className="shop-main" id="page" tabIndex={-1}>
        <div className="shop-head">
          <h1>Bench</h1>
          <SearchField
            label="Search car, customer, job or number"
            placeholder="Car, customer, job"
            width={172}
            value={query.search}
            ask={(text) => ask({ search: text })}
          />
          <Segments
            aria-label="Which jobs"
            options={[
              { value: 'open', label: 'On the bench' },
              { value: 'archived', label: 'Archived' },
            ]}
            value={query.archived ? 'archived' : 'open'}
            onChange={(value) => ask({ archived: value === 'archived' ? 'true' : null })}
          />
          <span className="shop-filter">
            <span aria-hidden>Waits for</span>
            <Segments
              aria-label="Waits for"
              options={WAITS}
              value={query.waitsFor ?? ''}
              onChange={(value) => ask({ waitsFor: value || null })}
            />
          </span>
          <span className="shop-tools">
            <ImportButton job={importJob} />
            <Button kind="primary" icon={<PlusOutlined />} onClick={() => setNewOpen(true)}>
              New job
            </Button>
          </span>
        </div>
        <ImportFaults job={importJob} />
        <BenchTable {...list} query={query} ask={ask} startJob={() => setNewOpen(true)} />
      </main>
      {newOpen && <NewJobDialog close={() => setNewOpen(false)} />}
    </div>
  );
}
