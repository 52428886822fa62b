import type { QueryInterface, Transaction } from 'sequelize';

/** What a migration does to tables; all of it within one transaction. */
export interface Tables extends Pick<
  QueryInterface,
  'createTable' | 'dropTable' | 'addColumn' | 'removeColumn' | 'addIndex'
> {
  /** The rows that a statement answers with. */
  rows<Row>(sql: string, values?: unknown[]): Promise<Row[]>;
}

/**
 * The tables of a database, every change of them in this transaction. Before migrations were transactions a kill could
 * leave half of one: what is there already is taken up as it is.
 */
export function tablesIn(all: QueryInterface, transaction: Transaction): Tables {
  const named = async (name: string): Promise<boolean> => {
    const [found] = await all.sequelize.query('SELECT 1 FROM sqlite_master WHERE name = ?', {
      replacements: [name],
      transaction,
    });
    return found.length > 0;
  };
  return {
    rows: async <Row>(sql: string, replacements: unknown[] = []) =>
      (await all.sequelize.query(sql, { replacements, transaction }))[0] as Row[],
    createTable: (name: never, columns: never, options?: object) =>
      all.createTable(name, columns, { ...options, transaction }),
    dropTable: (name, options) => all.dropTable(name, { ...options, transaction } as object),
    // eslint-disable-next-line max-params -- as the library calls it
    async addColumn(table, key, column, options) {
      const [columns] = await all.sequelize.query(`PRAGMA table_info(${String(table)})`, { transaction });
      if (!(columns as { name: string }[]).some(({ name }) => name === key))
        await all.addColumn(table, key, column, { ...options, transaction });
    },
    removeColumn: (table, key, options) => all.removeColumn(table, key, { ...options, transaction }),
    async addIndex(table: never, columns: never, options?: object) {
      if (!(await named([table, ...(columns as string[])].join('_'))))
        await all.addIndex(table, columns, { ...options, transaction });
    },
  } as Tables;
}
