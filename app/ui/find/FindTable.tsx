import { useState } from 'react';
import { FITS } from '#core/evaluate';
import { frontOf, type FindRow } from '#core/find';
import { itemName } from '#core/shelf';
import { formatNumber } from '#core/units';
import { WORST_FIRST } from '#core/verdict';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { costText } from '#core/cost';
import { RingMark } from '../parts/Ring';
import { Segments } from '../controls/Segments';
import { faceText } from '../words';
import './find.css';
import type { Column } from '../table/columns';
import { RowsTable } from '../table/RowsTable';

/** A find with where it stands in the ranking. */
interface Ranked {
  rank: number;
  row: FindRow;
  /** No other is at least as good in cost, poke and room, and better in one. */
  isFront: boolean;
}

interface FindTableProps {
  rows: readonly FindRow[];
  shown: FindRow | null;
  show(row: FindRow): void;
}

const VERDICTS = ['ok', 'unknown', 'caution'] as const;
type FindVerdict = (typeof VERDICTS)[number];
const SHOWN = [{ value: 'all' as const, label: 'all' }, ...VERDICTS.map((value) => ({ value, label: FITS[value] }))];

/** The finds, best first: a row leads to its section. */
export function FindTable({ rows, shown, show }: FindTableProps) {
  const lengths = useLengths();
  const front = frontOf(rows);
  const [verdict, choose] = useState<FindVerdict | 'all'>('all');
  const ranked = rows
    .map((row, at): Ranked => ({ rank: at + 1, row, isFront: front.has(row) }))
    .filter(({ row }) => verdict === 'all' || row.verdict === verdict);
  return (
    <>
      <div className="find-which">
        <Segments aria-label="Which finds" options={SHOWN} value={verdict} onChange={choose} />
      </div>
      <RowsTable<Ranked>
        columns={columnsOf(lengths, show)}
        rows={ranked}
        rowKey={({ rank }) => rank}
        rowProps={({ row }) => ({
          onClick: () => show(row),
          'aria-current': row === shown || undefined,
          className: row === shown ? 'find-shown' : undefined,
        })}
        empty={<p className="find-empty">{rows.length === 0 ? 'Looking …' : 'None of these.'}</p>}
      />
    </>
  );
}

const known = (value: number | null): number => value ?? Infinity;

function columnsOf(lengths: Lengths, show: (row: FindRow) => void): readonly Column<Ranked>[] {
  return [
    {
      key: 'rank',
      title: '#',
      align: 'right',
      width: '3.75rem',
      sorter: (one, other) => one.rank - other.rank,
      render: ({ rank, isFront }) => (
        <span className="figure">
          {isFront && (
            <span role="img" aria-label="none beats it in cost, poke and room at once" className="find-front">
              ◆{' '}
            </span>
          )}
          {rank}
        </span>
      ),
    },
    {
      key: 'verdict',
      title: 'Verdict',
      width: '9rem',
      sorter: (one, other) => WORST_FIRST.indexOf(other.row.verdict) - WORST_FIRST.indexOf(one.row.verdict),
      render: ({ row: { verdict, roomShare, limitedBy } }) => (
        <span className="find-verdict">
          <RingMark verdict={verdict} used={verdict === 'unknown' ? null : roomShare} word={FITS[verdict]} />
          <span>
            {FITS[verdict]}
            {limitedBy && verdict !== 'ok' && <small className="soft">{limitedBy.label}</small>}
          </span>
        </span>
      ),
    },
    {
      key: 'wheel',
      title: 'Wheel and tire',
      sorter: (one, other) => itemName(one.row.wheel).localeCompare(itemName(other.row.wheel)),
      render: ({ row }) => (
        <span className="find-parts">
          <button type="button" className="find-name" onClick={() => show(row)}>
            {itemName(row.wheel)}
          </button>
          <small className="soft">
            {[row.tire, ...row.stack, ...(row.fastener ? [row.fastener] : [])].map(itemName).join(' · ')}
          </small>
        </span>
      ),
    },
    {
      key: 'poke',
      title: 'Poke',
      align: 'right',
      sorter: (one, other) => known(one.row.pokeMm) - known(other.row.pokeMm),
      render: ({ row: { pokeMm, axle } }) => (
        <span className="find-poke">
          <span className="figure">{faceText(pokeMm, lengths)}</span>
          <small className="soft">{axle}</small>
        </span>
      ),
    },
    {
      key: 'target',
      title: 'Off target',
      align: 'right',
      sorter: (one, other) =>
        known(one.row.offTargetMm && Math.abs(one.row.offTargetMm)) -
        known(other.row.offTargetMm && Math.abs(other.row.offTargetMm)),
      render: ({ row: { offTargetMm } }) => (
        <span className="figure">{offTargetMm === null ? '—' : lengths.figure(offTargetMm, true)}</span>
      ),
    },
    {
      key: 'inner',
      title: 'Inner',
      align: 'right',
      sorter: (one, other) => known(one.row.inboardGapMm) - known(other.row.inboardGapMm),
      render: ({ row: { inboardGapMm } }) => (
        <span className="figure">{inboardGapMm === null ? '—' : lengths.figure(inboardGapMm)}</span>
      ),
    },
    {
      key: 'room',
      title: 'Room',
      align: 'right',
      sorter: (one, other) => one.row.roomShare - other.row.roomShare,
      render: ({ row: { roomShare } }) => <span className="figure">{formatNumber(100 * roomShare, 0)} %</span>,
    },
    {
      key: 'mass',
      title: 'kg',
      align: 'right',
      sorter: (one, other) => known(one.row.massKg) - known(other.row.massKg),
      render: ({ row: { massKg } }) => (
        <span className="figure">{massKg === null ? '—' : formatNumber(massKg, 1)}</span>
      ),
    },
    {
      key: 'cost',
      title: 'Cost',
      align: 'right',
      sorter: (one, other) => known(one.row.cost.total) - known(other.row.cost.total),
      render: ({ row: { cost } }) => <span className="figure">{costText(cost)}</span>,
    },
  ];
}
