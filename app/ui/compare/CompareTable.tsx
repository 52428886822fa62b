import type { ReactNode } from 'react';
import { type AxleReport, type Check, CHECKS, type CheckCode, findCheck, type SetupReport } from '#core/evaluate';
import { setupTitle, type AxleName, type Setup } from '#core/job';
import { WORST_FIRST } from '#core/verdict';
import { useDocument } from '../../job/DocumentContext';
import './compare.css';
import type { Column as ColumnOf } from '../table/columns';
import { RowsTable } from '../table/RowsTable';

/** A setup, or the present car, as it is compared on an axle. */
export interface Row {
  key: string;
  /** Null for the present car. */
  setup: Setup | null;
  figures: AxleReport;
  report: SetupReport;
}
export type Column = ColumnOf<Row>;

/** A setup on an axle as a row; null for the present car. */
export const rowOf = (setup: Setup | null, report: SetupReport, axle: AxleName): Row => ({
  key: setup?.id ?? 'now',
  setup,
  figures: report[axle],
  report,
});

/** What a check found of a row: on its axle, or of the whole car. */
export const checkIn = ({ figures, report }: Row, code: CheckCode): Check | undefined =>
  findCheck([...figures.checks, ...report.checks], code);

/** A column of verdicts, the worst first. */
export function checkColumn(code: Exclude<keyof typeof CHECKS, 'obstacle'>, show: (check: Check) => ReactNode): Column {
  const rank = (row: Row) => WORST_FIRST.indexOf(checkIn(row, code)?.verdict ?? 'unknown');
  return {
    title: CHECKS[code].short ?? CHECKS[code].label,
    key: code,
    sorter: (one, other) => rank(one) - rank(other),
    render: (row) => {
      const check = checkIn(row, code);
      return check ? show(check) : '—';
    },
  };
}

interface CompareTableProps {
  label: string;
  title: string;
  rows: readonly Row[];
  columns: readonly Column[];
  children?: ReactNode;
}

/** Setups side by side, a row each under its name. */
export function CompareTable({ label, title, rows, columns, children }: CompareTableProps) {
  const { job } = useDocument();
  const name: Column = {
    title: 'Setup',
    key: 'setup',
    sorter: (one, other) => (one.setup?.id ?? '').localeCompare(other.setup?.id ?? ''),
    render: ({ setup }) =>
      setup ? (
        <>
          <b className="figure">{setup.id.toUpperCase()}</b> {setupTitle(setup, job.vehicle.flangeMm)}
        </>
      ) : (
        <span className="soft">on the car now</span>
      ),
  };
  return (
    <section className="differences" aria-label={label}>
      <h2 className="label">{title}</h2>
      <RowsTable<Row> columns={[name, ...columns]} rows={rows} rowKey={({ key }) => key} />
      {children}
    </section>
  );
}
