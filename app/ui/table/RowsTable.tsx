import { useState, type HTMLAttributes, type ReactNode } from 'react';
import { nextSort, sortedRows, type Column, type Order, type SortedBy } from './columns';
import { Pager } from './Pager';
import './table.css';

interface RowsTableProps<Row> {
  columns: readonly Column<Row>[];
  rows: readonly Row[];
  /** What tells a row from all others. */
  rowKey(row: Row): string | number;
  /** Stands where there are no rows. */
  empty?: ReactNode;
  className?: string;
  /** With more air, where rows are what the page is about. */
  roomy?: boolean;
  /** As wide as its words: where that is more than there is, it scrolls sideways and breaks none. */
  wide?: boolean;
  /** With more of them they come in pages. */
  pageSize?: number;
  /** Rows scroll below their headings within this height. */
  height?: string;
  /** By what whoever gives the rows has sorted them; left out, they are sorted here. */
  sorted?: SortedBy | null;
  sort?(next: SortedBy | null): void;
  rowProps?(row: Row): HTMLAttributes<HTMLTableRowElement>;
}

/** Rows under their headings; a heading that sorts is a button. */
export function RowsTable<Row>({
  columns,
  rows,
  rowKey,
  empty,
  className = '',
  roomy = false,
  wide = false,
  pageSize = Infinity,
  height,
  sorted: given,
  sort,
  rowProps,
}: RowsTableProps<Row>) {
  const [own, setOwn] = useState<SortedBy | null>(null);
  const sorted = given === undefined ? own : given;
  const [turned, turn] = useState(1);
  const page = Math.min(turned, Math.max(1, Math.ceil(rows.length / pageSize)));
  const press = (key: string) => (sort ?? setOwn)(nextSort(sorted, key));
  const all = given === undefined ? sortedRows(rows, columns, own) : rows;
  const shown = rows.length > pageSize ? all.slice((page - 1) * pageSize, page * pageSize) : all;
  return (
    <>
      <div className={`rows-scroll ${className}`} style={height === undefined ? undefined : { maxHeight: height }}>
        <table className={['rows-table', roomy && 'is-roomy', wide && 'is-wide'].filter(Boolean).join(' ')}>
          <thead>
            <tr>
              {columns.map((column) => (
                <Heading
                  key={column.key}
                  column={column}
                  order={sorted?.key === column.key ? sorted.order : null}
                  press={press}
                />
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.length === 0 && empty !== undefined && (
              <tr>
                <td colSpan={columns.length}>{empty}</td>
              </tr>
            )}
            {shown.map((row, at) => (
              <tr key={rowKey(row)} {...rowProps?.(row)}>
                {columns.map((column) => (
                  <td key={column.key} className={classOf(column)}>
                    {column.render(row, at)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length > pageSize && <Pager page={page} pageSize={pageSize} total={rows.length} turn={turn} />}
    </>
  );
}

const classOf = <Row,>({ align, className }: Column<Row>): string | undefined =>
  [align === 'right' && 'is-right', className].filter(Boolean).join(' ') || undefined;

const SORTED_WORDS = { ascend: 'ascending', descend: 'descending' } as const;

interface HeadingProps<Row> {
  column: Column<Row>;
  order: Order | null;
  press(key: string): void;
}

function Heading<Row>({ column, order, press }: HeadingProps<Row>) {
  const { key, title, width, sorter } = column;
  return (
    <th
      scope="col"
      className={classOf(column)}
      style={width === undefined ? undefined : { width }}
      aria-sort={order ? SORTED_WORDS[order] : undefined}
    >
      {sorter ? (
        <button type="button" className="rows-sort" onClick={() => press(key)}>
          {title}
          <span className="rows-order" data-order={order ?? 'none'} aria-hidden />
        </button>
      ) : (
        title
      )}
    </th>
  );
}
