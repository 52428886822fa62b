import type { ShopError } from '#server/fittingErrors';

const COLUMNS = Object.keys({
  family: 0,
  job: 0,
  number: 0,
  car: 0,
  fitting: 0,
  corner: 0,
  figure: 0,
  predicted: 0,
  measured: 0,
  at: 0,
  error: 0,
  plusMinus: 0,
  measuringPlusMinus: 0,
} satisfies Record<keyof ShopError, 0>) as (keyof ShopError)[];

/**
 * Errors as one text, without a name for each of their figures: hundreds of them, handed on figure by figure, take
 * longer than the page that shows them.
 */
export const errorsText = (errors: readonly ShopError[]): string =>
  JSON.stringify(errors.map((error) => COLUMNS.map((column) => error[column])));

/** The errors of such a text. */
export const errorsOf = (text: string): ShopError[] =>
  (JSON.parse(text) as unknown[][]).map(
    (values) => Object.fromEntries(COLUMNS.map((column, at) => [column, values[at]])) as unknown as ShopError,
  );
