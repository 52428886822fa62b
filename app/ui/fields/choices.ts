import type { DryFit, DryFitResult, LipForm } from '#core/centering';
import { SEAT_NAMES, type Seat } from '#core/fastener';
import type { SpareChoice, StackPart } from '#core/job';
import type { Relearn, SensorBody } from '#core/sensor';
import type { Lies } from '#core/spare';
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
export const LIP_FORMS: readonly (readonly [LipForm, string])[] = [
  ['straight', 'straight'],
  ['conical', 'conical'],
  ['chamfered', 'chamfered'],
];
export const DRY_FIT_NAMES: Record<keyof DryFit, string> = {
  hubToSpacer: 'Dry fit, hub to spacer',
  spacerToSpacer: 'Dry fit, spacer to spacer',
  spacerToWheel: 'Dry fit, spacer to wheel',
  hubToWheel: 'Dry fit, hub to wheel',
};
export const DRY_FIT_RESULTS: readonly (readonly [DryFitResult, string])[] = [
  ['flush', 'flush all around'],
  ['gap', 'a gap: not flush'],
];
export const NUTS: readonly (readonly ['open' | 'closed', string])[] = [
  ['open', 'open'],
  ['closed', 'closed'],
];
export const SPEED_FROM: readonly (readonly ['driven' | 'front' | 'rear' | 'all', string])[] = [
  ['driven', 'the driven wheels'],
  ['front', 'the front wheels'],
  ['rear', 'the rear wheels'],
  ['all', 'all four wheels'],
];
export const YES_NO: readonly (readonly ['yes' | 'no', string])[] = [
  ['yes', 'yes'],
  ['no', 'no'],
];
export const BORE_FORMS: readonly (readonly ['square' | 'chamfered', string])[] = [
  ['square', 'square edge'],
  ['chamfered', 'chamfered'],
];
export const LIES: readonly (readonly [Lies, string])[] = [
  ['face-up', 'street face up'],
  ['face-down', 'street face down'],
];
export const SENSOR_BODIES: readonly (readonly [SensorBody, string])[] = [
  ['clamp-in', 'clamp-in, metal valve'],
  ['snap-in', 'snap-in, rubber valve'],
];
export const SENSOR_SEATS: readonly (readonly [SensorBody | 'either' | 'none', string])[] = [
  ...SENSOR_BODIES,
  ['either', 'either'],
  ['none', 'no seat for one'],
];
export const RELEARNS: readonly (readonly [Relearn, string])[] = [
  ['drive', 'by driving'],
  ['stationary', 'at rest, in order'],
  ['scan-tool', 'by scan tool'],
];
export const SENSORS_FROM: readonly (readonly ['reuse' | 'order' | 'none', string])[] = [
  ['reuse', "the car's own move over"],
  ['order', 'a set is ordered'],
  ['none', 'none'],
];
export const SPARES: readonly (readonly [SpareChoice, string])[] = [
  ['front', 'a front wheel'],
  ['rear', 'a rear wheel'],
  ['kept', 'the car’s own spare'],
  ['none', 'none'],
];
export const SEATS = Object.entries(SEAT_NAMES) as [Seat, string][];

/** What the pieces of a stack are called. */
export const PIECE_NAMES: Record<StackPart['kind'], string> = {
  'slip-on': 'Spacer',
  'bolt-on': 'Adapter',
  ring: 'Ring',
};
