import { Table, type TableColumnsType, type TableProps } from 'antd';
import dayjs from 'dayjs';
import relativeTime from 'dayjs/plugin/relativeTime';
import { Link, useNavigation } from 'react-router';
import type { FitUpTerms } from '#core/fitting';
import type { JobListItem, JobListQuery } from '#server/bench';
import { movedWords } from '../ledger/movedWords';
import type { AddressChange } from '../parts/useAddress';
import { useOnClient } from '../parts/useOnClient';
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
  const onChange: TableProps<JobListItem>['onChange'] = (pagination, _filters, sorter) => {
    const { columnKey, order } = Array.isArray(sorter) ? sorter[0]! : sorter;
    ask({
      sort: order ? String(columnKey) : null,
      order: order ? (order === 'ascend' ? 'asc' : 'desc') : null,
      page: (pagination.current ?? 1) > 1 ? String(pagination.current) : null,
    });
  };
  const filtered = query.search !== '' || query.waitsFor !== null;
  return (
    <Table<JobListItem>
      className="bench-table"
      columns={columnsOf(query, terms)}
      dataSource={rows}
      rowKey="id"
      loading={navigation.state === 'loading' && navigation.location.pathname === '/'}
      onChange={onChange}
      showSorterTooltip={false}
      pagination={
        total > pageSize
          ? { current: query.page, pageSize, total, showSizeChanger: false, showTotal: (all) => `${all} jobs` }
          : false
      }
      locale={{ emptyText: <Nothing archived={query.archived} asked={filtered} isNew={isNew} startJob={startJob} /> }}
    />
  );
}

function columnsOf(query: JobListQuery, terms: FitUpTerms): TableColumnsType<JobListItem> {
  const sortOrder = (key: string) =>
    query.sort === key ? (query.descending ? ('descend' as const) : ('ascend' as const)) : null;
  const sorted = (key: string) => ({ key, className: `cell-${key}`, sorter: true, sortOrder: sortOrder(key) });
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
      title: 'Title',
      render: (_, { title }) => title || <span className="soft">—</span>,
    },
    {
      key: 'waits',
      className: 'cell-waits',
      title: 'Waits for',
      render: (_, { standing, rulesMoved }) => (
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
      defaultSortOrder: 'descend',
      render: (_, { updatedAt }) => <When at={updatedAt} />,
    },
    {
      key: 'tools',
      className: 'cell-tools',
      title: <span className="visually-hidden">Tools</span>,
      width: 96,
      align: 'right',
      render: (_, job) => <RowTools job={job} />,
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
