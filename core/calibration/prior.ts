import type { Family } from '#core/fitting';

/** How far off a shop is thought to be before it has measured anything: τ, mm; of speeds 1 % of 100 km/h. */
export const PRIOR: Record<Family, number> = { poke: 2, inboard: 2, arch: 2, obstacle: 2, brake: 2, speed: 1 };
