import { AXLES, type AxleName } from '#core/job';

/** Fields within an axle of the car whose values are taken with a tool: each value is kept as a reading with its history. */
export const READING_KEYS = [
  'hub.boltCircleMm',
  'hub.boreMm',
  'hub.lipHeightMm',
  'hub.fastener.lengthMm',
  'baseline.wheel.offsetMm',
  'baseline.wheel.backspacingMm',
  'baseline.stackMm',
  'baseline.tire.sectionWidthMm',
  'baseline.tire.overallDiameterMm',
  'baseline.tire.treadWidthMm',
  'room.outboardGapMm',
  'room.inboardGapMm',
  'room.archGapMm',
] as const;

export type ReadingKey = (typeof READING_KEYS)[number];

/** The axle and key of a reading from an edit's path, null when the path is no reading. */
export function readingAt(path: readonly string[]): { axle: AxleName; key: ReadingKey } | null {
  const [root, axle, ...rest] = path;
  const key = rest.join('.') as ReadingKey;
  if (root !== 'vehicle' || !AXLES.includes(axle as AxleName) || !READING_KEYS.includes(key)) return null;
  return { axle: axle as AxleName, key };
}

const NAMES: Record<string, string> = {
  title: 'job title',
  label: 'name',
  drive: 'driven wheels',
  class: 'class',
  flangeMm: 'flange thickness',
  lugCount: 'lug count',
  boltCircleMm: 'bolt circle',
  boreMm: 'center bore',
  lipHeightMm: 'hub lip',
  lengthMm: 'stud or bolt length',
  kind: 'kind',
  thread: 'thread',
  seat: 'seat',
  torqueNm: 'torque',
  axleRatingKg: 'axle rating',
  rimDiameterIn: 'rim diameter',
  rimWidthIn: 'rim width',
  offsetMm: 'offset',
  backspacingMm: 'backspacing',
  backspacingConvention: 'backspacing convention',
  stackMm: 'spacer',
  stack: 'stack',
  thicknessMm: 'spacer thickness',
  size: 'tire size',
  sectionWidthMm: 'section width',
  overallDiameterMm: 'overall diameter',
  treadWidthMm: 'tread width',
  outboardGapMm: 'gap to fender',
  inboardGapMm: 'inner gap',
  archGapMm: 'arch gap',
  uncertaintyMm: 'uncertainty',
  min: 'wish, inner end',
  max: 'wish, outer end',
  inboardMm: 'inner gap limit',
  fullLockMm: 'full lock limit',
  archMm: 'arch gap limit',
  diameterPct: 'diameter limit',
  notes: 'notes',
  pokeMm: 'wish for the face',
  limits: 'limits',
  wheel: 'wheel',
  tire: 'tire',
  front: 'front axle',
  rear: 'rear axle',
  mm: 'suspension change',
};

/** What a place in a job is called, for messages and the history: `front · gap to fender`, `setup b · rear · offset`. */
export function placeName(path: readonly string[]): string {
  const last = path.at(-1)!;
  const name = NAMES[last] ?? last;
  const owner = path[0] === 'setups' && path.length > 2 ? [`setup ${path[1]}`] : [];
  const axle = path.slice(0, -1).filter((key) => key === 'front' || key === 'rear');
  const present = path.includes('baseline') ? ['present'] : [];
  return [...owner, ...axle, ...present, name].join(' · ');
}
