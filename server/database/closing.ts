import type { Sequelize } from 'sequelize';

/** A connection as the driver has it; one of a transaction has an id. */
interface Connection {
  uuid?: string;
  close(done?: (error: Error | null) => void): void;
}

/** What keeps the connections of a database; the library lets one of a transaction go without waiting for it. */
interface Keeper {
  connections: Record<string, Connection>;
  releaseConnection(connection: Connection, force?: boolean): void;
}

const pending = new WeakMap<Sequelize, Set<Promise<void>>>();

/** Remembers every connection that a database lets go, until it has let go of the file. */
export function watchClosing(sequelize: Sequelize): void {
  const closing = new Set<Promise<void>>();
  pending.set(sequelize, closing);
  const { connectionManager: keeper } = sequelize as unknown as { connectionManager: Keeper };
  keeper.releaseConnection = (connection) => {
    const { uuid } = connection;
    // The one that all but transactions share stays open.
    if (!uuid || keeper.connections[uuid] !== connection) return;
    delete keeper.connections[uuid];
    const closed = new Promise<void>((resolve) => connection.close(() => resolve()));
    closing.add(closed);
    void closed.then(() => closing.delete(closed));
  };
}

/** Closes a database; when it is done no connection holds the file, or still writes what its journal keeps into it. */
export async function closeWhole(sequelize: Sequelize): Promise<void> {
  await Promise.all(pending.get(sequelize) ?? []);
  await sequelize.close();
}
