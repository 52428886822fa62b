import type { PatternReading } from './records';
import { INSTRUMENT_UNCERTAINTY_MM, type Instrument } from '#core/uncertainty';
import { chordMm, widestSteps } from './chord';
import type { BoltPattern } from './patterns';
import { kindOf } from './reading';

/** A reading that would tell two patterns apart. */
export interface DecidingReading extends Pick<PatternReading, 'kind' | 'steps'> {
  instrument: Instrument;
  /** How many such readings, each taken anew. */
  times: number;
  /** How far apart the two patterns are at this pair, mm. */
  apartMm: number;
}

const TOOLS: readonly Instrument[] = ['steel-rule', 'caliper'];
/** More repeats than this nobody takes, and their errors are no longer apart from each other. */
const MOST_TIMES = 4;

/**
 * The readings that would tell two patterns of one count apart at 95 %, easiest first: their chords must lie at least
 * twice the ± of the mean apart, |c₁ − c₂| ≥ 2u/√m for m readings. The widest pair shows most; neighbours serve where
 * nothing else can be reached. A tape is never offered: it sags and its hook moves.
 * @returns an empty list when no rule or caliper can tell them apart: then a gauge card has to
 */
export function decidingReadings(one: BoltPattern, other: BoltPattern): DecidingReading[] {
  if (one.lugCount !== other.lugCount) return [];
  const found: DecidingReading[] = [];
  for (const steps of new Set([widestSteps(one.lugCount), 1])) {
    const apartMm = Math.abs(
      chordMm(one.boltCircleMm, one.lugCount, steps) - chordMm(other.boltCircleMm, one.lugCount, steps),
    );
    for (const instrument of TOOLS) {
      const uncertainty = INSTRUMENT_UNCERTAINTY_MM[instrument]!;
      const times = Math.max(1, Math.ceil(((2 * uncertainty) / apartMm) ** 2 - 1e-9));
      if (times <= MOST_TIMES) found.push({ ...kindOf(one.lugCount, steps), instrument, times, apartMm });
    }
  }
  return found.sort((a, b) => a.times - b.times || b.apartMm - a.apartMm);
}
