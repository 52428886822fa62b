/** Standard deviations on either side of the mean that hold 95 % of a normal distribution. */
export const SIGMAS_95 = 1.959963984540054;

/** Standard deviation of a reading from its ± at 95 %: σ = u / 1.96. Same unit as u. */
export const sigmaOf = (uncertainty95: number): number => uncertainty95 / SIGMAS_95;
