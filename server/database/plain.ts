import sqlite3 from 'sqlite3';

/** One connection to a SQLite file, without models: for copies, checks and locks. */
export interface Plain {
  all<Row>(sql: string, ...values: unknown[]): Promise<Row[]>;
  run(sql: string, ...values: unknown[]): Promise<void>;
  close(): Promise<void>;
}

/** Opens a SQLite file; `must` refuses to make one that is not there, `read` refuses to write to it. */
export async function openPlain(file: string, mode: 'read' | 'must' | 'make' = 'must'): Promise<Plain> {
  const flags = {
    read: sqlite3.OPEN_READONLY,
    must: sqlite3.OPEN_READWRITE,
    make: sqlite3.OPEN_READWRITE | sqlite3.OPEN_CREATE,
  }[mode];
  const open = await new Promise<sqlite3.Database>((resolve, reject) => {
    const made: sqlite3.Database = new sqlite3.Database(file, flags, (error) =>
      error ? reject(error) : resolve(made),
    );
  });
  return {
    all: <Row>(sql: string, ...values: unknown[]) =>
      new Promise<Row[]>((resolve, reject) =>
        open.all(sql, values, (error, rows) => (error ? reject(error) : resolve(rows as Row[]))),
      ),
    run: (sql, ...values) =>
      new Promise<void>((resolve, reject) => open.run(sql, values, (error) => (error ? reject(error) : resolve()))),
    close: () => new Promise<void>((resolve, reject) => open.close((error) => (error ? reject(error) : resolve()))),
  };
}

/** Opens a file for a piece of work and closes it, whatever becomes of the work. */
export async function withPlain<T>(
  file: string,
  mode: 'read' | 'must' | 'make',
  work: (open: Plain) => Promise<T>,
): Promise<T> {
  const open = await openPlain(file, mode);
  try {
    return await work(open);
  } finally {
    await open.close();
  }
}
