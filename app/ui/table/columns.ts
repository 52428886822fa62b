import type { ReactNode } from 'react';

export type Order = 'ascend' | 'descend';

/** A column of rows: its name, what of a row stands in it, and how it sorts. */
export interface Column<Row> {
  key: string;
  title: ReactNode;
  align?: 'left' | 'right' | undefined;
  width?: number | string | undefined;
  className?: string | undefined;
  /** Which of two rows stands first; `true` where whoever gives the rows sorts them. */
  sorter?: true | ((one: Row, other: Row) => number) | undefined;
  render(row: Row, at: number): ReactNode;
}

/** By which column rows stand, and which way. */
export interface SortedBy {
  key: string;
  order: Order;
}

/** What comes of a press on a column's name: up, down, then as the rows come. */
export function nextSort(sorted: SortedBy | null, key: string): SortedBy | null {
  if (sorted?.key !== key) return { key, order: 'ascend' };
  return sorted.order === 'ascend' ? { key, order: 'descend' } : null;
}

/** Rows as a column sorts them; as they come where none does. Equal ones keep their places, whichever way. */
export function sortedRows<Row>(
  rows: readonly Row[],
  columns: readonly Column<Row>[],
  sorted: SortedBy | null,
): readonly Row[] {
  const sorter = columns.find(({ key }) => key === sorted?.key)?.sorter;
  if (!sorted || typeof sorter !== 'function') return rows;
  return rows.toSorted((one, other) => (sorted.order === 'ascend' ? sorter(one, other) : sorter(other, one)));
}
