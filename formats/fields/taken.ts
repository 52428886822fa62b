import type { ReadingRecord } from '#core/job';
import { wasOverdue } from '#core/instrument';
import { INSTRUMENT_NAMES } from './instruments';

/** With what a reading was taken, or where it was taken over: its instrument, else the kind of tool; null unknown. */
export function takenWords({ instrument, shopInstrument, fromJob, takenAt }: TakenReading): string | null {
  if (fromJob !== undefined) return `taken over from ${fromJob}`;
  if (!shopInstrument) return instrument && INSTRUMENT_NAMES[instrument];
  const overdue = takenAt !== undefined && wasOverdue(shopInstrument, takenAt);
  return `${shopInstrument.name}${overdue ? `, calibration overdue since ${shopInstrument.dueOn}` : ''}`;
}

type TakenReading = Pick<ReadingRecord, 'instrument' | 'shopInstrument' | 'fromJob'> & { takenAt?: string };
