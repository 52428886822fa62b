import type { Measured } from './measured';

/** What one piece costs, in the currency of the prices, and who says so. */
export interface Priced {
  priceEach?: Measured;
  /** `shelf`, or the name of a price list; left out where somebody typed it. */
  priceFrom?: string | undefined;
}

/**
 * What a part costs makes it no other part: whoever compares two, or keeps what was worked out of one, leaves it out.
 */
export const isPriceKey = (key: string): boolean => key === 'priceEach' || key === 'priceFrom';
