import { DataTypes } from 'sequelize';
import type { Tables } from './tables';

/** What the shop has set about the server itself, and the devices that were let in. */
export const doors = {
  name: '006-doors',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.createTable('settings', {
      name: { type: DataTypes.STRING, primaryKey: true },
      value: { type: DataTypes.JSON, allowNull: false },
    });
    await tables.createTable('devices', {
      id: { type: DataTypes.STRING, primaryKey: true },
      token_hash: { type: DataTypes.STRING, allowNull: false, unique: true },
      label: { type: DataTypes.STRING, allowNull: false },
      created_at: { type: DataTypes.DATE, allowNull: false },
      seen_at: { type: DataTypes.DATE, allowNull: false },
    });
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    for (const table of ['devices', 'settings']) await tables.dropTable(table);
  },
};
