import type { InstrumentMark, Origin } from '#core/instrument';
import type { ReadingRecord } from '#core/job';
import type { ArchivedReading } from '#formats/archive';
import type { ReadingRow } from './database/models';

/** A reading of the history; its id is the database's. */
export interface HistoryEntry extends ReadingRecord {
  id: number;
  corner: string;
}

/** A row of a reading, as its model has it. */
type ReadingKept = Pick<ReadingRow, 'id' | 'corner' | keyof ReadingRecord>;

export const historyEntry = (row: ReadingKept): HistoryEntry => ({
  id: row.id,
  corner: row.corner,
  key: row.key,
  value: row.value,
  uncertaintyMm: row.uncertaintyMm,
  instrument: row.instrument,
  takenAt: row.takenAt.toISOString(),
  ...originOf(row),
  ...(row.withdrawn ? { withdrawn: true } : {}),
});

/** Where a reading comes from, as far as that is known. */
const originOf = ({ shopInstrument, fromJob }: ReadingKept): Origin => ({
  ...(shopInstrument ? { shopInstrument } : {}),
  ...(fromJob ? { fromJob } : {}),
});

/** A reading within the text of all; thousands of rows would take ten times as long. */
type ReadingTold = [
  id: number,
  corner: string,
  key: string,
  value: number | null,
  uncertaintyMm: number | null,
  instrument: ReadingRecord['instrument'],
  shopInstrument: string | null,
  fromJob: string | null,
  takenAt: string,
  withdrawn: 0 | 1,
  revision: number,
];

/** A number to its last digit: in JSON, SQLite itself rounds to fifteen. */
const exactly = (column: string): string =>
  `CASE WHEN ${column} IS NOT NULL THEN json(printf('%!.17g', ${column})) END`;

/** All readings of a job as one text, the earliest first: a column of a statement that asks for jobs. */
export const READINGS_TOLD = `
  (SELECT json_group_array(json_array(id, corner, key, ${exactly('value')}, ${exactly('uncertainty_mm')}, instrument,
     shop_instrument, from_job, taken_at, withdrawn, revision))
   FROM (SELECT * FROM readings WHERE job_id = jobs.id ORDER BY id))`;

/** The readings of such a text. */
export const readingsOf = (told: string): HistoryEntry[] => (JSON.parse(told) as ReadingTold[]).map(entryOf);

/** The same as an archive keeps them. */
export const archivedReadings = (told: string): ArchivedReading[] =>
  (JSON.parse(told) as ReadingTold[]).map((one) => {
    const { id: _, corner, ...entry } = entryOf(one);
    return { ...entry, corner: corner as ArchivedReading['corner'], revision: one[10] };
  });

function entryOf(told: ReadingTold): HistoryEntry {
  const [id, corner, key, value, uncertaintyMm, instrument, shopInstrument, fromJob, takenAt, withdrawn] = told;
  return historyEntry({
    ...{ id, corner, key, value, uncertaintyMm, instrument, fromJob },
    shopInstrument: shopInstrument === null ? null : (JSON.parse(shopInstrument) as InstrumentMark),
    takenAt: new Date(takenAt),
    withdrawn: withdrawn === 1,
  });
}
