import { CopyOutlined, InboxOutlined, PlusOutlined, RollbackOutlined } from '@ant-design/icons';
import { Button, Segmented, Table, type TableColumnsType, type TableProps } from 'antd';
import dayjs from 'dayjs';
import relativeTime from 'dayjs/plugin/relativeTime';
import { useEffect, useRef, useState } from 'react';
import { Link, useFetcher, useNavigate, useNavigation, useSearchParams } from 'react-router';
import type { Standing } from '#core/standing';
import { movedWords } from '../ui/ledger/movedWords';
import { listJobs, PAGE_SIZE, type JobListItem } from '#server/bench';
import { readBenchQuery } from '../ui/bench/benchQuery';
import { runBenchCommand, type BenchAnswer } from '../ui/bench/benchActions';
import { ImportButton, ImportFaults, useImportJob } from '../ui/bench/ImportJob';
import { useStandings } from '../ui/bench/useStandings';
import { NewJobDialog } from '../ui/bench/NewJobDialog';
import { whyRefused } from '../refused';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { SearchField } from '../ui/parts/SearchField';
import { useStable } from '../ui/parts/useStable';
import { useOnClient } from '../ui/parts/useOnClient';
import type { Route } from './+types/bench';
import '../ui/bench/bench.css';
import '../ui/frame/shop.css';

dayjs.extend(relativeTime);

export const meta: Route.MetaFunction = () => [{ title: 'Bench · Scoval' }];

export async function loader({ request }: Route.LoaderArgs) {
  const query = readBenchQuery(request.url);
  return stored(async () => ({ ...(await listJobs(query)), query, pageSize: PAGE_SIZE }));
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

/** The jobs, as rows that say what each waits for. */
export default function BenchPage({ loaderData }: Route.ComponentProps) {
  const { total, query, pageSize } = loaderData;
  const jobs = useStandings(loaderData.jobs);
  const [params, setParams] = useSearchParams();
  const navigation = useNavigation();
  const [newOpen, setNewOpen] = useState(false);
  const importJob = useImportJob();
  // What is asked for adds to what was asked before, also while that is still on its way.
  const asked = useRef<URLSearchParams | null>(null);
  useEffect(() => {
    asked.current = null;
  }, [params]);
  const { ask, search } = useStable({
    ask(changes: Record<string, string | null>) {
      const next = new URLSearchParams(asked.current ?? params);
      if (!('page' in changes)) next.delete('page');
      for (const [key, value] of Object.entries(changes)) {
        if (value === null || value === '') next.delete(key);
        else next.set(key, value);
      }
      asked.current = next;
      setParams(next, { preventScrollReset: true });
    },
    search: (text: string) => ask({ search: text }),
  });
  const onChange: TableProps<JobListItem>['onChange'] = (pagination, filters, sorter) => {
    const { columnKey, order } = Array.isArray(sorter) ? sorter[0]! : sorter;
    ask({
      sort: order ? String(columnKey) : null,
      order: order ? (order === 'ascend' ? 'asc' : 'desc') : null,
      waitsFor: (filters.waits?.[0] as string | undefined) ?? null,
      page: (pagination.current ?? 1) > 1 ? String(pagination.current) : null,
    });
  };
  const filtered = query.search !== '' || query.waitsFor !== null;
  return (
    <div className="shop-page" {...importJob.dropTarget}>
      <ShopStrip>measure the car once, test every candidate against it</ShopStrip>
      <main className="shop-main">
        <div className="shop-head">
          <h1>Bench</h1>
          <SearchField
            label="Search car, job or number"
            placeholder="Search car, job or number"
            width={260}
            value={query.search}
            ask={search}
          />
          <Segmented
            aria-label="Which jobs"
            options={[
              { value: 'open', label: 'On the bench' },
              { value: 'archived', label: 'Put away' },
            ]}
            value={query.archived ? 'archived' : 'open'}
            onChange={(value) => ask({ archived: value === 'archived' ? 'true' : null })}
          />
          <span className="shop-tools">
            <ImportButton job={importJob} />
            <Button type="primary" icon={<PlusOutlined />} onClick={() => setNewOpen(true)}>
              New job
            </Button>
          </span>
        </div>
        <ImportFaults job={importJob} />
        <Table<JobListItem>
          columns={useColumns(query)}
          dataSource={jobs}
          rowKey="id"
          loading={navigation.state === 'loading' && navigation.location.pathname === '/'}
          onChange={onChange}
          showSorterTooltip={false}
          pagination={
            total > pageSize
              ? { current: query.page, pageSize, total, showSizeChanger: false, showTotal: (all) => `${all} jobs` }
              : false
          }
          locale={{ emptyText: <Nothing archived={query.archived} asked={filtered} /> }}
        />
      </main>
      <NewJobDialog key={String(newOpen)} open={newOpen} close={() => setNewOpen(false)} />
    </div>
  );
}

function useColumns(query: Route.ComponentProps['loaderData']['query']): TableColumnsType<JobListItem> {
  const sortOrder = (key: string) =>
    query.sort === key ? (query.descending ? ('descend' as const) : ('ascend' as const)) : null;
  const sorted = (key: string) => ({ key, sorter: true, sortOrder: sortOrder(key) });
  return [
    {
      ...sorted('number'),
      title: 'Job',
      width: 92,
      render: (_, { number }) => <span className="figure soft">{number}</span>,
    },
    {
      ...sorted('car'),
      title: 'Car',
      render: (_, { id, car, number }) => (
        <Link to={`/jobs/${id}`} className="bench-car">
          {car || `Unnamed car ${number}`}
        </Link>
      ),
    },
    {
      ...sorted('title'),
      title: 'What it is about',
      render: (_, { title }) => title || <span className="soft">—</span>,
    },
    {
      key: 'waits',
      title: 'Waits for',
      filters: [
        { text: 'readings', value: 'readings' },
        { text: 'a setup', value: 'setups' },
        { text: 'a decision', value: 'decision' },
      ],
      filterMultiple: false,
      filteredValue: query.waitsFor ? [query.waitsFor] : null,
      render: (_, { standing, rulesMoved }) => (
        <>
          <Waits standing={standing} />
          {rulesMoved && <span className="bench-rules"> {movedWords(rulesMoved)}</span>}
        </>
      ),
    },
    {
      ...sorted('updated'),
      title: 'Last touched',
      width: 150,
      defaultSortOrder: 'descend',
      render: (_, { updatedAt }) => <When at={updatedAt} />,
    },
    {
      key: 'tools',
      title: <span className="visually-hidden">Tools</span>,
      width: 96,
      align: 'right',
      render: (_, job) => <RowTools job={job} />,
    },
  ];
}

const VERDICTS = [
  ['ok', 'clear'],
  ['caution', 'need care'],
  ['fail', 'do not fit'],
  ['unknown', 'not known'],
] as const;

const NOT_JUDGED = {
  judging: 'being judged …',
  'too long': 'not judged: it takes too long. Fewer points or setups would do.',
  damaged: 'its record is damaged: put a backup back',
} as const;

function Waits({ standing }: { standing: JobListItem['standing'] }) {
  return typeof standing === 'string' ? (
    <span className="soft">{NOT_JUDGED[standing]}</span>
  ) : (
    <WaitsFor standing={standing} />
  );
}

function WaitsFor({ standing: { waitsFor, missing, verdicts } }: { standing: Standing }) {
  if (waitsFor === 'readings') {
    const [first] = missing;
    return (
      <span>
        <b className="waits">{missing.length === 1 ? '1 reading' : `${missing.length} readings`}</b>
        <span className="soft">
          {' '}
          next: {first?.name}, {first?.axle}
        </span>
      </span>
    );
  }
  if (waitsFor === 'setups') return <b className="waits">a first setup</b>;
  const parts = VERDICTS.filter(([verdict]) => verdicts[verdict] > 0);
  return (
    <span>
      <b className="waits">a decision</b>{' '}
      {parts.map(([verdict, word], index) => (
        <span key={verdict}>
          {index > 0 && <span className="soft">, </span>}
          <span className={`is-${verdict}`}>
            {verdicts[verdict]} {word}
          </span>
        </span>
      ))}
    </span>
  );
}

/** Said against the reader's clock; the server gives the day. */
function When({ at }: { at: string }) {
  const text = useOnClient(() => dayjs(at).fromNow(), at.slice(0, 10));
  return (
    <time dateTime={at} title={at} className="soft">
      {text}
    </time>
  );
}

function RowTools({ job }: { job: JobListItem }) {
  const fetcher = useFetcher<BenchAnswer>();
  const navigate = useNavigate();
  const send = (intent: string) =>
    void fetcher.submit({ intent, id: job.id }, { method: 'post', action: '/?index', encType: 'application/json' });
  const fault = fetcher.data?.faults[0];
  return (
    <span className="row-tools">
      <Button
        type="text"
        title="Duplicate"
        aria-label={`Duplicate ${job.number}`}
        icon={<CopyOutlined />}
        onClick={() => send('duplicate')}
      />
      <Button
        type="text"
        title={job.archived ? 'Back on the bench' : 'Put away'}
        aria-label={`${job.archived ? 'Bring back' : 'Put away'} ${job.number}`}
        icon={job.archived ? <RollbackOutlined /> : <InboxOutlined />}
        onClick={() => send(job.archived ? 'unarchive' : 'archive')}
      />
      {fault && (
        <button type="button" className="field-fault" onClick={() => void navigate(0)}>
          {fault.message}
        </button>
      )}
    </span>
  );
}

function Nothing({ archived, asked }: { archived: boolean; asked: boolean }) {
  if (asked) return <p className="shop-empty">No job answers to this search.</p>;
  return (
    <p className="shop-empty">
      {archived
        ? 'Nothing has been put away.'
        : 'The bench is empty. Start a new job with the car in front of you, or import a job file.'}
    </p>
  );
}
