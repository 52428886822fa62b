/** A row while it is being typed: what is missing is left out. */
export type Row<K extends string> = Partial<Record<K, number>>;

/** Rows in which every figure is there; null while one is missing. */
export function wholeRows<K extends string>(rows: readonly Row<K>[], keys: readonly K[]): Record<K, number>[] | null {
  return rows.every((row) => keys.every((key) => row[key] !== undefined)) ? (rows as Record<K, number>[]) : null;
}
