/**
 * How the outside of a wheel looks, for pictures alone: single spokes, spokes in pairs, spokes that part toward the
 * rim, a pressed steel disc with holes.
 */
export const WHEEL_STYLES = ['single', 'paired', 'split', 'steel'] as const;
export type WheelStyle = (typeof WHEEL_STYLES)[number];

/** Spokes, or holes of a steel disc, where nobody counted them (common practice, no source). */
export const USUAL_SPOKES: Record<WheelStyle, number> = { single: 10, paired: 5, split: 7, steel: 12 };
