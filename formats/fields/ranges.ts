/** What a field of the job file may hold, least and most; the unit is the one in the field's name. One table for file and screens. */
export const RANGES = {
  flangeMm: [0, 40],
  lugCount: [3, 10],
  boltCircleMm: [60, 300],
  boreMm: [20, 250],
  lipHeightMm: [0, 100],
  fastenerLengthMm: [5, 150],
  torqueNm: [10, 1000],
  axleRatingKg: [50, 10000],
  rimDiameterIn: [8, 30],
  rimWidthIn: [3, 16],
  offsetMm: [-200, 200],
  backspacingMm: [-100, 500],
  stackMm: [0, 200],
  sectionWidthMm: [80, 600],
  overallDiameterMm: [250, 1500],
  treadWidthMm: [50, 600],
  outboardGapMm: [-200, 500],
  inboardGapMm: [-100, 500],
  archGapMm: [-200, 600],
  pokeMm: [-300, 300],
  limitMm: [0, 100],
  diameterPct: [0, 50],
} as const satisfies Record<string, readonly [number, number]>;

export type RangeName = keyof typeof RANGES;
