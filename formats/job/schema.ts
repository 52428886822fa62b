import Joi from 'joi';
import { DomainError } from '#core/errors';
import type { Job } from '#core/job';
import { readTireSize } from '#core/tire';
import { pathText } from '#formats/faults';
import { RANGES, type RangeName } from '#formats/fields';

/** Messages say what is wrong; the path in front of them says where. */
const MESSAGES: Joi.LanguageMessages = {
  'any.required': 'is missing',
  'any.only': 'must be {if(#valids.length == 1, #valids.0, "one of " + #valids)}',
  'any.invalid': 'is not allowed',
  'any.unknown': 'is not a known field',
  'object.unknown': 'is not a known field',
  'object.base': 'must be an object',
  'object.missing': 'needs one of {#peers}',
  'object.oxor': 'give only one of {#peers}',
  'object.with': '{#main} needs {#peer} beside it',
  'array.base': 'must be a list',
  'array.min': 'needs at least {#limit}',
  'array.max': 'has more than {#limit} entries',
  'array.unique': 'has the same id as another entry of the list',
  'string.base': 'must be a text',
  'string.empty': 'must not be empty',
  'string.max': 'is longer than {#limit} characters',
  'string.pattern.base': 'is not written as it must be',
  'string.pattern.name': '{#name}',
  'string.pattern.invert.name': '{#name}',
  'string.isoDate': 'must be a date and time such as 2026-03-01T09:30:00Z',
  'number.base': 'must be a number',
  'number.infinity': 'must be a finite number',
  'number.unsafe': 'is too large a number',
  'number.integer': 'must be a whole number',
  'tire.size': '{#reason}',
};

/** A number within a range, or null for "not known". */
function number(least: number, most: number): Joi.NumberSchema {
  const range = `must be between ${least} and ${most}`;
  return Joi.number().min(least).max(most).allow(null).messages({ 'number.min': range, 'number.max': range });
}
const ranged = (name: RangeName) => number(RANGES[name][0], RANGES[name][1]);
const known = (schema: Joi.NumberSchema): Joi.Schema => schema.disallow(null).required();
const count = (least: number, most: number) => number(least, most).integer();
const length = (most: number) => number(0, most);

const text = (most: number) =>
  Joi.string()
    .max(most)
    .allow('')
    // Line breaks and tabs are text; the other control characters are not.
    .pattern(/^[^\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]*$/, { name: 'has a control character in it' });
const id = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,40}$/, { name: 'must be 1 to 40 letters, digits, - or _' })
  .required();
const seat = Joi.valid('cone60', 'ball-r12', 'ball-r13', 'ball-r14', 'flat');
const axialPoints = Joi.array()
  .items(Joi.object({ a: known(number(-1000, 1000)), r: known(number(0, 1500)) }))
  .max(5000);

const tire = Joi.object({
  size: Joi.string()
    .max(60)
    .custom((value: string, helpers) => {
      try {
        readTireSize(value);
        return value;
      } catch (error) {
        if (!(error instanceof DomainError)) throw error;
        return helpers.error('tire.size', { reason: error.message });
      }
    }),
  sectionWidthMm: ranged('sectionWidthMm'),
  overallDiameterMm: ranged('overallDiameterMm'),
  treadWidthMm: ranged('treadWidthMm'),
  loadIndex: count(20, 204),
  speed: Joi.string().pattern(/^([A-HJ-NP-Y]|A[1-8])$/, { name: 'is not a speed symbol' }),
});

const wheel = Joi.object({
  rimDiameterIn: ranged('rimDiameterIn'),
  rimWidthIn: ranged('rimWidthIn'),
  offsetMm: ranged('offsetMm'),
  backspacingMm: ranged('backspacingMm'),
  backspacingConvention: Joi.valid('overall', 'nominal'),
  lugCount: ranged('lugCount').integer(),
  boltCircleMm: ranged('boltCircleMm'),
  boreMm: ranged('boreMm'),
  seat,
  padThicknessMm: number(1, 60),
  pocketDepthMm: length(40),
  ratingKg: number(100, 5000),
  innerFace: Joi.object({ barrel: axialPoints, spoke: axialPoints }),
})
  .oxor('offsetMm', 'backspacingMm', { isPresent: (value) => value != null })
  .with('backspacingMm', 'backspacingConvention', { isPresent: (value) => value != null });

const stackPart = Joi.object({
  kind: Joi.valid('slip-on', 'bolt-on', 'ring').required(),
  thicknessMm: ranged('stackMm'),
  innerBoreMm: ranged('boreMm'),
  lipMm: length(60),
  outerLipMm: length(250),
  seatThicknessMm: length(100),
  toLugCount: ranged('lugCount').integer(),
  toBoltCircleMm: ranged('boltCircleMm'),
  torqueNm: ranged('torqueNm'),
  outerMm: number(20, 250),
  innerMm: number(20, 250),
});

const setupAxle = Joi.object({ wheel, tire, stack: Joi.array().items(stackPart).max(12) });
const suspensionChange = Joi.object({
  kind: Joi.valid('spring', 'strut-top', 'body').required(),
  mm: known(number(-300, 500)),
});

/** A setup as it stands in a job. */
export const setupSchema = Joi.object({
  id,
  label: text(120),
  front: setupAxle,
  rear: setupAxle,
  suspensionChange: Joi.object({ front: suspensionChange, rear: suspensionChange }),
});

const reading = Joi.object({
  key: Joi.string().max(80).required(),
  value: number(-1000, 3000).required(),
  uncertaintyMm: number(0, 100).required(),
  instrument: Joi.valid('steel-rule', 'tape', 'caliper', 'label', 'assumed').allow(null).required(),
  takenAt: Joi.string().isoDate().required(),
  withdrawn: Joi.boolean(),
});

const vehicleAxle = Joi.object({
  hub: Joi.object({
    lugCount: ranged('lugCount').integer(),
    boltCircleMm: ranged('boltCircleMm'),
    patternReadings: Joi.array()
      .items(
        Joi.object({
          kind: Joi.valid('opposite', 'widest', 'neighbours').required(),
          from: Joi.valid('centres', 'same-edge', 'outer-edges', 'inner-edges').required(),
          valueMm: known(number(10, 320)),
          studDiameterMm: number(5, 40),
          uncertaintyMm: number(0, 20),
        }),
      )
      .max(50),
    boreMm: ranged('boreMm'),
    lipHeightMm: ranged('lipHeightMm'),
    fastener: Joi.object({
      kind: Joi.valid('stud', 'bolt'),
      thread: text(20),
      lengthMm: ranged('fastenerLengthMm'),
      seat,
      torqueNm: ranged('torqueNm'),
      threadDepthMm: length(150),
    }),
  }).oxor('boltCircleMm', 'patternReadings', { isPresent: (value) => value != null }),
  axleRatingKg: ranged('axleRatingKg'),
  baseline: Joi.object({ wheel, stackMm: ranged('stackMm'), tire }),
  room: Joi.object({
    outboardGapMm: ranged('outboardGapMm'),
    inboardGapMm: ranged('inboardGapMm'),
    archGapMm: ranged('archGapMm'),
    uncertaintyMm: number(0, 100),
  }),
  suspension: Joi.object({
    kind: Joi.valid('strut', 'wishbone', 'axle', 'rear'),
    lockOutDeg: number(0, 60),
    lockInDeg: number(0, 60),
    bumpMm: number(0, 500),
    droopMm: number(0, 500),
    kingpinInclinationDeg: number(-10, 40),
    casterDeg: number(-20, 40),
    kingpinOffsetMm: number(-300, 500),
    kingpinForeMm: number(-300, 300),
    camberDeg: number(-15, 15),
    camberGainDegPer100: number(-20, 20),
    lateralPerMm: number(-5, 5),
    lateralPerMm2: number(-1, 1),
  }),
  obstacles: Joi.array()
    .items(
      Joi.object({
        id,
        label: text(120),
        mount: Joi.valid('body', 'knuckle'),
        limitMm: number(-100, 200),
        gap: Joi.object({
          surface: Joi.valid(
            'tread',
            'outer-sidewall',
            'inner-sidewall',
            'outer-shoulder',
            'inner-shoulder',
            'inner-rim-flange',
          ).required(),
          clockDeg: known(number(-180, 180)),
          gapMm: known(number(-100, 1000)),
          axialMm: number(-300, 300),
          steerDeg: number(-60, 60),
          travelMm: number(-500, 500),
        }),
        points: Joi.array()
          .items(
            Joi.object({
              out: known(number(-2000, 2000)),
              fwd: known(number(-2000, 2000)),
              up: known(number(-2000, 2000)),
            }),
          )
          .min(1)
          .max(2000),
      })
        .oxor('gap', 'points')
        .or('gap', 'points'),
    )
    .unique('id')
    .max(200),
  caliper: Joi.object({ outline: axialPoints.required() }),
  readings: Joi.array().items(reading).max(5000),
});

const job = Joi.object({
  format: Joi.valid('scoval.job').required(),
  version: Joi.valid(1).required(),
  title: text(120),
  vehicle: Joi.object({
    label: text(120),
    drive: Joi.valid('fwd', 'rwd', 'awd', '4wd'),
    class: Joi.valid('passenger', 'truck'),
    flangeMm: ranged('flangeMm'),
    front: vehicleAxle,
    rear: vehicleAxle,
  }).required(),
  brief: Joi.object({
    pokeMm: Joi.object({ min: ranged('pokeMm'), max: ranged('pokeMm') }).custom((range, helpers) =>
      range.min != null && range.max != null && range.min > range.max
        ? helpers.message({ custom: 'the inner end (min) lies outside the outer end (max)' })
        : range,
    ),
    limits: Joi.object({
      inboardMm: ranged('limitMm'),
      fullLockMm: ranged('limitMm'),
      archMm: ranged('limitMm'),
      diameterPct: ranged('diameterPct'),
    }),
    notes: text(4000),
  }),
  setups: Joi.array().items(setupSchema).unique('id').min(1).max(200).required(),
});

/** Shared by every validation: nothing is converted, all faults are told at once, values are not repeated in messages. */
export const VALIDATION: Joi.ValidationOptions = {
  abortEarly: false,
  convert: false,
  messages: MESSAGES,
  errors: { label: false, wrap: { array: false } },
};

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

/** A job while it is being worked on: the same, but it may have no setup yet. */
export const workingJobSchema: Joi.ObjectSchema<Job> = job
  .keys({ setups: Joi.array().items(setupSchema).unique('id').max(200).required() })
  .custom(refuseReserved);
