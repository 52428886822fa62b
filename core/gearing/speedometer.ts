import type { Verdict } from '#core/verdict';

/**
 * What the band allows a speedometer to show above the true speed: at most 10 % and 4 km/h, and never less than true
 * (UNECE R39, from memory).
 */
export const BAND = { share: 0.1, kmh: 4 } as const;

/** True speeds in km/h at which the band is tried (UNECE R39, from memory). */
const TEST_SPEEDS_KMH = [40, 80, 120] as const;

/** The most a speedometer may show at a true speed, km/h: 1.1·v + 4. */
export const mostShownKmh = (trueKmh: number): number => (1 + BAND.share) * trueKmh + BAND.kmh;

/** The true speeds that the band allows when a speed is shown, km/h: (shown − 4)/1.1 to shown. */
export const trueBandKmh = (shownKmh: number): { least: number; most: number } => ({
  least: Math.max(0, (shownKmh - BAND.kmh) / (1 + BAND.share)),
  most: shownKmh,
});

/** A speedometer compared with the true speed once, km/h. */
export interface SpeedometerReading {
  indicatedKmh: number;
  trueKmh: number;
}

/**
 * True speed in km/h when a speed is shown: shown · (true/shown of the reading) · D/D0. Its error is taken as a share
 * of the speed, as a speedometer that counts revolutions has it. Without a reading: if it was exact before.
 * @param ratio D/D0, new over present diameter of the axle it counts
 */
export const trueAtShownKmh = (shownKmh: number, ratio: number, reading: SpeedometerReading | null): number =>
  shownKmh * ratio * (reading ? reading.trueKmh / reading.indicatedKmh : 1);

/** How a speedometer stands against the band. */
export interface SpeedometerJudgement {
  verdict: Verdict;
  /** `low`: it shows less than true; `high`: more than the band allows; null within the band or not known. */
  leaves: 'low' | 'high' | null;
  /** True speed in km/h at which it leaves the band first. */
  atKmh: number | null;
  /**
   * Where its own error is not known: the shares true/shown it may have today with which it keeps the band; null where
   * none does.
   */
  keeps: { least: number; most: number } | null;
}

/**
 * The shares true/shown that the band allows at every test speed shown, were the error a share of the speed: from the
 * largest of (v − 4)/(1.1·v) up to 1 (UNECE R39, from memory).
 */
const BAND_SHARES = {
  least: Math.max(...TEST_SPEEDS_KMH.map((shownKmh) => trueBandKmh(shownKmh).least / shownKmh)),
  most: 1,
} as const;

/** Rounding of a reading must not make an exact speedometer one that reads low. */
const EXACT = 1e-9;

/**
 * Judges a speedometer against the band. With a reading of its own error: outside the band `fail`. Without one the car
 * is taken to keep the band now, with any error in it: `ok` when all of them keep it on the new tires, `fail` when none
 * does, `caution` when only some do.
 * @param ratio D/D0, new over present diameter
 */
export function judgeSpeedometer(ratio: number, reading: SpeedometerReading | null): SpeedometerJudgement {
  if (!reading) {
    const { least, most } = BAND_SHARES;
    const keeps = { least: Math.max(least, least / ratio), most: Math.min(most, most / ratio) };
    if (keeps.least > keeps.most * (1 + EXACT))
      return { verdict: 'fail', leaves: ratio > 1 ? 'low' : 'high', atKmh: null, keeps: null };
    return { verdict: Math.abs(ratio - 1) < EXACT ? 'ok' : 'caution', leaves: null, atKmh: null, keeps };
  }
  const keeps = null;
  for (const trueKmh of TEST_SPEEDS_KMH) {
    const shown = (trueKmh * reading.indicatedKmh) / reading.trueKmh / ratio;
    if (shown < trueKmh * (1 - EXACT)) return { verdict: 'fail', leaves: 'low', atKmh: trueKmh, keeps };
    if (shown > mostShownKmh(trueKmh) * (1 + EXACT)) return { verdict: 'fail', leaves: 'high', atKmh: trueKmh, keeps };
  }
  return { verdict: 'ok', leaves: null, atKmh: null, keeps };
}
