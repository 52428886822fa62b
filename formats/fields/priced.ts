import type { Priced } from '#core/units';
import { figure, text, type FieldsOf } from './field';

/** What one piece costs, and who says so. */
export const PRICED = {
  priceEach: figure('price', 'price'),
  priceFrom: text('where the price is from', 80),
} as const satisfies FieldsOf<Priced>;
