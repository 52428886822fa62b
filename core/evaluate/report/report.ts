import type { Cost } from '#core/cost';
import type { PatternCandidate } from '#core/hub';
import type { AxleName } from '#core/job';
import type { SensorFit } from '#core/sensor';
import type { GeometryKey } from '#core/suspension';
import type { Verdict } from '#core/verdict';
import type { Check } from '../check';
import type { FittingReport } from './fittingReport';
import type { AxleReport } from './axleReport';
import type { SpareReport, SpeedometerReport } from './carReport';
import type { BriefContradiction, Contradiction } from './contradictionReport';

/**
 * What `evaluate` says about a job. Full precision; a value that cannot be known is null. Lengths mm, angles degrees.
 */
export interface Report {
  format: 'scoval.report';
  version: 1;
  /** The version of the rules it was judged by. */
  rules: string;
  /** What the readings of each hub say about its pattern. */
  vehicle: Record<AxleName, VehicleReport>;
  /** What of the brief cannot be had together. */
  brief: { contradictions: BriefContradiction[] };
  setups: SetupReport[];
  /** What was found on the car against what had been predicted. */
  fittings: FittingReport[];
}

/** What the readings of an axle say of themselves. */
export interface VehicleReport {
  /** Known patterns that the readings may mean, best first; null without readings. */
  pattern: PatternCandidate[] | null;
  /** The circle they measure, with its ± at 95 %; null without readings. */
  boltCircleMm: number | null;
  uncertaintyMm: number | null;
  /** How its wheels move; null where a kind or its values are missing. */
  suspension: { assumed: ('kind' | GeometryKey)[]; missing: string[] };
  /** Readings of its room that cannot all be true. */
  contradictions: Contradiction[];
}

/** What `evaluate` says about a setup. */
export interface SetupReport {
  id: string;
  label: string | null;
  front: AxleReport;
  rear: AxleReport;
  speedometer: SpeedometerReport;
  /** Null where no spare is carried or asked for. */
  spare: SpareReport | null;
  /** Null on a car without tire-pressure sensors. */
  tpms: SensorFit | null;
  /** Change of the body's height, front less rear: + nose up. */
  rakeChangeMm: number | null;
  /** Checks that concern the whole car. */
  checks: Check[];
  verdict: Verdict;
  cost: Cost;
}
