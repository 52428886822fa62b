import path from 'node:path';

/** The folder that holds all data: SCOVAL_DATA, or `data` in the product's own folder. */
export const dataFolder = (): string => path.resolve(process.env.SCOVAL_DATA ?? 'data');

/** The database in a data folder. */
export const databaseFile = (folder: string): string => path.join(folder, 'scoval.sqlite');

/** What SQLite keeps beside a database while it is open, or after a crash. */
export const besideDatabase = (file: string): string[] => [`${file}-wal`, `${file}-shm`];

/** Where the photos of jobs lie, each in a file of its own. */
export const photosFolder = (folder: string): string => path.join(folder, 'photos');

/** Where its copies lie. */
export const backupsFolder = (folder: string): string => path.join(folder, 'backups');

/** A file that comes in or goes out and is gone afterwards: as large as need be, so not in memory. */
export const passingFile = (way: 'incoming' | 'outgoing', name: string): string =>
  path.join(dataFolder(), `${way}-${name}.zip`);

/** Whether such a file was left by a server that was ended in the midst of it. */
export const isPassing = (name: string): boolean => /^(incoming|outgoing)-[\w-]+\.zip$/.test(name);
