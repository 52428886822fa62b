import Joi from 'joi';
import { CORNERS, FITTED_FIGURES, FITTING_KINDS, JOINTS, OUTCOMES, TORQUE_TOOLS } from '#core/fitting';
import { SURFACES } from '#core/section';
import { count, id, instrument, known, moment, number, ranged, shopInstrument, text } from '#formats/rules';

/** The most torque that any wheel fastener takes, N·m. */
const MOST_NM = 1000;
/** The most fasteners of a hub. */
const MOST_LUGS = 12;

const figure = Joi.string()
  .pattern(new RegExp(`^(${FITTED_FIGURES.join('|')}|obstacle:[A-Za-z0-9_-]{1,40})$`), {
    name: 'is no figure that is read at a fitting',
  })
  .required();
const pose = { steerDeg: ranged('steerDeg'), travelMm: ranged('travelMm') };
/** As much as the shop's own error may be held to be. */
const scale = ranged('errorScale');
const torqueNm = Joi.number()
  .greater(0)
  .message(`must be more than 0 and at most ${MOST_NM}`)
  .max(MOST_NM)
  .message(`must be more than 0 and at most ${MOST_NM}`);

const step = Joi.object({
  doneAt: moment.allow(null),
  by: text(40),
  result: text(120),
  notNeeded: text(400),
  note: text(2000),
});

const corner = Joi.object({
  setup: id,
  steps: Joi.object().pattern(/^[A-Za-z0-9_-]{1,60}$/, step),
  predicted: Joi.array()
    .items(
      Joi.object({
        figure,
        ...pose,
        valueMm: number(-3000, 3000).required(),
        plusMinusMm: number(0, 1000).required(),
        scale,
      }),
    )
    .max(400),
  measured: Joi.array()
    .items(
      Joi.object({
        figure,
        ...pose,
        valueMm: known(number(-3000, 3000)),
        instrument,
        uncertaintyMm: number(0, 100),
        takenAt: moment,
        shopInstrument,
      }),
    )
    .max(400),
  torque: Joi.array()
    .items(
      Joi.object({
        joint: Joi.valid(...JOINTS).required(),
        stage: known(count(1, 9)),
        fastener: known(count(1, MOST_LUGS)),
        nm: torqueNm.required(),
        takenAt: moment.required(),
        tool: Joi.valid(...TORQUE_TOOLS),
        shopInstrument,
      }),
    )
    .max(1000),
  marks: Joi.array()
    .items(
      Joi.object({
        id,
        surface: Joi.valid(...SURFACES).required(),
        clockDeg: known(ranged('clockDeg')),
        axialMm: ranged('axialMm'),
        ...pose,
        lengthMm: number(0, 3000),
        takenAt: moment,
        on: text(40).allow(null),
        photo: text(40).allow(null),
        note: text(2000),
      }),
    )
    .unique('id')
    .max(200),
  look: Joi.object({ verdict: text(200), byMm: number(-200, 200) }),
});

/** One attempt to put a setup on the car. What concerns the rest of the job is checked with the whole of it. */
export const fittingSchema = Joi.object({
  id,
  kind: Joi.valid(...FITTING_KINDS).required(),
  startedAt: moment.required(),
  finishedAt: moment.allow(null),
  odometerKm: ranged('odometerKm'),
  note: text(4000),
  corners: Joi.object(Object.fromEntries(CORNERS.map((name) => [name, corner]))).required(),
  retorque: Joi.array()
    .items(
      Joi.object({
        joint: Joi.valid(...JOINTS).required(),
        odometerKm: ranged('odometerKm'),
        doneAt: moment.required(),
        moved: Joi.array().items(count(1, MOST_LUGS)).max(MOST_LUGS),
      }),
    )
    .max(100),
  outcome: Joi.valid(...OUTCOMES).allow(null),
  why: text(400),
});
