import { applyEdits, type Edit } from '#core/job';
import {
  editName,
  INSTRUMENT_NAMES,
  placeName,
  RANGES,
  READING_KEYS,
  readingAt,
  type RangeName,
} from '#formats/fields';
import { INSTRUMENT_UNCERTAINTY_MM, type Instrument } from '#core/uncertainty';
import { checkJob, faultLine } from '#formats/job';
import { EXAMPLE } from '#support/jobs';

/** Of the screens alone, or of points of a line, which are tried with the job file's own checks. */
type Elsewhere =
  | 'quantity'
  | 'odometerKm'
  | 'faceShiftMm'
  | 'reachMm'
  | 'depthMm'
  | 'washerMm'
  | 'washerCount'
  | 'printedMm'
  | 'marginMm'
  | 'drawnPlace'
  | 'axialPlaceMm'
  | 'radiusMm'
  | 'wheelRadiusMm'
  | 'spareRoomMm'
  | 'contactPct'
  | 'weightHeightMm';

/**
 * A place of the job file for each range; the screens and the file must agree on all of them. Behind # a field of a
 * list's entry.
 */
const PLACES: Record<Exclude<RangeName, Elsewhere>, string> = {
  taxPct: 'house/prices/taxPct',
  weight: 'brief/find/cost',
  errorScale: 'house/ownError/poke/scale',
  errorMm: 'house/ownError/poke/biasMm',
  fittings: 'house/ownError/poke/fittings',
  ratingKg: 'setups/a/front/wheel/ratingKg',
  flangeMm: 'vehicle/flangeMm',
  wheelbaseMm: 'vehicle/wheelbaseMm',
  trackMm: 'vehicle/rear/trackMm',
  panelFallDeg: 'vehicle/rear/panelFallDeg',
  spokeCount: 'setups/a/front/wheel/spokeCount',
  lugCount: 'vehicle/front/hub/lugCount',
  boltCircleMm: 'vehicle/front/hub/boltCircleMm',
  boreMm: 'vehicle/front/hub/boreMm',
  lipHeightMm: 'vehicle/front/hub/lipHeightMm',
  flangeDiameterMm: 'vehicle/front/hub/flangeDiameterMm',
  studHoleMm: 'vehicle/front/hub/studHoleMm',
  chordMm: 'vehicle/front/hub/patternReadings#valueMm',
  studDiameterMm: 'vehicle/front/hub/patternReadings#studDiameterMm',
  threadDepthMm: 'vehicle/front/hub/fastener/threadDepthMm',
  staticLoadedRadiusMm: 'setups/a/front/tire/staticLoadedRadiusMm',
  boreDepthMm: 'setups/a/front/wheel/boreDepthMm',
  seatDiameterMm: 'setups/a/front/wheel/seatDiameterMm',
  padThicknessMm: 'setups/a/front/wheel/padThicknessMm',
  pocketDepthMm: 'setups/a/rear/wheel/pocketDepthMm',
  thicknessMm: 'setups/a/front/stack#thicknessMm',
  lipMm: 'setups/a/front/stack#lipMm',
  seatThicknessMm: 'setups/a/front/stack#seatThicknessMm',
  ringMm: 'setups/a/front/stack#outerMm',
  price: 'brief/prices/adapterEach',
  fastenerLengthMm: 'vehicle/front/hub/fastener/lengthMm',
  torqueNm: 'vehicle/front/hub/fastener/torqueNm',
  retorqueDays: 'house/fitUp/retorqueDays',
  retorqueKm: 'house/fitUp/retorqueKm',
  axleRatingKg: 'vehicle/front/axleRatingKg',
  rimDiameterIn: 'setups/a/front/wheel/rimDiameterIn',
  rimWidthIn: 'setups/a/front/wheel/rimWidthIn',
  offsetMm: 'setups/a/front/wheel/offsetMm',
  backspacingMm: 'setups/b/rear/wheel/backspacingMm',
  stackMm: 'vehicle/front/baseline/stackMm',
  sectionWidthMm: 'setups/a/front/tire/sectionWidthMm',
  overallDiameterMm: 'setups/a/front/tire/overallDiameterMm',
  treadWidthMm: 'setups/a/front/tire/treadWidthMm',
  outboardGapMm: 'vehicle/front/room/outboardGapMm',
  inboardGapMm: 'vehicle/rear/room/inboardGapMm',
  archGapMm: 'vehicle/rear/room/archGapMm',
  pokeMm: 'brief/pokeMm/max',
  limitMm: 'brief/limits/inboardMm',
  diameterPct: 'brief/limits/diameterPct',
  axleMatchPct: 'brief/limits/axleMatchPct',
  loadIndex: 'setups/a/front/tire/loadIndexDual',
  massKg: 'setups/a/front/tire/massKg',
  minDualSpacingMm: 'setups/a/rear/tire/minDualSpacingMm',
  pressureKpa: 'vehicle/front/pressureKpa',
  speedKmh: 'vehicle/topSpeedKmh',
  axleRatio: 'vehicle/gearing/axleRatio',
  gearRatio: 'vehicle/gearing/gearRatio',
  wellDiameterMm: 'vehicle/spare/wellDiameterMm',
  wellDepthMm: 'vehicle/spare/wellDepthMm',
  holdDownMm: 'vehicle/spare/holdDownMm',
  frequencyMHz: 'vehicle/tpms/frequencyMHz',
  valveHoleMm: 'setups/a/front/wheel/valveHoleMm',
  gapMm: 'vehicle/front/obstacles#gap.gapMm',
  clockDeg: 'vehicle/front/obstacles#gap.clockDeg',
  axialMm: 'vehicle/front/obstacles#gap.axialMm',
  steerDeg: 'vehicle/front/obstacles#gap.steerDeg',
  travelMm: 'vehicle/rear/obstacles#gap.travelMm',
  placeMm: 'vehicle/front/obstacles#points.0.fwd',
  partLimitMm: 'vehicle/front/obstacles#limitMm',
  lockDeg: 'vehicle/front/suspension/lockOutDeg',
  stopMm: 'vehicle/front/suspension/droopMm',
  kingpinInclinationDeg: 'vehicle/front/suspension/kingpinInclinationDeg',
  casterDeg: 'vehicle/front/suspension/casterDeg',
  kingpinOffsetMm: 'vehicle/front/suspension/kingpinOffsetMm',
  kingpinForeMm: 'vehicle/front/suspension/kingpinForeMm',
  camberDeg: 'vehicle/front/suspension/camberDeg',
  camberGainDegPer100: 'vehicle/front/suspension/camberGainDegPer100',
  lateralPerMm: 'vehicle/front/suspension/lateralPerMm',
  lateralPerMm2: 'vehicle/front/suspension/lateralPerMm2',
  suspensionChangeMm: 'setups/a/suspensionChange/front/mm',
  liftMm: 'brief/remedies/lift/mostMm',
  engagementRatio: 'house/limits/engagementRatio',
  bulgeMm: 'brief/sweep/bulgeMm',
  rotorDiameterMm: 'vehicle/front/caliper/rotorDiameterMm',
};

/** An entry of a list with one of its fields, however deep, set. */
function entryWith(list: string, field: string, value: number): unknown {
  const entry: Record<string, unknown> = {
    stack: { kind: 'slip-on' },
    patternReadings: { kind: 'widest', from: 'centres', valueMm: 100 },
    obstacles: field.startsWith('points')
      ? { id: 'part', points: [{ out: 0, fwd: 0, up: 0 }] }
      : { id: 'part', gap: { surface: 'tread', clockDeg: 0, gapMm: 10 } },
  }[list]!;
  const keys = field.split('.');
  const last = keys.pop()!;
  (keys.reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], entry) as Record<string, unknown>)[last] =
    value;
  return entry;
}

const faultsWith = (place: string, value: number): string[] => {
  const [way, field] = place.split('#');
  const path = way!.split('/');
  // A target that is open inside takes any outer end; a wheel has an offset or a backspacing.
  const edits: Edit[] = [{ op: 'clear', path: ['brief', 'pokeMm', 'min'] }];
  if (path.at(-1) === 'backspacingMm') {
    const wheel = path.slice(0, -1);
    edits.push({ op: 'clear', path: [...wheel, 'offsetMm'] });
    edits.push({ op: 'set', path: [...wheel, 'backspacingConvention'], value: 'overall' });
  }
  // A bore lies inside its circle: the other of the two is left open.
  if (path.at(-1) === 'boreMm') edits.push({ op: 'clear', path: [...path.slice(0, -1), 'boltCircleMm'] });
  if (path.at(-1) === 'boltCircleMm') edits.push({ op: 'clear', path: [...path.slice(0, -1), 'boreMm'] });
  if (path.includes('ownError'))
    edits.push({ op: 'set', path: path.slice(0, -1), value: { scale: 1, biasMm: 0, fittings: 1 } });
  if (path.at(-2) === 'front' && path.at(-1) === 'mm')
    edits.push({ op: 'set', path: [...path.slice(0, -1), 'kind'], value: 'spring' });
  const job = applyEdits(EXAMPLE, [
    ...edits,
    { op: 'set', path, value: field ? [entryWith(path.at(-1)!, field, value)] : value },
  ]);
  return (checkJob(job).faults ?? []).map(faultLine);
};

describe('the ranges of the screens are those of the job file', () => {
  test.each(Object.entries(RANGES).filter(([name]) => name in PLACES))('%s', (name, [least, most]) => {
    const place = PLACES[name as keyof typeof PLACES];
    const step = 1e-6 * Math.max(1, Math.abs(most));
    const outside = `must be between ${least} and ${most}`;
    expect(faultsWith(place, least)).toEqual([]);
    expect(faultsWith(place, most)).toEqual([]);
    expect(faultsWith(place, least - step).join()).toContain(outside);
    expect(faultsWith(place, most + step).join()).toContain(outside);
  });
});

test('every reading has a name in words and is found again by its place', () => {
  for (const key of READING_KEYS) {
    const path = ['vehicle', 'front', ...key.split('.')];
    expect(readingAt(path)).toEqual({ axle: 'front', key });
    expect(placeName(path)).not.toContain(path.at(-1));
  }
});
test('thread depth, the thread of closed nuts, the flange and its stud holes are kept with their history', () => {
  for (const key of ['hub.fastener.threadDepthMm', 'hub.fastener.nutDepthMm', 'hub.flangeDiameterMm', 'hub.studHoleMm'])
    expect(readingAt(['vehicle', 'rear', ...key.split('.')])).toEqual({ axle: 'rear', key });
});
test('edits in the words of the history', () => {
  expect(editName({ op: 'set', path: ['brief', 'limits', 'archMm'], value: 5 })).toBe('fender clearance limit');
  expect(editName({ op: 'clear', path: ['setups', 'b', 'rear', 'tire', 'size'] })).toBe('setup b · rear · tire size');
  expect(editName({ op: 'add-setup', setup: { id: 'c' } })).toBe('setup c added');
  expect(editName({ op: 'remove-setup', id: 'c' })).toBe('setup c removed');
  const at = ['fittings', 'f1', 'corners', 'frontRight'];
  expect(editName({ op: 'fill', path: [...at, 'steps', 'hub-clean'], value: {} })).toBe(
    'fitting f1 · front right · step hub-clean',
  );
  expect(editName({ op: 'add', path: [...at, 'torque'], value: {} })).toBe('fitting f1 · front right · torque added');
  expect(editName({ op: 'remove', path: ['fittings'], value: {} })).toBe('fitting removed');
  expect(editName({ op: 'set', path: ['fittings', 'f1', 'odometerKm'], value: 1 })).toBe('fitting f1 · odometer');
});
test('what a tool is good for, ± mm at 95 % (common practice, no source)', () => {
  const expected: Record<Instrument, number | null> = {
    tape: 1.5,
    'steel-rule': 0.5,
    caliper: 0.1,
    feeler: 0.05,
    assumed: 5,
    label: null,
  };
  expect(INSTRUMENT_UNCERTAINTY_MM).toEqual(expected);
  expect(Object.keys(INSTRUMENT_NAMES).sort()).toEqual(Object.keys(expected).sort());
});
test('the ground clearance is a reading of the room, either side, from none to 600 mm', () => {
  expect(READING_KEYS).toEqual(expect.arrayContaining(['room.groundClearanceMm', 'left.room.groundClearanceMm']));
  for (const key of ['room', 'left.room'])
    expect(placeName(['vehicle', 'rear', ...key.split('.'), 'groundClearanceMm'])).toContain('ground clearance');
  expect(faultsWith('vehicle/front/room/groundClearanceMm', 0)).toEqual([]);
  expect(faultsWith('vehicle/front/left/room/groundClearanceMm', 600)).toEqual([]);
  expect(faultsWith('vehicle/front/room/groundClearanceMm', -1).join()).toContain('must be between 0 and 600');
  expect(faultsWith('vehicle/front/left/room/groundClearanceMm', 601).join()).toContain('must be between 0 and 600');
});
