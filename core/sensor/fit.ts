import type { Verdict } from '#core/verdict';

/** How a tire-pressure sensor is held: by its metal valve's nut, or by a rubber valve pulled through the hole. */
export const SENSOR_BODIES = ['clamp-in', 'snap-in'] as const;
export type SensorBody = (typeof SENSOR_BODIES)[number];

/** How a car learns new sensors. */
export const RELEARNS = ['drive', 'stationary', 'scan-tool'] as const;
export type Relearn = (typeof RELEARNS)[number];

/** What a wheel's drilling takes. */
export const SENSOR_SEATS = [...SENSOR_BODIES, 'either', 'none'] as const;

/** Where the sensors of a setup come from. */
export const SENSORS_FROM = ['reuse', 'order', 'none'] as const;

/** The sensors a car listens to. */
export interface CarSensors {
  frequencyMHz?: number | null | undefined;
  body?: SensorBody | undefined;
  relearn?: Relearn | undefined;
}

/** Where a wheel takes a sensor: which valve its drilling is made for, and the diameter of the hole in mm. */
export interface SensorSeat {
  sensorBody?: (typeof SENSOR_SEATS)[number] | undefined;
  valveHoleMm?: number | null | undefined;
}

/** What a setup does about sensors. */
export interface SensorChoice {
  from?: (typeof SENSORS_FROM)[number] | undefined;
  frequencyMHz?: number | null | undefined;
  body?: SensorBody | undefined;
}

/**
 * Valve holes that a sensor's valve seals in, mm: 11.3 + 0.4 (tire and rim tables, rim valve hole 11.3; from memory).
 */
const VALVE_HOLE_MM = { least: 11.2, most: 11.7 } as const;

/** How far a set that is not on the car is kept from it while it learns the new one, m (common practice, no source). */
export const KEEP_AWAY_M = 15;

/** Sensors of a wheel judged for a car, and the steps that go on the job sheet. */
export interface SensorFit {
  verdict: Verdict;
  reasons: string[];
  steps: string[];
}

const RELEARN_STEPS: Record<Relearn, string> = {
  drive: 'relearn by driving: steadily, until the light goes out',
  stationary: 'relearn at rest: start the relearn, then wake each sensor in the maker’s order',
  'scan-tool': 'relearn by scan tool: write the four sensor IDs to the car',
};

/**
 * Whether the sensors of a setup talk to the car and fit its wheels. Another frequency, or a valve the drilling does
 * not take, is a `fail`; wheels without sensors are a `caution`, the warning light stays on; what nobody said is
 * `unknown`.
 */
export function sensorFit(car: CarSensors, wheels: readonly SensorSeat[], choice: SensorChoice): SensorFit {
  if (choice.from === undefined)
    return { verdict: 'unknown', reasons: ['not given: reuse the sensors, order a set, or none'], steps: [] };
  if (choice.from === 'none')
    return {
      verdict: 'caution',
      reasons: ['no sensors: the warning light stays on; check your local code'],
      steps: [],
    };
  const sensor = choice.from === 'reuse' ? { frequencyMHz: car.frequencyMHz, body: car.body } : choice;
  const found: { verdict: Verdict; reason: string }[] = [];
  const say = (verdict: Verdict, reason: string) => found.push({ verdict, reason });
  if (choice.from === 'reuse') say('ok', 'the car’s own sensors, so their frequency is its own');
  else if (sensor.frequencyMHz == null || car.frequencyMHz == null)
    say('unknown', 'not known: frequency of the car or of the sensors');
  else if (Math.abs(sensor.frequencyMHz - car.frequencyMHz) < 1) say('ok', `both at ${car.frequencyMHz} MHz`);
  else say('fail', `sensors at ${sensor.frequencyMHz} MHz, the car at ${car.frequencyMHz} MHz`);
  for (const wheel of wheels) judgeSeat(wheel, sensor.body, say);
  return {
    verdict: (['fail', 'unknown', 'ok'] as const).find((verdict) => found.some((one) => one.verdict === verdict))!,
    reasons: [...new Set(found.map(({ reason }) => reason))],
    steps: stepsOf(car, choice.from),
  };
}

function judgeSeat(wheel: SensorSeat, body: SensorBody | undefined, say: (verdict: Verdict, reason: string) => void) {
  const { sensorBody: takes, valveHoleMm: hole } = wheel;
  if (takes === 'none') say('fail', 'the wheel has no place for a sensor');
  else if (takes === undefined || body === undefined)
    say('unknown', 'not known: the sensor’s body, or what the wheel takes');
  else if (takes !== 'either' && takes !== body) say('fail', `the wheel takes ${takes}, the sensor is ${body}`);
  else say('ok', `${body} body fits the wheel`);
  if (hole != null && (hole < VALVE_HOLE_MM.least || hole > VALVE_HOLE_MM.most))
    say('fail', `valve hole ${hole} mm: a sensor's valve seals in ${VALVE_HOLE_MM.least} to ${VALVE_HOLE_MM.most} mm`);
}

const stepsOf = (car: CarSensors, from: 'reuse' | 'order'): string[] => [
  from === 'reuse'
    ? 'move the sensors over with new seals and cores; the old wheels then have none'
    : 'note each sensor’s ID before mounting',
  car.relearn ? RELEARN_STEPS[car.relearn] : 'not known: how this car relearns its sensors',
  ...(from === 'order'
    ? [`keep the old set at least ${KEEP_AWAY_M} m away, or the car hears its sensors instead`]
    : []),
];
