/** Beyond this many standard deviations the tail is less than a double tells. */
const FAR = 8.5;

/**
 * Φ(z), the share of a standard normal distribution below z: ½ + φ(z)·(z + z³/3 + z⁵/(3·5) + …), every term the one
 * before times z²/(2k + 1). Source: G. Marsaglia, Evaluating the Normal Distribution, J. Stat. Software 11(4), 2004.
 */
export function normalShare(z: number): number {
  if (z > FAR) return 1;
  if (z < -FAR) return 0;
  let [sum, term] = [z, z];
  for (let odd = 3; sum + term !== sum; odd += 2) {
    term *= (z * z) / odd;
    sum += term;
  }
  const share = 0.5 + sum * Math.exp(-0.5 * z * z - 0.91893853320467274178);
  return Math.min(1, Math.max(0, share));
}

/** The z below which a share of a standard normal distribution lies, by halving; the share strictly between 0 and 1. */
export function normalQuantile(share: number): number {
  let [low, high] = [-FAR, FAR];
  for (let n = 0; n < 60; n++) {
    const middle = (low + high) / 2;
    if (normalShare(middle) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
