import Joi from 'joi';
import { SURFACES } from '#core/section';
import { id, instrument, known, number, origin, ranged, text } from '#formats/rules';
import { SIDES, MOUNTS, PART_KINDS } from '#core/sweep';

/** A part around the wheel: by a gap, or by coordinates. */
export const obstacle = Joi.object({
  id,
  label: text(120),
  kind: Joi.valid(...PART_KINDS),
  side: Joi.valid(...SIDES),
  mount: Joi.valid(...MOUNTS),
  limitMm: ranged('partLimitMm'),
  removable: Joi.boolean(),
  leavesOpen: text(200),
  gap: Joi.object({
    surface: Joi.valid(...SURFACES).required(),
    clockDeg: known(ranged('clockDeg')),
    gapMm: known(ranged('gapMm')),
    axialMm: ranged('axialMm'),
    radiusMm: ranged('wheelRadiusMm'),
    steerDeg: ranged('steerDeg'),
    travelMm: ranged('travelMm'),
    uncertaintyMm: number(0, 100),
    instrument,
    ...origin,
  }),
  points: Joi.array()
    .items(
      Joi.object({
        out: known(ranged('placeMm')),
        fwd: known(ranged('placeMm')),
        up: known(ranged('placeMm')),
      }),
    )
    .min(1)
    .max(2000),
})
  .oxor('gap', 'points')
  .or('gap', 'points');
