import type { Taken } from '#core/job';
import { INSTRUMENT_UNCERTAINTY_MM, type Instrument } from '#core/uncertainty';

/** How a reading made with an instrument is kept. */
export const takenWith = (instrument: Instrument): Taken => ({
  instrument,
  uncertaintyMm: INSTRUMENT_UNCERTAINTY_MM[instrument],
});
