import type { InstrumentMark, Origin } from '#core/instrument';
import type { ReadingRecord } from '#core/job';
import type { HistoryEntry } from './records';

/** A reading within the text of all: thousands of them by names would take ten times as long. */
export type ReadingTold = [
  id: number,
  corner: string,
  key: string,
  value: number | null,
  uncertaintyMm: number | null,
  instrument: ReadingRecord['instrument'],
  /** As JSON. */
  shopInstrument: string | null,
  fromJob: string | null,
  takenAt: string,
  withdrawn: 0 | 1,
  revision: number,
];

/** A reading as it is kept: each of its fields, empty or not. */
type Kept = Omit<HistoryEntry, 'shopInstrument' | 'fromJob' | 'withdrawn'> & {
  shopInstrument: InstrumentMark | null;
  fromJob: string | null;
  withdrawn: boolean;
};

/** A reading with the fields that say something. */
export const historyEntry = (kept: Kept): HistoryEntry => ({
  id: kept.id,
  corner: kept.corner,
  key: kept.key,
  value: kept.value,
  uncertaintyMm: kept.uncertaintyMm,
  instrument: kept.instrument,
  takenAt: kept.takenAt,
  ...originOf(kept),
  ...(kept.withdrawn ? { withdrawn: true } : {}),
});

/** Where a reading comes from, as far as that is known. */
const originOf = ({ shopInstrument, fromJob }: Kept): Origin => ({
  ...(shopInstrument ? { shopInstrument } : {}),
  ...(fromJob ? { fromJob } : {}),
});

/** A reading out of the text of all. */
export function entryOf(told: ReadingTold): HistoryEntry {
  const [id, corner, key, value, uncertaintyMm, instrument, shopInstrument, fromJob, takenAt, withdrawn] = told;
  return historyEntry({
    ...{ id, corner, key, value, uncertaintyMm, instrument, fromJob, takenAt },
    shopInstrument: shopInstrument === null ? null : (JSON.parse(shopInstrument) as InstrumentMark),
    withdrawn: withdrawn === 1,
  });
}
