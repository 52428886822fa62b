import Joi from 'joi';
import { DomainError } from '#core/errors';
import { centersMm, PAIRS, READ_FROM, stepsOf, type Hub } from '#core/hub';
import type { Job } from '#core/job';
import { FIELDS, HUB, VEHICLE, VEHICLE_AXLE } from '#formats/fields';
import { pathText } from '#formats/faults';
import { count, instrument, known, moment, number, origin, ranged, readable, shopInstrument } from '#formats/rules';
import { outline } from '#formats/shapes';
import { briefSchema, shopSchema } from './brief';
import { decisionSchema } from './decision';
import { fittingSchema } from './fitting';
import { notesSchema, photosSchema } from './note';
import { boreInsideCircle, setupSchema, wheel } from './parts';
import { objectOf } from './schemaOf';
import { obstacle } from './space';

/** The most readings of an axle that its history holds, and a file with it. */
export const MOST_READINGS = 20_000;

/** At so many radii a brake is read. */
const MOST_REACHES = 100;

/** One reading of a history. */
export const readingSchema = Joi.object({
  key: Joi.string()
    .pattern(/^[A-Za-z][\w.-]{0,79}$/, { name: 'is no place of a reading' })
    .required(),
  value: number(-1000, 3000).required(),
  uncertaintyMm: number(0, 100).required(),
  instrument: instrument.required(),
  takenAt: moment.required(),
  ...origin,
  withdrawn: Joi.boolean(),
});

/** @throws DomainError from the first stud reading that cannot be on a hub of so many studs */
function readingsFit({ lugCount, patternReadings }: Hub): void {
  patternReadings?.forEach((one, index) => {
    try {
      centersMm(one);
      if (lugCount != null) stepsOf(one, lugCount);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      throw new DomainError(error.message, `patternReadings.${index}.${error.path}`);
    }
  });
}

/** A distance between two studs. */
const patternReading = Joi.object({
  kind: Joi.valid(...PAIRS).required(),
  steps: count(1, 5),
  from: Joi.valid(...READ_FROM).required(),
  valueMm: known(ranged('chordMm')),
  studDiameterMm: ranged('studDiameterMm'),
  uncertaintyMm: number(0, 20),
  instrument,
  shopInstrument,
});

const hub = objectOf(HUB, { patternReadings: Joi.array().items(patternReading).max(50) })
  .custom(readable<Hub>(boreInsideCircle))
  .custom(readable<Hub>(readingsFit));

/** How far a brake reaches, radius by radius. */
const reaches = Joi.array()
  .items(Joi.object({ radiusMm: ranged('radiusMm'), reachMm: ranged('reachMm') }))
  .max(MOST_REACHES);
const CALIPER = VEHICLE_AXLE.caliper.fields;

const vehicleAxle = objectOf(VEHICLE_AXLE, {
  hub,
  baseline: objectOf(VEHICLE_AXLE.baseline.fields, { wheel }),
  obstacles: Joi.array().items(obstacle).unique('id').max(200),
  caliper: objectOf(CALIPER, { outline, reach: objectOf(CALIPER.reach.fields, { rows: reaches }) }),
  readings: Joi.array().items(readingSchema).max(MOST_READINGS),
});

const vehicle = objectOf(VEHICLE, {
  spare: objectOf(VEHICLE.spare.fields, { wheel }),
  front: vehicleAxle,
  rear: vehicleAxle,
});

const job = objectOf(FIELDS, {
  vehicle: vehicle.required(),
  brief: briefSchema,
  house: shopSchema,
  // A job that is still being read has none yet.
  setups: Joi.array().items(setupSchema).unique('id').max(200).required(),
  fittings: Joi.array().items(fittingSchema).unique('id').max(200),
  decision: decisionSchema,
  notes: notesSchema,
  photos: photosSchema,
}).keys({ format: Joi.valid('scoval.job').required(), version: Joi.valid(1).required() });

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
