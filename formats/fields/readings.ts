import { AXLES, type AxleName } from '#core/job';

/** Fields within an axle of the car whose values are taken with a tool: each value is kept as a reading with its history. */
export const READING_KEYS = [
  'hub.boltCircleMm',
  'hub.boreMm',
  'hub.lipHeightMm',
  'hub.fastener.lengthMm',
  'hub.fastener.threadDepthMm',
  'hub.fastener.nutDepthMm',
  'hub.flangeDiameterMm',
  'hub.studHoleMm',
  'baseline.wheel.offsetMm',
  'baseline.wheel.backspacingMm',
  'baseline.stackMm',
  'baseline.tire.sectionWidthMm',
  'baseline.tire.overallDiameterMm',
  'baseline.tire.treadWidthMm',
  'room.outboardGapMm',
  'room.inboardGapMm',
  'room.archGapMm',
  'left.room.outboardGapMm',
  'left.room.inboardGapMm',
  'left.room.archGapMm',
] as const;

export type ReadingKey = (typeof READING_KEYS)[number];

/** The axle and key of a reading from an edit's path, null when the path is no reading. */
export function readingAt(path: readonly string[]): { axle: AxleName; key: ReadingKey } | null {
  const [root, axle, ...rest] = path;
  const key = rest.join('.') as ReadingKey;
  if (root !== 'vehicle' || !AXLES.includes(axle as AxleName) || !READING_KEYS.includes(key)) return null;
  return { axle: axle as AxleName, key };
}
