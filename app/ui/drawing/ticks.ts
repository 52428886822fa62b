/** Between the names of two ticks, px. */
const LEAST_PX = 40;
const ROUND = [1, 2, 5, 10, 20, 50];

/** Whether a tick is named: of evenly spaced ones so many that their names keep apart, 0 among them. */
export function isNamed({ step, unitPx, leastPx = LEAST_PX }: { step: number; unitPx: number; leastPx?: number }) {
  const every = ROUND.find((n) => n * step * Math.abs(unitPx) >= leastPx) ?? ROUND.at(-1)!;
  return (at: number): boolean => Math.round(at / step) % every === 0;
}
