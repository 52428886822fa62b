import type { Edit } from '#core/job';

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
  lipForm: 'form of the lip',
  flangeDiameterMm: 'flange diameter',
  studHoleMm: 'stud hole',
  patternReadings: 'stud readings',
  threadDepthMm: 'thread depth',
  boreDepthMm: 'straight depth of the bore',
  boreForm: 'edge of the bore',
  capDepthMm: 'depth of the cap',
  lugHoleMm: 'lug hole',
  seatDiameterMm: 'seat diameter',
  padThicknessMm: 'pad thickness',
  pocketDepthMm: 'pocket depth',
  fastener: 'fasteners',
  dryFitFlush: 'dry fit',
  rules: 'house rules',
  centring: 'centring rule',
  nearPatterns: 'near patterns',
  prices: 'prices',
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

/** What an edit did, in the words of the history. */
export function editName(edit: Edit): string {
  if (edit.op === 'add-setup') return `setup ${edit.setup.id} added`;
  if (edit.op === 'remove-setup') return `setup ${edit.id} removed`;
  return placeName(edit.path);
}
