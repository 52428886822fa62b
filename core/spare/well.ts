import type { Verdict } from '#core/verdict';

/** A well for the spare, mm. */
export interface Well {
  diameterMm: number | null;
  depthMm: number | null;
  /** Room above the well's rim: to a floor that may stand higher, or to what lies on it. */
  roomAboveMm: number | null;
}

/** How a spare lies in its well. Margins in mm, negative where it does not go in. */
export interface WellFit {
  /** Well diameter less overall diameter. */
  playMm: number | null;
  /** How far it stands proud of the well's rim; 0 where it lies below. */
  proudMm: number | null;
  /** What is missing in diameter may be won by letting the tire down. */
  deflate: boolean;
  verdict: Verdict;
}

/** Play around a spare that lets it in without force, and what a tire let down to about 100 kPa yields in diameter (common practice, no source). */
export const WELL_MM = { play: 5, yields: 15 } as const;

/**
 * How a wheel and tire lie in a well. Too large by no more than a tire let down yields: `caution`; by more: `fail`. Proud of the rim: `ok`
 * within the room above, `fail` beyond it, `caution` while that room is not known.
 * @param spare overall diameter and the wider of section and overall rim width, mm
 */
export function wellFit(well: Well, spare: { overallDiameterMm: number | null; widthMm: number | null }): WellFit {
  const playMm =
    well.diameterMm === null || spare.overallDiameterMm === null ? null : well.diameterMm - spare.overallDiameterMm;
  const over = well.depthMm === null || spare.widthMm === null ? null : spare.widthMm - well.depthMm;
  const proudMm = over === null ? null : Math.max(0, over);
  const deflate = playMm !== null && playMm < 0 && playMm >= -WELL_MM.yields;
  return { playMm, proudMm, deflate, verdict: wellVerdict(playMm, proudMm, well.roomAboveMm) };
}

function wellVerdict(playMm: number | null, proudMm: number | null, roomAboveMm: number | null): Verdict {
  if (playMm !== null && playMm < -WELL_MM.yields) return 'fail';
  if (proudMm !== null && roomAboveMm !== null && proudMm > roomAboveMm) return 'fail';
  if (playMm === null || proudMm === null) return 'unknown';
  if (playMm < WELL_MM.play) return 'caution';
  return proudMm > 0 && roomAboveMm === null ? 'caution' : 'ok';
}
