import type { ReadingRecord } from '#core/job';
import { wasOverdue } from '#core/instrument';
import { INSTRUMENT_NAMES } from './instruments';

/** With what a reading was taken, or where it was taken over: its instrument, else the kind of tool; null unknown. */
export function takenWords({ instrument, shopInstrument, fromJob, takenAt }: TakenReading): string | null {
  if (fromJob !== undefined) return `taken over from ${fromJob}`;
  if (!shopInstrument) return instrument && INSTRUMENT_NAMES[instrument];
  const { name, calibratedOn, dueOn } = shopInstrument;
  // Of what has no time nobody can tell whether it was overdue.
  if (takenAt === undefined) return calibratedOn ? `${name}, calibrated ${calibratedOn}` : name;
  return wasOverdue(shopInstrument, takenAt) ? `${name}, calibration overdue since ${dueOn}` : name;
}

type TakenReading = Pick<ReadingRecord, 'instrument' | 'shopInstrument' | 'fromJob'> & { takenAt?: string };
