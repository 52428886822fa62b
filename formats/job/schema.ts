import { NUT_FORMS, FASTENER_KINDS } from '#core/fastener';
import { LIP_FORMS } from '#core/centering';
import Joi from 'joi';
import { DomainError } from '#core/errors';
import { centresMm, stepsOf, READ_FROM, type Hub, PAIRS } from '#core/hub';
import { type Job, VEHICLE_CLASSES, SPEED_SOURCES } from '#core/job';
import { pathText } from '#formats/faults';
import { count, instrument, known, number, ranged, readable, seat, text, thread } from '#formats/rules';
import { outline } from '#formats/shapes';
import { OUTLINE_ORIGINS } from '#core/brake';
import { DRIVES } from '#core/verdict';
import { LIES } from '#core/spare';
import { RELEARNS } from '#core/sensor';
import { boreInsideCircle, sensor, setupSchema, tire, wheel } from './parts';
import { obstacle, suspension } from './space';
import { briefSchema, shopSchema } from './brief';

const reading = Joi.object({
  key: Joi.string().max(80).required(),
  value: number(-1000, 3000).required(),
  uncertaintyMm: number(0, 100).required(),
  instrument: instrument.required(),
  takenAt: Joi.string().isoDate().required(),
  withdrawn: Joi.boolean(),
});

/** @throws DomainError from the first stud reading that cannot be on a hub of so many studs */
function readingsFit({ lugCount, patternReadings }: Hub): void {
  patternReadings?.forEach((one, index) => {
    try {
      centresMm(one);
      if (lugCount != null) stepsOf(one, lugCount);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      throw new DomainError(error.message, `patternReadings.${index}.${error.path}`);
    }
  });
}

const room = Joi.object({
  outboardGapMm: ranged('outboardGapMm'),
  inboardGapMm: ranged('inboardGapMm'),
  archGapMm: ranged('archGapMm'),
  uncertaintyMm: number(0, 100),
});

/** The brake of an axle. */
const caliper = Joi.object({
  label: text(120),
  outline,
  rotorDiameterMm: ranged('rotorDiameterMm'),
  origin: Joi.valid(...OUTLINE_ORIGINS),
});

const vehicleAxle = Joi.object({
  hub: Joi.object({
    lugCount: ranged('lugCount').integer(),
    boltCircleMm: ranged('boltCircleMm'),
    patternReadings: Joi.array()
      .items(
        Joi.object({
          kind: Joi.valid(...PAIRS).required(),
          steps: count(1, 5),
          from: Joi.valid(...READ_FROM).required(),
          valueMm: known(ranged('chordMm')),
          studDiameterMm: ranged('studDiameterMm'),
          uncertaintyMm: number(0, 20),
          instrument,
        }),
      )
      .max(50),
    boreMm: ranged('boreMm'),
    lipHeightMm: ranged('lipHeightMm'),
    lipForm: Joi.valid(...LIP_FORMS),
    flangeDiameterMm: ranged('flangeDiameterMm'),
    studHoleMm: ranged('studHoleMm'),
    fastener: Joi.object({
      kind: Joi.valid(...FASTENER_KINDS),
      thread: thread.allow(''),
      lengthMm: ranged('fastenerLengthMm'),
      seat,
      torqueNm: ranged('torqueNm'),
      threadDepthMm: ranged('threadDepthMm'),
      nut: Joi.valid(...NUT_FORMS),
      nutDepthMm: ranged('threadDepthMm'),
    }),
  })
    .custom(readable<Hub>(boreInsideCircle))
    .custom(readable<Hub>(readingsFit)),
  axleRatingKg: ranged('axleRatingKg'),
  pressureKpa: ranged('pressureKpa'),
  dual: Joi.boolean(),
  baseline: Joi.object({ wheel, stackMm: ranged('stackMm'), dualSpacerMm: ranged('thicknessMm'), tire }),
  room,
  left: Joi.object({ room }),
  suspension,
  obstacles: Joi.array().items(obstacle).unique('id').max(200),
  caliper,
  readings: Joi.array().items(reading).max(5000),
});

const job = Joi.object({
  format: Joi.valid('scoval.job').required(),
  version: Joi.valid(1).required(),
  title: text(120),
  vehicle: Joi.object({
    label: text(120),
    drive: Joi.valid(...DRIVES),
    class: Joi.valid(...VEHICLE_CLASSES),
    flangeMm: ranged('flangeMm'),
    topSpeedKmh: ranged('speedKmh'),
    gearing: Joi.object({ axleRatio: ranged('axleRatio'), gearRatio: ranged('gearRatio') }),
    speedFrom: Joi.valid(...SPEED_SOURCES),
    stabilityControl: Joi.boolean(),
    speedometer: Joi.object({ indicatedKmh: ranged('speedKmh'), trueKmh: ranged('speedKmh') }),
    spare: Joi.object({
      wellDiameterMm: ranged('wellDiameterMm'),
      wellFloorDiameterMm: ranged('wellDiameterMm'),
      wellDepthMm: ranged('wellDepthMm'),
      roomAboveMm: ranged('limitMm'),
      holdDownMm: ranged('holdDownMm'),
      holdDownThread: thread.allow(''),
      lies: Joi.valid(...LIES),
      wheel,
      tire,
    }),
    tpms: Joi.object({ ...sensor, relearn: Joi.valid(...RELEARNS) }),
    front: vehicleAxle,
    rear: vehicleAxle,
  }).required(),
  brief: briefSchema,
  house: shopSchema,
  // A job that is still being read has none yet.
  setups: Joi.array().items(setupSchema).unique('id').max(200).required(),
});

/** JSON may carry a key that means something else to the language; it is unknown like any other that is not listed. */
function findReservedKey(value: unknown, path: (string | number)[] = []): (string | number)[] | null {
  if (value === null || typeof value !== 'object') return null;
  if (Object.hasOwn(value, '__proto__')) return [...path, '__proto__'];
  for (const [key, part] of Object.entries(value)) {
    const found = findReservedKey(part, [...path, Array.isArray(value) ? Number(key) : key]);
    if (found) return found;
  }
  return null;
}
const refuseReserved: Joi.CustomValidator = (value, helpers) => {
  const found = findReservedKey(helpers.original);
  return found ? helpers.message({ custom: `${pathText(found)}: is not a known field` }) : value;
};

/** The job file, version 1. */
export const jobSchema: Joi.ObjectSchema<Job> = job.custom(refuseReserved);
