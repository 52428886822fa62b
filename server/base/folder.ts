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
