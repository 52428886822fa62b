import Joi from 'joi';
import { DomainError } from '#core/errors';
import { boreFault } from '#core/hub';
import { SHELF_KINDS, type ShelfItem, type ShelfKind } from '#core/shelf';
import { ranged, readable, text } from '#formats/rules';
import { innerFace, outline } from '#formats/shapes';
import { columnsOf, type Column } from './columns';

const SHAPES = { face: innerFace, outline };

/** How one column is validated. */
function ruleOf(column: Column): Joi.Schema {
  const rule = column.shape
    ? SHAPES[column.shape.kind]
    : column.type === 'choice'
      ? Joi.valid(...Object.keys(column.choices!))
      : column.type === 'marking'
        ? Joi.string().max(60).custom(readable(column.mark!))
        : column.type === 'text'
          ? text(120)
          : column.whole
            ? ranged(column.range!).integer()
            : ranged(column.range!);
  if (column.key === 'name') return text(120).disallow('').trim().required();
  return column.required ? rule.disallow(null).required() : rule;
}

/** @throws DomainError where dimensions of one part contradict each other */
function partsAgree(item: ShelfItem): void {
  const fault = boreFault(item.kind === 'wheel' ? item.boreMm : item.innerBoreMm, item.boltCircleMm);
  if (fault) throw new DomainError(fault, item.kind === 'wheel' ? 'boreMm' : 'innerBoreMm');
  if (item.kind === 'tire' && item.sectionWidthMm != null && item.testRimIn == null)
    throw new DomainError('is needed with a section width: makers list it on a rim', 'testRimIn');
  if (item.outerMm != null && item.innerMm != null && item.innerMm >= item.outerMm)
    throw new DomainError('must be smaller than the outer diameter', 'innerMm');
}

const SCHEMAS = Object.fromEntries(
  SHELF_KINDS.map((kind) => [
    kind,
    Joi.object({
      kind: Joi.valid(kind).required(),
      ...Object.fromEntries(columnsOf(kind).map((column) => [column.key, ruleOf(column)])),
    }).custom(readable(partsAgree)),
  ]),
) as Record<ShelfKind, Joi.ObjectSchema<ShelfItem>>;

/** An item of the shelf, by its kind. */
export const storeItemSchema: Joi.AlternativesSchema<ShelfItem> = Joi.alternatives().conditional('.kind', {
  switch: SHELF_KINDS.map((kind) => ({ is: kind, then: SCHEMAS[kind] })),
  otherwise: Joi.object({ kind: Joi.valid(...SHELF_KINDS).required() }).unknown(),
});
