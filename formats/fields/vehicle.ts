import { OUTLINE_ORIGINS, type Caliper } from '#core/brake';
import { readThread } from '#core/fastener';
import { SPEED_SOURCES, VEHICLE_CLASSES, type Baseline, type Spare, type Vehicle, type VehicleAxle } from '#core/job';
import { RELEARNS, SENSOR_BODIES, type CarSensors } from '#core/sensor';
import { LIES } from '#core/spare';
import { DRIVES } from '#core/verdict';
import { choice, figure, flag, group, list, reading, text, written, type FieldsOf } from './field';
import { HUB } from './hub';
import { ROOM, SUSPENSION } from './room';
import { TIRE } from './tire';
import { WHEEL } from './wheel';

/** What is on an axle now. */
const BASELINE = {
  wheel: group('wheel', WHEEL),
  stackMm: reading('spacer', 'stackMm', {
    help: {
      title: 'Present spacer',
      picture: 'stack',
      where: 'Anything between hub face and wheel pad. None is 0.',
      tool: 'Caliper.',
      mistake: 'Taking the figure from a pack: it may be for the pair.',
    },
  }),
  dualSpacerMm: figure('spacer between duals', 'thicknessMm'),
  tire: group('tire', TIRE),
} as const satisfies FieldsOf<Baseline>;

/** The brake of an axle. */
const CALIPER = {
  label: text('name', 120),
  outline: list("brake's outline"),
  rotorDiameterMm: figure('rotor diameter', 'rotorDiameterMm'),
  origin: choice('origin', OUTLINE_ORIGINS),
  reach: group('readings of the brake', { backMm: figure('back of the brake', 'reachMm'), rows: list('reaches') }),
} as const satisfies FieldsOf<Caliper>;

/** What is read of an axle. */
export const VEHICLE_AXLE = {
  hub: group('hub', HUB),
  axleRatingKg: figure('axle rating', 'axleRatingKg'),
  trackMm: figure('track', 'trackMm'),
  panelFallDeg: figure('lean of the panel', 'panelFallDeg'),
  pressureKpa: figure('cold pressure', 'pressureKpa'),
  dual: flag('dual wheels'),
  baseline: group('on the car now', BASELINE),
  room: group('room', ROOM),
  left: group('left side', { room: group('room', ROOM) }),
  suspension: group('suspension', SUSPENSION),
  obstacles: list('parts around the wheel'),
  caliper: group('brake', CALIPER),
  readings: list('readings'),
} as const satisfies FieldsOf<VehicleAxle>;

/** Where the spare is carried, and the car’s own spare. */
const SPARE = {
  wellDiameterMm: figure('well diameter', 'wellDiameterMm'),
  wellFloorDiameterMm: figure('well diameter at the floor', 'wellDiameterMm'),
  wellDepthMm: figure('well depth', 'wellDepthMm'),
  roomAboveMm: figure('room above the well', 'limitMm'),
  holdDownMm: figure('hold-down', 'holdDownMm'),
  holdDownThread: written('thread of the hold-down', readThread, { most: 20, mayBeEmpty: true }),
  lies: choice('how the spare lies', LIES),
  wheel: group('wheel', WHEEL),
  tire: group('tire', TIRE),
} as const satisfies FieldsOf<Spare>;

/** The sensors a car listens to. */
const CAR_SENSORS = {
  frequencyMHz: figure('sensor frequency', 'frequencyMHz'),
  body: choice('sensor body', SENSOR_BODIES),
  relearn: choice('relearning', RELEARNS),
} as const satisfies FieldsOf<CarSensors>;

/** A car as it is read. */
export const VEHICLE = {
  label: text('name', 120),
  drive: choice('driven wheels', DRIVES),
  class: choice('class', VEHICLE_CLASSES),
  flangeMm: figure('flange thickness', 'flangeMm'),
  wheelbaseMm: figure('wheelbase', 'wheelbaseMm'),
  topSpeedKmh: figure('top speed', 'speedKmh'),
  gearing: group('gearing', {
    axleRatio: figure('axle ratio', 'axleRatio'),
    gearRatio: figure('gear ratio', 'gearRatio'),
  }),
  speedFrom: choice('where the speed is taken from', SPEED_SOURCES),
  stabilityControl: flag('stability control'),
  speedometer: group('speedometer', {
    indicatedKmh: figure('speed shown', 'speedKmh'),
    trueKmh: figure('true speed', 'speedKmh'),
  }),
  spare: group('spare', SPARE),
  tpms: group('tire-pressure sensors', CAR_SENSORS),
  front: group('front axle', VEHICLE_AXLE),
  rear: group('rear axle', VEHICLE_AXLE),
} as const satisfies FieldsOf<Vehicle>;
