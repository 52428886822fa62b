import Joi from 'joi';
import { MOST_COLUMNS } from './rows';
import { LIST_KINDS, TARGET_NAMES, type DecimalSign, type ListKind, type ListTargetName } from './columns';

/** How the lists of a supplier are read. */
export interface ListMapping {
  kind: ListKind;
  /** Which column is what; the heads that stood over them, to know them again. */
  columns: { target: ListTargetName; at: number; head: string | null }[];
  /** Where the first item stands, among the rows that are not empty. */
  firstRow: number;
  decimal: DecimalSign;
  /** The currency of prices that name none; null where none is known. */
  currency: string | null;
}

/** How lists of a supplier were read before, by what they were of. */
export type KnownMappings = Partial<Record<ListKind, ListMapping>>;

/** A mapping as it comes in from outside. */
export const mappingSchema = Joi.object<ListMapping>({
  kind: Joi.valid(...LIST_KINDS).required(),
  columns: Joi.array()
    .max(MOST_COLUMNS)
    .items(
      Joi.object({
        target: Joi.valid(...TARGET_NAMES).required(),
        at: Joi.number()
          .integer()
          .min(0)
          .max(MOST_COLUMNS - 1)
          .required(),
        head: Joi.string().max(400).allow('', null).required(),
      }),
    )
    .unique('target')
    .unique('at')
    .required(),
  firstRow: Joi.number().integer().min(0).max(1000).required(),
  decimal: Joi.valid('.', ',').required(),
  currency: Joi.string()
    .pattern(/^[A-Z]{3}$/)
    .allow(null)
    .required(),
});

/** What is known of a list before anybody has said what it is. */
export interface ListGuess {
  mapping: ListMapping;
  /** The heads over its columns; null where it has none. */
  heads: (string | null)[];
  /** What several columns claim to be: none is taken for it. */
  contested: ListTargetName[];
}
