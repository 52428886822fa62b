import { SEAT_NAMES } from '#core/fastener';
import type { CentringRule } from '#core/centring';
import type { NearPatternRule } from '#core/hub';
import type { Seat } from '#core/job';
import type { Drive } from '#core/verdict';

/** The words that stand for the job file's choices. */
export const DRIVES: readonly (readonly [Drive, string])[] = [
  ['fwd', 'front wheels'],
  ['rwd', 'rear wheels'],
  ['awd', 'all, always'],
  ['4wd', 'all, selectable'],
];
export const CLASSES: readonly (readonly ['passenger' | 'truck', string])[] = [
  ['passenger', 'passenger car'],
  ['truck', 'truck, van or SUV'],
];
export const FASTENERS: readonly (readonly ['stud' | 'bolt', string])[] = [
  ['stud', 'studs and nuts'],
  ['bolt', 'lug bolts'],
];
export const LIP_FORMS: readonly (readonly ['straight' | 'conical', string])[] = [
  ['straight', 'straight'],
  ['conical', 'conical'],
];
export const BORE_FORMS: readonly (readonly ['square' | 'chamfered', string])[] = [
  ['square', 'square edge'],
  ['chamfered', 'chamfered'],
];
export const CENTRING_RULES: readonly (readonly [CentringRule, string])[] = [
  ['required', 'hub-centric required'],
  ['nuts', 'the nuts may centre it'],
];
export const NEAR_RULES: readonly (readonly [NearPatternRule, string])[] = [
  ['care', 'allowed, with care'],
  ['refuse', 'refused'],
];
export const SEATS = Object.entries(SEAT_NAMES) as [Seat, string][];
