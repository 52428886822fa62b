import dayjs from 'dayjs';
import { useFetcher } from 'react-router';
import { dueOn, plusMinusOf, wasOverdue, markOf, type ShopInstrument } from '#core/instrument';
import { capital } from '#core/text';
import { Button } from '../controls/Button';
import type { InstrumentAnswer } from './instrumentCommands';
import { CONNECTION_NAMES, KIND_NAMES } from './names';
import '../frame/shop.css';
import type { Column } from '../table/columns';
import { RowsTable } from '../table/RowsTable';

interface InstrumentTableProps {
  instruments: ShopInstrument[];
  edit(one: ShopInstrument): void;
}

/** What the shop measures with, and whose calibration has run out. */
export const InstrumentTable = ({ instruments, edit }: InstrumentTableProps) => (
  <RowsTable<ShopInstrument>
    wide
    columns={columns(edit)}
    rows={instruments}
    rowKey={({ id }) => id}
    empty={
      <p className="shop-empty">
        No instrument yet. Readings are taken with a steel rule, a tape or a caliper as they usually are; an instrument
        that is named here brings its own ±, its calibration, and its readings by cable.
      </p>
    }
  />
);

const columns = (edit: InstrumentTableProps['edit']): readonly Column<ShopInstrument>[] => [
  { key: 'name', title: 'Name', render: ({ name }) => <b>{name}</b> },
  { key: 'kind', title: 'Kind', render: ({ kind }) => capital(KIND_NAMES[kind]) },
  {
    key: 'plusMinus',
    title: '±',
    align: 'right',
    render: (one) => (
      <span className="figure">
        {plusMinusOf(one)} {one.kind === 'torque-wrench' ? '%' : 'mm'}
        {one.plusMinus === null && <em className="assumed"> usual</em>}
      </span>
    ),
  },
  { key: 'calibrated', title: 'Calibrated', render: ({ calibratedOn }) => day(calibratedOn) },
  { key: 'due', title: 'Due', render: (one) => <Due of={one} /> },
  { key: 'connection', title: 'Readings', render: ({ connection }) => capital(CONNECTION_NAMES[connection]) },
  {
    key: 'tools',
    title: <span className="visually-hidden">Tools</span>,
    align: 'right',
    render: (one) => <Tools of={one} edit={edit} />,
  },
];

const day = (on: string | null) => (on === null ? '—' : <time dateTime={on}>{dayjs(on).format('D MMM YYYY')}</time>);

function Due({ of }: { of: ShopInstrument }) {
  const due = dueOn(of);
  if (due === null) return <span className="soft">{of.everyMonths === null ? 'never' : 'not calibrated yet'}</span>;
  const isOverdue = wasOverdue(markOf(of), new Date().toISOString());
  return isOverdue ? <b className="is-fail">overdue since {day(due)}</b> : day(due);
}

function Tools({ of, edit }: { of: ShopInstrument; edit: InstrumentTableProps['edit'] }) {
  const fetcher = useFetcher<InstrumentAnswer>();
  return (
    <span className="shop-tools">
      <Button size="small" aria-label={`Change ${of.name}`} onClick={() => edit(of)}>
        Change
      </Button>
      <Button
        size="small"
        aria-label={`Delete ${of.name}`}
        busy={fetcher.state !== 'idle'}
        onClick={() =>
          void fetcher.submit(
            { intent: 'remove', id: of.id },
            { method: 'post', action: '/instruments', encType: 'application/json' },
          )
        }
      >
        Delete
      </Button>
    </span>
  );
}
