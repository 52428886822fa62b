import Joi from 'joi';
import { DomainError } from '#core/errors';
import { boreFault, type Hub } from '#core/hub';
import type { Wheel } from '#core/job';
import { SETUP, SETUP_AXLE, STACK_PART, WHEEL } from '#formats/fields';
import { filled, id, number, ranged, readable } from '#formats/rules';
import { innerFace } from '#formats/shapes';
import { objectOf } from './schemaOf';

/** @throws DomainError where the center bore is no smaller than the circle around it */
export function boreInsideCircle({ boreMm, boltCircleMm }: Pick<Hub & Wheel, 'boreMm' | 'boltCircleMm'>): void {
  const fault = boreFault(boreMm, boltCircleMm);
  if (fault) throw new DomainError(fault, 'boreMm');
}

const isPresent = (value: unknown): boolean => value != null;

/** A wheel, by offset or by backspacing with its convention. */
export const wheel = objectOf(WHEEL, { innerFace })
  .oxor('offsetMm', 'backspacingMm', { isPresent })
  .with('backspacingMm', 'backspacingConvention', { isPresent })
  .custom(readable<Wheel>(boreInsideCircle));

const setupAxle = objectOf(SETUP_AXLE, { wheel, stack: Joi.array().items(objectOf(STACK_PART)).max(12) });

/** A setup as it stands in a job. */
export const setupSchema = objectOf(SETUP, {
  front: setupAxle,
  rear: setupAxle,
  extras: Joi.array()
    .items(
      Joi.object({
        id,
        label: filled(120).required(),
        count: number(0, 1000),
        priceEach: ranged('price'),
        minutes: number(0, 10_000),
      }),
    )
    .unique('id')
    .max(50),
}).keys({ id });
