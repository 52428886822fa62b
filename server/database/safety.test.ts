import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { example } from '#support/jobs';
import { backupsFolder, besideDatabase, databaseFile } from '../base/folder';
import { isPassphrase, readPassphrase, setPassphrase } from '../base/passphrase';
import { saveEdits } from '../edits';
import { createJob, exportJob } from '../jobs';
import { closeDatabase, database } from './connection';
import { copiesIn, copyDatabase, dropOld } from './copies';
import { backUp, backUpDaily } from './daily';
import { holdFolder } from './lock';
import { migrations } from './migrations';
import type { Tables } from './migrations/tables';
import { withPlain } from './plain';
import { restoreDatabase } from './restore';
import { setSetting } from './settings';
import { checkSound, migrationsOf } from './sound';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'scoval-safety-'));
  file = databaseFile(folder);
  process.env.SCOVAL_DATA = folder;
});
afterEach(async () => {
  await closeDatabase();
  rmSync(folder, { recursive: true, force: true });
});

const opening = () =>
  database().then(
    () => 'opened',
    (error: Error) => error.message,
  );

const schemaOf = async () =>
  (await withPlain(file, 'read', (open) => open.all<{ sql: string | null }>('SELECT sql FROM sqlite_master'))).map(
    ({ sql }) => String(sql),
  );

test('a database that is closed is whole in its own file: no connection of a transaction is still at it', async () => {
  for (let round = 0; round < 12; round++) {
    await Promise.all(Array.from({ length: 4 }, () => createJob(example())));
    await closeDatabase();
    expect(besideDatabase(file).filter((one) => existsSync(one))).toEqual([]);
  }
});

describe('opening', () => {
  test('a file that is empty, cut or no database is told in one line, and left as it is', async () => {
    writeFileSync(file, '');
    expect(await opening()).toMatch(/scoval\.sqlite is empty: restore a backup/);
    writeFileSync(file, 'Dear shop, this is a letter.');
    expect(await opening()).toMatch(/is no database/);
    expect(readFileSync(file, 'utf8')).toBe('Dear shop, this is a letter.');
    rmSync(file);
    for (let more = 0; more < 5; more++) await createJob(example());
    await closeDatabase();
    truncateSync(file, Math.floor(statSync(file).size / 2 / 4096) * 4096);
    expect(await opening()).toMatch(/damaged/);
  });
  test('pages that were written over are found before anything is served', async () => {
    for (let more = 0; more < 5; more++) await createJob(example());
    await closeDatabase();
    const bytes = readFileSync(file);
    bytes.fill(0x5a, 4096 * 3, 4096 * 6);
    writeFileSync(file, bytes);
    expect(await opening()).toMatch(/damaged/);
  });
  test('a database of a newer Scoval is not touched', async () => {
    await database();
    await closeDatabase();
    await withPlain(file, 'must', (open) => open.run(`INSERT INTO migrations (name) VALUES ('900-wings')`));
    expect(await opening()).toMatch(/newer Scoval \(900-wings\)/);
  });
  test('an opening that failed is tried again by the next who asks', async () => {
    writeFileSync(file, 'no');
    expect(await opening()).toMatch(/no database/);
    rmSync(file);
    expect(await opening()).toBe('opened');
  });
  test('a folder that is a file, and a log without its database', async () => {
    process.env.SCOVAL_DATA = path.join(folder, 'a file');
    writeFileSync(process.env.SCOVAL_DATA, 'x');
    expect(await opening()).toMatch(/data folder is not a folder/);
    process.env.SCOVAL_DATA = folder;
    writeFileSync(`${file}-wal`, 'what was not written yet');
    expect(await opening()).toMatch(/lies there without its database/);
    expect(existsSync(file)).toBe(false);
  });
  test('what was left of a making that was cut short is no hindrance', async () => {
    writeFileSync(`${file}.part`, 'half');
    expect(await opening()).toBe('opened');
    expect(readdirSync(folder).filter((name) => name.includes('.part'))).toEqual([]);
  });
  test('an upgrade copies first; a migration that fails leaves nothing of itself', async () => {
    const id = await createJob(example());
    await closeDatabase();
    const wings = {
      name: '901-wings',
      async up({ context: tables }: { context: Tables }): Promise<void> {
        await tables.createTable('wings', { id: { type: 'INTEGER', primaryKey: true } });
        await tables.addColumn('jobs', 'wings', { type: 'INTEGER', allowNull: true });
        throw new Error('the wings do not hold');
      },
    };
    (migrations as { name: string }[]).push(wings);
    try {
      expect(await opening()).toMatch(/do not hold/);
    } finally {
      migrations.pop();
    }
    expect(await migrationsOf(file)).toEqual(migrations.map(({ name }) => name));
    expect((await schemaOf()).join()).not.toContain('wings');
    const [copy] = copiesIn(backupsFolder(folder));
    expect(copy!.name).toMatch(/-before-upgrade-from-016-fitted-errors\.sqlite$/);
    expect((await exportJob(id))!.job).toEqual(example());
  });
  test('what a kill has left of an older upgrade is taken up where it stood', async () => {
    const id = await createJob(example());
    await closeDatabase();
    const whole = await schemaOf();
    await withPlain(file, 'must', async (open) => {
      // The column is there and its note is not; the first table of the last one is there and the second is not.
      await open.run(`DELETE FROM migrations WHERE name >= '005'`);
      await open.run('DROP TABLE devices');
    });
    expect(await opening()).toBe('opened');
    expect((await schemaOf()).sort()).toEqual(whole.sort());
    expect((await exportJob(id))!.job).toEqual(example());
  });
  test('one process has a folder at a time, until it lets go', async () => {
    const letGo = await holdFolder(folder);
    await expect(holdFolder(folder)).rejects.toThrow(/another Scoval runs on/);
    await letGo();
    await (
      await holdFolder(folder)
    )();
  });
});

describe('backups', () => {
  const jobsOf = async (ids: string[]) => Promise.all(ids.map((id) => exportJob(id)));
  test('a copy made while saves go on is whole, and put back it is every job again', async () => {
    const ids = [];
    for (let more = 0; more < 4; more++) ids.push(await createJob(example()));
    await saveEdits(ids[0]!, 1, [{ op: 'set', path: ['title'], value: 'before the copy' }]);
    const before = await jobsOf(ids);
    const saves = ids.slice(1).map((id) => saveEdits(id, 1, [{ op: 'set', path: ['vehicle', 'label'], value: 'x' }]));
    const copy = await backUp();
    await Promise.all(saves);
    await checkSound(copy.file);
    await saveEdits(ids[0]!, 2, [{ op: 'set', path: ['title'], value: 'after the copy' }]);
    await closeDatabase();
    const aside = await restoreDatabase(copy.file, folder);
    expect((await exportJob(ids[0]!))!.job.title).toBe('before the copy');
    // Each of the others is as it was before its save or behind it, and nothing between.
    const now = await jobsOf(ids);
    const behind = before.map((one) => ({
      ...one,
      job: { ...one!.job, vehicle: { ...one!.job.vehicle, label: 'x' } },
    }));
    now.forEach((job, index) => expect([before[index], behind[index]]).toContainEqual(job));
    await closeDatabase();
    // What was there is kept whole: it can be put back in its turn.
    await restoreDatabase(path.join(aside!, 'scoval.sqlite'), folder);
    expect((await exportJob(ids[0]!))!.job.title).toBe('after the copy');
  });
  test('an old log beside it never gets into what is put back', async () => {
    const id = await createJob(example());
    const copy = await backUp();
    await saveEdits(id, 1, [{ op: 'set', path: ['title'], value: 'only in the log' }]);
    // As after a crash: the log stays where it was.
    const crashed = mkdtempSync(path.join(tmpdir(), 'scoval-crashed-'));
    for (const name of ['scoval.sqlite', 'scoval.sqlite-wal'])
      copyFileSync(path.join(folder, name), path.join(crashed, name));
    await closeDatabase();
    const aside = await restoreDatabase(copy.file, crashed);
    process.env.SCOVAL_DATA = crashed;
    expect((await exportJob(id))!.job.title).toBe(example().title);
    await checkSound(databaseFile(crashed));
    await closeDatabase();
    // By hand or by the command, what was kept aside comes back with what stood in its log alone.
    await restoreDatabase(path.join(aside!, 'scoval.sqlite'), crashed);
    expect((await exportJob(id))!.job.title).toBe('only in the log');
    await closeDatabase();
    process.env.SCOVAL_DATA = mkdtempSync(path.join(tmpdir(), 'scoval-aside-'));
    for (const name of readdirSync(aside!))
      copyFileSync(path.join(aside!, name), path.join(process.env.SCOVAL_DATA, name));
    expect((await exportJob(id))!.job.title).toBe('only in the log');
    await closeDatabase();
    rmSync(process.env.SCOVAL_DATA, { recursive: true });
    rmSync(crashed, { recursive: true });
  });
  test('nothing is put back while a server runs, from what is no backup, or from a newer one', async () => {
    await createJob(example());
    const copy = await backUp();
    await closeDatabase();
    const letGo = await holdFolder(folder);
    await expect(restoreDatabase(copy.file, folder)).rejects.toThrow(/another Scoval runs/);
    await letGo();
    const other = path.join(folder, 'other.sqlite');
    await withPlain(other, 'make', (open) => open.run('CREATE TABLE things (x)'));
    await expect(restoreDatabase(other, folder)).rejects.toThrow(/not one of Scoval/);
    writeFileSync(other, 'a letter');
    await expect(restoreDatabase(other, folder)).rejects.toThrow(/no database/);
    await expect(restoreDatabase(path.join(folder, 'none'), folder)).rejects.toThrow(/there is no file/);
    await expect(restoreDatabase(file, folder)).rejects.toThrow(/the database itself/);
    copyFileSync(copy.file, other);
    await withPlain(other, 'must', (open) => open.run(`INSERT INTO migrations (name) VALUES ('900-wings')`));
    await expect(restoreDatabase(other, folder)).rejects.toThrow(/newer Scoval/);
    expect(await opening()).toBe('opened');
  });
  test('a damaged database gives way to its backup', async () => {
    const id = await createJob(example());
    const copy = await backUp();
    await closeDatabase();
    truncateSync(file, 5000);
    await restoreDatabase(copy.file, folder);
    expect((await exportJob(id))!.job).toEqual(example());
  });
  test('the last of them are kept, by number and by room; the newest always', async () => {
    await database();
    const backups = backupsFolder(folder);
    const made = await copyDatabase(file, backups);
    for (let day = 1; day <= 20; day++)
      copyFileSync(made.file, path.join(backups, `scoval-202501${String(day).padStart(2, '0')}-030000.sqlite`));
    writeFileSync(path.join(backups, 'a letter.txt'), 'stays');
    expect(dropOld(backups, 14)).toHaveLength(7);
    expect(
      copiesIn(backups)
        .map(({ name }) => name)
        .slice(0, 2),
    ).toEqual([made.name, 'scoval-20250120-030000.sqlite']);
    expect(dropOld(backups, 14, made.bytes * 3.5)).toHaveLength(11);
    expect(dropOld(backups, 14, 1)).toHaveLength(2);
    expect(readdirSync(backups).sort()).toEqual(['a letter.txt', made.name]);
  });
  test('one is made a day, unless the shop does not want it', async () => {
    await setSetting('dailyCopies', false);
    expect(await backUpDaily()).toBeNull();
    await setSetting('dailyCopies', true);
    expect((await backUpDaily())!.name).toMatch(/^scoval-\d{8}-\d{6}\.sqlite$/);
    expect(await backUpDaily()).toBeNull();
    expect(await backUpDaily(Date.now() + 25 * 3_600_000)).not.toBeNull();
  });
  test('the pass-phrase goes with the copy and comes back with it; nobody else may read it', async () => {
    await database();
    await setPassphrase(folder, 'twelve torque wrenches');
    expect(statSync(path.join(folder, 'passphrase.json')).mode & 0o777).toBe(0o600);
    const copy = await backUp();
    await setPassphrase(folder, 'another one altogether');
    await closeDatabase();
    await restoreDatabase(copy.file, folder);
    expect(await isPassphrase(readPassphrase(folder)!, 'twelve torque wrenches')).toBe(true);
    expect(await isPassphrase(readPassphrase(folder)!, 'another one altogether')).toBe(false);
    expect(statSync(path.join(folder, 'passphrase.json')).mode & 0o777).toBe(0o600);
  });
});

describe('the pass-phrase', () => {
  test('has twelve characters or more, and is kept by its hash', async () => {
    await expect(setPassphrase(folder, 'eleven chrs')).rejects.toThrow(/12 characters or more/);
    await expect(setPassphrase(folder, 'x'.repeat(201))).rejects.toThrow(/more than 200/);
    expect(readPassphrase(folder)).toBeNull();
    await setPassphrase(folder, 'größe 18 × 8.5');
    expect(readFileSync(path.join(folder, 'passphrase.json'), 'utf8')).not.toContain('8.5');
    expect(await isPassphrase(readPassphrase(folder)!, 'gro\u0308ße 18 × 8.5')).toBe(true);
    expect(await isPassphrase(readPassphrase(folder)!, 'x'.repeat(10_000))).toBe(false);
  });
  test('a file that is none is said to be damaged', () => {
    writeFileSync(path.join(folder, 'passphrase.json'), '{"salt":1}');
    expect(() => readPassphrase(folder)).toThrow(/damaged: set the pass-phrase anew/);
  });
});
