import Joi from 'joi';
import {
  barrelFault,
  outlineFault,
  spokeFault,
  weightsFault,
  FACE_ORIGINS,
  type AxialPoint,
  type InnerFace,
  SPOKE_FAMILIES,
} from '#core/brake';
import { DomainError } from '#core/errors';
import { MOST_POINTS } from '#formats/fields';
import { known, ranged, readable } from '#formats/rules';

const axialPoints = Joi.array()
  .items(Joi.object({ a: known(ranged('axialPlaceMm')), r: known(ranged('radiusMm')) }))
  .max(MOST_POINTS);

/** @throws DomainError with what a judge finds wrong; a point that is none has its own fault already */
const faultless =
  (judge: (points: readonly AxialPoint[]) => string | null) =>
  (points: AxialPoint[]): void => {
    const fault = points.every(({ a, r }) => Number.isFinite(a) && Number.isFinite(r)) ? judge(points) : null;
    if (fault) throw new DomainError(fault);
  };

/** Looks at a line, unless it is one of those that were found in order before (`context.sound`). */
const sound = (judge: (points: readonly AxialPoint[]) => string | null): Joi.CustomValidator<AxialPoint[]> => {
  const look = readable(faultless(judge));
  return (points, helpers) => {
    const known = helpers.prefs.context?.sound as ReadonlySet<unknown> | undefined;
    return known?.has(helpers.original) ? points : look(points, helpers);
  };
};

/** Closed: its last point is joined to its first. */
export const outline = axialPoints.custom(sound(outlineFault));

/** @throws DomainError where weights stick to nothing */
function weightsStick({ weights, barrel }: InnerFace): void {
  const fault = weightsFault(weights ?? [], barrel);
  if (fault) throw new DomainError(fault, 'weights');
}

/** The inside of a wheel, as a brake sees it. */
export const innerFace = Joi.object({
  barrel: axialPoints.custom(sound(barrelFault)),
  spoke: axialPoints.custom(sound(spokeFault)),
  weights: Joi.array()
    .items(
      Joi.object({
        fromMm: known(ranged('axialPlaceMm')),
        toMm: known(ranged('axialPlaceMm')),
        heightMm: known(ranged('weightHeightMm')),
      }),
    )
    .max(8),
  origin: Joi.valid(...FACE_ORIGINS),
  family: Joi.valid(...SPOKE_FAMILIES),
  readOn: Joi.object({ rimWidthIn: known(ranged('rimWidthIn')), offsetMm: known(ranged('offsetMm')) }),
}).custom(readable(weightsStick));
