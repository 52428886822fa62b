import { rangeOf, type Range, type RangeName } from '#formats/fields';

/**
 * What a phone shows to type with: figures alone where they do. The pad of figures has no minus on every phone, and no
 * stroke: what may be below zero, and inches in parts, get the whole keyboard.
 */
export const keypadFor = (range: RangeName | Range, inParts = false): 'decimal' | 'text' =>
  inParts || rangeOf({ range })[0] < 0 ? 'text' : 'decimal';
