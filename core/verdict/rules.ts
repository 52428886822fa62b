import type { Verdict } from './verdict';

/**
 * A clearance in mm against its limit: `fail` below 0 (it touches), `caution` from 0 up to the limit, `ok` from the
 * limit on.
 */
export function clearanceVerdict(clearanceMm: number | null, limitMm: number): Verdict {
  if (clearanceMm === null) return 'unknown';
  if (clearanceMm < 0) return 'fail';
  return clearanceMm < limitMm ? 'caution' : 'ok';
}

/** The poke target against the fender, as a range of poke in mm; either end may be open. */
export interface PokeTarget {
  min: number | null;
  max: number | null;
}

/** The outer end of a target, mm; level with the fender when none is given. */
export const outerEndMm = (target: PokeTarget): number => target.max ?? 0;

/**
 * Poke in mm against the target: beyond its outer end `fail`, short of its inner end (too far in) `caution`, inside it
 * `ok`.
 */
export function fenderVerdict(pokeMm: number | null, target: PokeTarget): Verdict {
  if (pokeMm === null) return 'unknown';
  if (pokeMm > outerEndMm(target)) return 'fail';
  return target.min !== null && pokeMm < target.min ? 'caution' : 'ok';
}

/** How far outside the approved rims a width may be before it fails, in. */
const RIM_WIDTH_GRACE_IN = 0.5;

/**
 * A rim width in inches against the tire's range: within it `ok`, up to 0.5 in outside `caution`, further out `fail`.
 */
export function rimWidthVerdict(rimWidthIn: number | null, range: { least: number; most: number } | null): Verdict {
  if (rimWidthIn === null || range === null) return 'unknown';
  const outside = Math.max(range.least - rimWidthIn, rimWidthIn - range.most);
  if (outside <= 0) return 'ok';
  return outside <= RIM_WIDTH_GRACE_IN ? 'caution' : 'fail';
}

/**
 * A change of diameter in percent against the limit either way: within it `ok`, beyond it `caution` (nothing touches by
 * it).
 */
export function diameterVerdict(changePct: number | null, limitPct: number): Verdict {
  if (changePct === null) return 'unknown';
  return Math.abs(changePct) <= limitPct ? 'ok' : 'caution';
}

/** How the wheels are driven. */
export const DRIVES = ['fwd', 'rwd', 'awd', '4wd'] as const;
export type Drive = (typeof DRIVES)[number];

/** Where care begins below the limit for front against rear diameter, %: half of it (shop default 0.5 below 1). */
export const axleMatchCarePct = (limitPct: number): number => limitPct / 2;

/**
 * How far the ratio of front to rear may move on a car with two driven wheels before its brake and stability control,
 * which compare the speeds of the wheels, may take it for a slide, % (common practice, no source).
 */
export const AXLE_MATCH_TWO_DRIVEN_PCT = 3;

/** Whether both axles are driven. */
export const drivesBoth = (drive: Drive | null): boolean => drive === 'awd' || drive === '4wd';

/**
 * Change of the car's own ratio of front to rear diameter in percent: on four driven wheels `caution` above half the
 * limit and `fail` above it; on two `caution` above {@link AXLE_MATCH_TWO_DRIVEN_PCT}, unless the car has no stability
 * control.
 */
export function axleMatchVerdict(
  changePct: number | null,
  limitPct: number,
  { drive, stabilityControl }: { drive: Drive | null; stabilityControl: boolean },
): Verdict {
  if (changePct === null) return 'unknown';
  const apart = Math.abs(changePct);
  if (apart <= axleMatchCarePct(limitPct)) return 'ok';
  if (drive === null) return 'unknown';
  if (drivesBoth(drive)) return apart > limitPct ? 'fail' : 'caution';
  return stabilityControl && apart > AXLE_MATCH_TWO_DRIVEN_PCT ? 'caution' : 'ok';
}
