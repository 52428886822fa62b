import type { PatternReading } from '#core/hub';

/** A pair in words: opposite, the widest pair, neighbours. */
export const pairName = ({ kind, steps }: Pick<PatternReading, 'kind' | 'steps'>): string =>
  kind === 'apart' ? `${steps} apart` : kind === 'widest' ? 'widest pair' : kind;
