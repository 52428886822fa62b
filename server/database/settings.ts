import { rowsOf, write } from './connection';
import { SettingRow } from './models';

/** What the shop may set about the server itself. */
export interface ServerSettings {
  /** A copy of the database is made every day. */
  dailyCopies: boolean;
  /** The shop's logo for its papers, PNG as base64; empty where it has none. */
  logo: string;
}

const USUAL: ServerSettings = { dailyCopies: true, logo: '' };

export async function readSetting<K extends keyof ServerSettings>(name: K): Promise<ServerSettings[K]> {
  const [row] = await rowsOf<{ value: string }>('SELECT value FROM settings WHERE name = $1', [name]);
  return row ? (JSON.parse(row.value) as ServerSettings[K]) : USUAL[name];
}

export async function setSetting<K extends keyof ServerSettings>(name: K, value: ServerSettings[K]): Promise<void> {
  await write((transaction) => SettingRow.upsert({ name, value }, { transaction }));
}
