import { cpSync, mkdirSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { besideDatabase, databaseFile } from '../base/folder';

/** Where the other files of a data folder lie beside a copy of its database. */
export const filesOf = (copy: string): string => `${copy}.files`;

/** Copies what a data folder holds beside its database, such as the shop's pass-phrase; none where there is nothing. */
export function copyFiles(folder: string, copy: string): string[] {
  const database = databaseFile(folder);
  const own = new Set([database, ...besideDatabase(database)].map((file) => path.basename(file)));
  const others = readdirSync(folder, { withFileTypes: true }).filter(
    (entry) =>
      entry.isFile() &&
      !own.has(entry.name) &&
      !entry.name.startsWith('scoval.lock') &&
      !/\.part(-|$)/.test(entry.name),
  );
  if (others.length === 0) return [];
  const target = filesOf(copy);
  mkdirSync(target, { recursive: true, mode: 0o700 });
  for (const { name } of others) cpSync(path.join(folder, name), path.join(target, name), { preserveTimestamps: true });
  return others.map(({ name }) => name);
}
