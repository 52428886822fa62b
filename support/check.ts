import type { Check } from '#core/evaluate';

/** A check of the inner gap that clears, with what is other than that. */
export const checkWith = (over: Partial<Check>): Check => ({
  code: 'inboard',
  label: 'Inner clearance',
  axle: 'front',
  value: 10,
  limit: 6,
  margin: 4,
  unit: 'mm',
  verdict: 'ok',
  probability: null,
  touchProbability: null,
  plusMinus: null,
  restsOn: null,
  working: [],
  ...over,
});
