import { NUT_FORMS } from '#core/fastener';
import { DRY_FIT_RESULTS, DRY_FITS, LIP_FORMS, BORE_FORMS } from '#core/centering';
import Joi from 'joi';
import { DomainError } from '#core/errors';
import { boreFault, type Hub } from '#core/hub';
import { type Wheel, SPARE_CHOICES } from '#core/job';
import { readLoadRange, readSpeedSymbol } from '#core/load';
import { readTireSize } from '#core/tire';
import { id, known, length, ranged, readable, seat, text, thread } from '#formats/rules';
import { innerFace } from '#formats/shapes';
import { BACKSPACING_CONVENTIONS } from '#core/wheel';
import { STACK_KINDS } from '#core/stack';
import { SUSPENSION_CHANGE_KINDS } from '#core/suspension';
import { SENSOR_BODIES, SENSOR_SEATS, SENSORS_FROM } from '#core/sensor';

export const tire = Joi.object({
  size: Joi.string().max(60).custom(readable(readTireSize)),
  sectionWidthMm: ranged('sectionWidthMm'),
  overallDiameterMm: ranged('overallDiameterMm'),
  staticLoadedRadiusMm: ranged('staticLoadedRadiusMm'),
  treadWidthMm: ranged('treadWidthMm'),
  label: text(120),
  testRimIn: ranged('rimWidthIn'),
  loadIndex: ranged('loadIndex').integer(),
  loadIndexDual: ranged('loadIndex').integer(),
  speed: Joi.string().uppercase().custom(readable(readSpeedSymbol)),
  snow: Joi.boolean(),
  loadRange: Joi.string().uppercase().custom(readable(readLoadRange)),
  minDualSpacingMm: ranged('minDualSpacingMm'),
  massKg: ranged('massKg'),
});

/** What the car listens to, and what a setup orders. */
export const sensor = {
  frequencyMHz: ranged('frequencyMHz'),
  body: Joi.valid(...SENSOR_BODIES),
};

/** @throws DomainError where the center bore is no smaller than the circle around it */
export function boreInsideCircle({ boreMm, boltCircleMm }: Pick<Hub & Wheel, 'boreMm' | 'boltCircleMm'>): void {
  const fault = boreFault(boreMm, boltCircleMm);
  if (fault) throw new DomainError(fault, 'boreMm');
}
const boreForm = Joi.valid(...BORE_FORMS);

export const wheel = Joi.object({
  rimDiameterIn: ranged('rimDiameterIn'),
  rimWidthIn: ranged('rimWidthIn'),
  offsetMm: ranged('offsetMm'),
  backspacingMm: ranged('backspacingMm'),
  backspacingConvention: Joi.valid(...BACKSPACING_CONVENTIONS),
  lugCount: ranged('lugCount').integer(),
  boltCircleMm: ranged('boltCircleMm'),
  boreMm: ranged('boreMm'),
  boreDepthMm: ranged('boreDepthMm'),
  boreForm,
  capDepthMm: ranged('boreDepthMm'),
  seat,
  lugHoleMm: ranged('studHoleMm'),
  seatDiameterMm: ranged('seatDiameterMm'),
  padThicknessMm: ranged('padThicknessMm'),
  pocketDepthMm: ranged('pocketDepthMm'),
  ratingKg: ranged('ratingKg'),
  massKg: ranged('massKg'),
  sensorBody: Joi.valid(...SENSOR_SEATS),
  valveHoleMm: ranged('valveHoleMm'),
  innerFace,
})
  .oxor('offsetMm', 'backspacingMm', { isPresent: (value) => value != null })
  .with('backspacingMm', 'backspacingConvention', { isPresent: (value) => value != null })
  .custom(readable<Wheel>(boreInsideCircle));

const stackPart = Joi.object({
  kind: Joi.valid(...STACK_KINDS).required(),
  label: text(120),
  massKg: ranged('massKg'),
  thicknessMm: ranged('thicknessMm'),
  innerBoreMm: ranged('boreMm'),
  boreDepthMm: ranged('boreDepthMm'),
  boreForm,
  lipMm: ranged('lipMm'),
  lipForm: Joi.valid(...LIP_FORMS),
  outerLipMm: length(250),
  seatThicknessMm: ranged('seatThicknessMm'),
  thread,
  studLengthMm: ranged('fastenerLengthMm'),
  seat,
  toLugCount: ranged('lugCount').integer(),
  toBoltCircleMm: ranged('boltCircleMm'),
  torqueNm: ranged('torqueNm'),
  outerMm: ranged('ringMm'),
  innerMm: ranged('ringMm'),
});

const setupAxle = Joi.object({
  wheel,
  tire,
  stack: Joi.array().items(stackPart).max(12),
  dualSpacerMm: ranged('thicknessMm'),
  fastener: Joi.object({
    thread,
    lengthMm: ranged('fastenerLengthMm'),
    seat,
    nut: Joi.valid(...NUT_FORMS),
    nutDepthMm: ranged('threadDepthMm'),
  }),
  dryFit: Joi.object(Object.fromEntries(DRY_FITS.map((face) => [face, Joi.valid(...DRY_FIT_RESULTS)]))),
  dryFitFlush: Joi.boolean(),
});
const suspensionChange = Joi.object({
  kind: Joi.valid(...SUSPENSION_CHANGE_KINDS).required(),
  mm: known(ranged('suspensionChangeMm')),
});

/** A setup as it stands in a job. */
export const setupSchema = Joi.object({
  id,
  label: text(120),
  front: setupAxle,
  rear: setupAxle,
  suspensionChange: Joi.object({ front: suspensionChange, rear: suspensionChange }),
  speedometerSet: Joi.boolean(),
  spare: Joi.valid(...SPARE_CHOICES),
  sensors: Joi.object({ from: Joi.valid(...SENSORS_FROM), ...sensor }),
});
