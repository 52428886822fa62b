import {
  BAND,
  engineSpeedRpm,
  revolutionsPerKm,
  judgeSpeedometer,
  mostShownKmh,
  trueAtShownKmh,
  trueBandKmh,
  type SpeedometerJudgement,
  type SpeedometerReading,
} from '#core/gearing';
import type { Brief, Vehicle } from '#core/job';
import { formatNumber, type Words } from '#core/units';
import type { Drive } from '#core/verdict';
import { carCheck } from '../check';
import type { SpeedometerReport } from '../report';
import type { ByAxle, CarCase } from './case';

/** Speeds to check where a brief names none, km/h. */
export const USUAL_SPEEDS_KMH: readonly number[] = [50, 80, 100, 120];

type Diameters = ByAxle<number | null>;

const SAME = 0.0005;

/** Where a car takes its speed from: the axle it is read off, or both. Null where nobody said how it is driven. */
type Counted = 'front' | 'rear' | 'both' | null;

const drivenAxle = (drive: Drive | null): Counted =>
  drive === 'fwd' ? 'front' : drive === 'rwd' ? 'rear' : drive === null ? null : 'both';

const countedAxle = ({ speedFrom = 'driven', drive }: Vehicle): Counted =>
  speedFrom === 'all' ? 'both' : speedFrom === 'driven' ? drivenAxle(drive ?? null) : speedFrom;

/**
 * The figure of the axle that is counted; of both their mean. Where nobody said how the car is driven, both axles must
 * agree.
 */
function ofAxle(front: number | null, rear: number | null, counted: Counted): number | null {
  if (counted === 'front') return front;
  if (counted === 'rear') return rear;
  if (front === null || rear === null) return null;
  return counted === 'both' || Math.abs(front / rear - 1) < SAME ? (front + rear) / 2 : null;
}

const COUNTED: Record<NonNullable<Counted>, string> = {
  front: 'the front wheels',
  rear: 'the rear wheels',
  both: 'all four wheels, by their mean',
};

/** Which wheels the speed is taken from, in words. */
function countedLine(vehicle: Vehicle): string {
  const counted = countedAxle(vehicle);
  const where = counted === null ? 'all four wheels alike' : COUNTED[counted];
  return (
    'the speed is taken from' +
    ` ${where}${vehicle.speedFrom === undefined ? ' (the driven axle, assumed: many cars take all four)' : ''}`
  );
}

/** The reading of the car's own speedometer, where both halves of it are there. */
function readingOf({ speedometer }: Vehicle): SpeedometerReading | null {
  const { indicatedKmh, trueKmh } = speedometer ?? {};
  return indicatedKmh == null || trueKmh == null ? null : { indicatedKmh, trueKmh };
}

interface SpeedometerAsk {
  vehicle: Vehicle;
  brief: Brief | undefined;
  next: Diameters;
  now: Diameters;
}

/** What speedometer and engine show on a setup. Speeds in km/h. */
export function speedometerReport({ vehicle, brief, next, now }: SpeedometerAsk): SpeedometerReport {
  const [counted, driven] = [countedAxle(vehicle), drivenAxle(vehicle.drive ?? null)];
  const ratioOf = (axle: 'front' | 'rear') =>
    next[axle] === null || now[axle] === null ? null : next[axle] / now[axle];
  const ratio = ofAxle(ratioOf('front'), ratioOf('rear'), counted);
  const reading = readingOf(vehicle);
  const speeds = brief?.speedsKmh?.length ? brief.speedsKmh : USUAL_SPEEDS_KMH;
  const diameter = ofAxle(next.front, next.rear, driven);
  const before = ofAxle(now.front, now.rear, driven);
  return {
    ratio,
    from: counted,
    fromAssumed: vehicle.speedFrom === undefined,
    ownRatio: reading && reading.trueKmh / reading.indicatedKmh,
    points: speeds.map((shownKmh) => {
      const { least, most } = trueBandKmh(shownKmh);
      const trueKmh = ratio === null ? null : trueAtShownKmh(shownKmh, ratio, reading);
      return { shownKmh, trueKmh, leastKmh: least, mostKmh: most };
    }),
    engine: engine(vehicle, speeds, { next: diameter, now: before }),
    gearAssumed: vehicle.gearing?.axleRatio != null && vehicle.gearing.gearRatio == null,
    working: engineLines(vehicle, diameter),
  };
}

function engineLines({ gearing }: Vehicle, diameter: number | null): string[] {
  if (gearing?.axleRatio == null || diameter === null) return [];
  const { axleRatio, gearRatio } = gearing;
  return [
    `speed / 60 × ${formatNumber(revolutionsPerKm(diameter))} a km × axle ${axleRatio} × gear` +
      ` ${gearRatio ?? '1 (direct, assumed)'}`,
    'without slip',
  ];
}

type DrivenDiameter = { next: number | null; now: number | null };

function engine(vehicle: Vehicle, speeds: readonly number[], { next: diameter, now: before }: DrivenDiameter) {
  const { axleRatio, gearRatio } = vehicle.gearing ?? {};
  if (axleRatio == null || diameter === null) return null;
  const overall = axleRatio * (gearRatio ?? 1);
  return speeds.map((speedKmh) => ({
    speedKmh,
    rpm: engineSpeedRpm(speedKmh, diameter, overall),
    nowRpm: before === null ? null : engineSpeedRpm(speedKmh, before, overall),
  }));
}

/** What can be said while nobody compared the car's speedometer with the true speed. */
function unreadLines({ keeps, leaves, verdict }: SpeedometerJudgement): string[] {
  const kept = 'assumed in its band before: never below true, at most 10 % and 4 km/h above (UNECE R39)';
  if (verdict === 'ok') return [kept];
  if (!keeps)
    return [
      kept,
      `whatever its error, it now reads ${leaves === 'low' ? 'below true' : 'too far above true'}: no error` +
        ' within the band saves it',
    ];
  const most = formatNumber(100 * (1 / keeps.least - 1), 1);
  const least = formatNumber(100 * (1 / keeps.most - 1), 1);
  return [kept, `it still does if it reads ${least} to ${most} % above true today; read it against the true speed`];
}

/** Whether the speedometer keeps its band on these tires. */
export const speedometer = carCheck({
  label: 'True speed at 100 shown',
  short: 'Speedometer',
  group: 'car',
  kind: 'match',
  unit: '',
  words: { ok: 'within its band', caution: 'with care', fail: 'out of its band', unknown: 'not known' },
  settable: true,
  says: {
    limit: () => 'shown: never below true',
    margin: ({ verdict }) => (verdict === 'caution' ? 'to be checked' : verdict === 'fail' ? 'recalibrate it' : null),
  },
  judge({ job: { vehicle }, setup, speedometer: { ratio }, words }: SpeedometerCase) {
    const reading = readingOf(vehicle);
    const judged = ratio === null ? null : judgeSpeedometer(ratio, reading);
    const set = setup.speedometerSet === true;
    return {
      value: ratio === null ? null : trueAtShownKmh(100, ratio, reading),
      limit: null,
      margin: null,
      verdict: set ? 'caution' : (judged?.verdict ?? 'unknown'),
      lines: () => [
        ...speedLines(vehicle, ratio, words),
        ...(set && ratio !== null
          ? ['recalibrated for these tires: check it against the true speed before it goes on the road']
          : []),
      ],
    };
  },
});

type SpeedometerCase = Pick<CarCase, 'job' | 'setup' | 'speedometer' | 'words'>;

function speedLines(vehicle: Vehicle, ratio: number | null, words: Words): string[] {
  if (ratio === null)
    return ['not known: tires of the axle that the speed is taken from, now and then, and how the car is driven'];
  const speed = (kmh: number) => words.measure('speed', kmh);
  const reading = readingOf(vehicle);
  const judged = judgeSpeedometer(ratio, reading);
  const value = trueAtShownKmh(100, ratio, reading);
  const change = 100 * (ratio - 1);
  const own = reading ? ` × ${speed(reading.trueKmh)} / ${speed(reading.indicatedKmh)}` : '';
  const band = `at most 10 % and ${speed(BAND.kmh)} above (UNECE R39)`;
  const lines = [`100 × ${formatNumber(ratio, 4)}${own} = ${formatNumber(value, 1)}`, countedLine(vehicle)];
  if (!reading) lines.push(...unreadLines(judged));
  if (ratio !== 1)
    lines.push(`it now reads ${formatNumber(Math.abs(change), 1)} % ${change > 0 ? 'lower' : 'higher'} than before`);
  if (!reading) return lines;
  if (judged.leaves === 'low')
    lines.push(`at a true ${speed(judged.atKmh!)} it shows less: never below true (UNECE R39)`);
  if (judged.leaves === 'high')
    lines.push(`at a true ${speed(judged.atKmh!)} it shows more than ${speed(mostShownKmh(judged.atKmh!))}: ${band}`);
  if (judged.verdict === 'ok') lines.push(`within the band: never below true, ${band}`);
  return lines;
}
