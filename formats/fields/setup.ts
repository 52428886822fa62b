import { DRY_FIT_RESULTS, type DryFit } from '#core/centering';
import { NUT_FORMS, readThread, SEATS, type SetupFastener } from '#core/fastener';
import { SETUP_NAME_LENGTH, SPARE_CHOICES, type Setup, type SetupAxle, type SuspensionChange } from '#core/job';
import { SENSOR_BODIES, SENSORS_FROM, type SensorChoice } from '#core/sensor';
import { SUSPENSION_CHANGE_KINDS } from '#core/suspension';
import { choice, figure, flag, group, list, text, written, type FieldsOf } from './field';
import { PRICED } from './priced';
import { TIRE } from './tire';
import { WHEEL } from './wheel';

/** Nuts, bolts or studs that come with a setup. */
const SETUP_FASTENER = {
  thread: written('thread', readThread, { most: 20 }),
  lengthMm: figure('stud or bolt length', 'fastenerLengthMm'),
  seat: choice('seat', SEATS),
  nut: choice('form of the nuts', NUT_FORMS),
  nutDepthMm: figure('thread depth of the nuts', 'threadDepthMm'),
  ...PRICED,
} as const satisfies FieldsOf<SetupFastener>;

/** What a dry fit showed, face by face. */
const DRY_FIT = {
  hubToSpacer: choice('dry fit, hub to spacer', DRY_FIT_RESULTS),
  spacerToSpacer: choice('dry fit, spacer to spacer', DRY_FIT_RESULTS),
  spacerToWheel: choice('dry fit, spacer to wheel', DRY_FIT_RESULTS),
  hubToWheel: choice('dry fit, hub to wheel', DRY_FIT_RESULTS),
} as const satisfies FieldsOf<DryFit>;

/** What of a setup goes on one axle. */
export const SETUP_AXLE = {
  wheel: group('wheel', WHEEL),
  tire: group('tire', TIRE),
  stack: list('stack'),
  dualSpacerMm: figure('spacer between duals', 'thicknessMm'),
  fastener: group('fasteners', SETUP_FASTENER),
  dryFit: group('dry fit', DRY_FIT),
  dryFitFlush: flag('dry fit'),
} as const satisfies FieldsOf<SetupAxle>;

const SUSPENSION_CHANGE = {
  kind: choice('kind', SUSPENSION_CHANGE_KINDS, { needed: true }),
  mm: figure('suspension change', 'suspensionChangeMm', { needed: true }),
} as const satisfies FieldsOf<SuspensionChange>;

const SENSORS = {
  from: choice('sensors from', SENSORS_FROM),
  frequencyMHz: figure('sensor frequency', 'frequencyMHz'),
  body: choice('sensor body', SENSOR_BODIES),
} as const satisfies FieldsOf<SensorChoice>;

/** A setup, but for its id. */
export const SETUP = {
  label: text('name', SETUP_NAME_LENGTH),
  front: group('front axle', SETUP_AXLE),
  rear: group('rear axle', SETUP_AXLE),
  suspensionChange: group('suspension change', {
    front: group('front axle', SUSPENSION_CHANGE),
    rear: group('rear axle', SUSPENSION_CHANGE),
  }),
  speedometerSet: flag('speedometer recalibrated'),
  spare: choice('spare', SPARE_CHOICES),
  sensors: group('tire-pressure sensors', SENSORS),
  extras: list('work and parts besides'),
} as const satisfies FieldsOf<Omit<Setup, 'id'>>;
