import type { AxleName, Setup, Vehicle, Terms } from '#core/job';
import type { SensorFit } from '#core/sensor';
import type { Words } from '#core/units';
import type { AxleReport, SpareReport, SpeedometerReport } from '../report';

/** A figure of each axle. */
export type ByAxle<T> = Record<AxleName, T>;

/** What a whole car is judged by. */
export interface CarCase {
  job: Terms & { vehicle: Vehicle };
  setup: Setup;
  axles: ByAxle<AxleReport>;
  /** Overall diameters that the setup has, and that are on the car now, mm. */
  next: ByAxle<number | null>;
  now: ByAxle<number | null>;
  speedometer: SpeedometerReport;
  /** Null where no spare is carried or asked for. */
  spare: SpareReport | null;
  /** Null on a car without tire-pressure sensors. */
  tpms: SensorFit | null;
  words: Words;
}
