import type { ArchivedReading } from '#formats/archive';
import { entryOf, historyEntry, type HistoryEntry, type ReadingTold } from '#formats/openJob';
import type { ReadingRow } from './database/models';

/** A reading of the history out of its row. */
export const historyEntryOf = (row: Pick<ReadingRow, keyof HistoryEntry>): HistoryEntry =>
  historyEntry({
    id: row.id,
    corner: row.corner,
    key: row.key,
    value: row.value,
    uncertaintyMm: row.uncertaintyMm,
    instrument: row.instrument,
    shopInstrument: row.shopInstrument,
    fromJob: row.fromJob,
    takenAt: row.takenAt.toISOString(),
    withdrawn: row.withdrawn,
  });

/** A number to its last digit: in JSON, SQLite itself rounds to fifteen. */
const exactly = (column: string): string =>
  `CASE WHEN ${column} IS NOT NULL THEN json(printf('%!.17g', ${column})) END`;

/** Readings of a job as one text, the earliest first: a column of a statement that asks for jobs. */
const readingsTold = (which: string): string => `
  (SELECT json_group_array(json_array(id, corner, key, ${exactly('value')}, ${exactly('uncertainty_mm')}, instrument,
     shop_instrument, from_job, replace(replace(taken_at, ' +00:00', 'Z'), ' ', 'T'), withdrawn, revision))
   FROM (SELECT * FROM readings WHERE ${which} ORDER BY id))`;

/** All of them. */
export const READINGS_TOLD = readingsTold('job_id = jobs.id');

/** Those of some keys, which are bound as the JSON text of a list. */
export const readingsOf = (keys: string): string =>
  readingsTold(`job_id = jobs.id AND key IN (SELECT value FROM json_each(${keys}))`);

/** The readings of such a text as an archive keeps them. */
export const archivedReadings = (told: string): ArchivedReading[] =>
  (JSON.parse(told) as ReadingTold[]).map((one) => {
    const { id: _, corner, ...entry } = entryOf(one);
    return { ...entry, corner: corner as ArchivedReading['corner'], revision: one[10] };
  });
