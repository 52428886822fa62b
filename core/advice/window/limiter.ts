import type { Side } from '#core/sweep';
import { leftDiffers, type AxleName, type Job } from '#core/job';
import type { Span } from '#core/window';
import type { CheckCode } from '#core/evaluate';

/** Something that keeps offsets out of a row of the window. */
export interface Limiter {
  /** The check it keeps to; `fender-in` where the face is too far in. */
  code: CheckCode | 'fender-in';
  label: string;
  /** Offsets that it keeps out, mm. */
  blocked: Span[];
  /** ± at 95 % of its edges, mm; null where it is no matter of millimeters. */
  plusMinus: number | null;
}

export const EVERYWHERE: Span = [-Infinity, Infinity];

export const above = (mm: number): Span => [mm, Infinity];

export const below = (mm: number): Span => [-Infinity, mm];

export const sidesOf = (job: Job, axle: AxleName): Side[] =>
  leftDiffers(job.vehicle[axle]) ? ['right', 'left'] : ['right'];
