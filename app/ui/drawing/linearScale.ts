/** From a quantity to pixels along one axis of a drawing, and back. */
export interface LinearScale {
  (value: number): number;
  /** The value at a pixel. */
  invert(px: number): number;
}

/** Spreads the values of a domain evenly over a range; what lies outside goes on beyond it. */
export function linearScale(domain: readonly [number, number], range: readonly [number, number]): LinearScale {
  return Object.assign(between(domain, range), { invert: between(range, domain) });
}

function between([low, high]: readonly [number, number], [from, to]: readonly [number, number]) {
  return (value: number): number => {
    const share = (value - low) / (high - low);
    return from * (1 - share) + to * share;
  };
}
