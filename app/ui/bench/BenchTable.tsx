import dayjs from 'dayjs';
import relativeTime from 'dayjs/plugin/relativeTime';
import { Link, useNavigation } from 'react-router';
import type { FitUpTerms } from '#core/fitting';
import type { JobListItem, JobListQuery } from '#server/bench';
import { movedWords } from '../ledger/movedWords';
import type { AddressChange } from '../parts/useAddress';
import type { Column, SortedBy } from '../table/columns';
import { Pager } from '../table/Pager';
import { RowsTable } from '../table/RowsTable';
import { useOnClient } from '../controls/useOnClient';
import { EmptyBench } from './EmptyBench';
import { RowTools } from './RowTools';
import { useStandings } from './useStandings';
import { WaitsFor } from './WaitsFor';
import './bench.css';
import '../frame/shop.css';

dayjs.extend(relativeTime);

interface BenchTableProps {
  jobs: readonly JobListItem[];
  total: number;
  query: JobListQuery;
  pageSize: number;
  ask(change: AddressChange): void;
  /** When torque is checked again. */
  terms: FitUpTerms;
  /** There is no job at all, archived ones included. */
  isNew: boolean;
  startJob(): void;
}

/** The jobs, as rows that say what each waits for. */
export function BenchTable({ jobs, total, query, pageSize, ask, terms, isNew, startJob }: BenchTableProps) {
  const rows = useStandings(jobs);
  const navigation = useNavigation();
  const sorted: SortedBy = { key: query.sort, order: query.descending ? 'descend' : 'ascend' };
  const sort = (pressed: SortedBy | null) => {
    // What was changed last stands first where nothing else is asked for: that is turned round, not taken away.
    const next = pressed ?? (query.sort === 'updated' ? ({ key: 'updated', order: 'ascend' } as const) : null);
    ask({ sort: next?.key ?? null, order: next && (next.order === 'ascend' ? 'asc' : 'desc'), page: null });
  };
  const filtered = query.search !== '' || query.waitsFor !== null;
  return (
    <div aria-busy={navigation.state === 'loading' && navigation.location.pathname === '/'}>
      <RowsTable<JobListItem>
        className="bench-table"
        roomy
        columns={columnsOf(terms)}
        rows={rows}
        rowKey={({ id }) => id}
        sorted={sorted}
        sort={sort}
        empty={<Nothing archived={query.archived} asked={filtered} isNew={isNew} startJob={startJob} />}
      />
      {total > pageSize && (
        <Pager
          page={query.page}
          pageSize={pageSize}
          total={total}
          words={`${total} jobs`}
          turn={(page) => ask({ page: page > 1 ? String(page) : null })}
        />
      )}
    </div>
  );
}

function columnsOf(terms: FitUpTerms): readonly Column<JobListItem>[] {
  const sorted = (key: string) => ({ key, className: `cell-${key}`, sorter: true as const });
  return [
    {
      ...sorted('number'),
      title: 'Job',
      width: 92,
      render: ({ number }) => <span className="figure soft">{number}</span>,
    },
    {
      ...sorted('car'),
      title: 'Car',
      render: ({ id, car, number }) => (
        <Link to={`/jobs/${id}`} className="bench-car">
          {car || `Unnamed car ${number}`}
        </Link>
      ),
    },
    {
      ...sorted('title'),
      title: 'Title',
      render: ({ title }) => title || <span className="soft">—</span>,
    },
    {
      key: 'waits',
      className: 'cell-waits',
      title: 'Waits for',
      render: ({ standing, rulesMoved }) => (
        <>
          <WaitsFor standing={standing} terms={terms} />
          {rulesMoved && <span className="bench-rules"> {movedWords(rulesMoved)}</span>}
        </>
      ),
    },
    {
      ...sorted('updated'),
      title: 'Last changed',
      width: 150,
      render: ({ updatedAt }) => <When at={updatedAt} />,
    },
    {
      key: 'tools',
      className: 'cell-tools',
      title: <span className="visually-hidden">Tools</span>,
      width: 96,
      align: 'right',
      render: (job) => <RowTools job={job} />,
    },
  ];
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

interface NothingProps {
  archived: boolean;
  asked: boolean;
  isNew: boolean;
  startJob(): void;
}

function Nothing({ archived, asked, isNew, startJob }: NothingProps) {
  if (asked) return <p className="shop-empty">No job matches.</p>;
  if (archived) return <p className="shop-empty">No archived jobs.</p>;
  if (!isNew) return <p className="shop-empty">No jobs on the bench. All of them are archived.</p>;
  return <EmptyBench startJob={startJob} />;
}
