import type { Words } from '#core/units';
import type { AxleFigures, AxleReport, TireReport } from './report';

/** Collects the figures of an axle together with the lines that led to each. */
export class Sheet {
  readonly figures: AxleFigures = {
    effectiveOffsetMm: null,
    backspacingOverallMm: null,
    backspacingNominalMm: null,
    frontspacingMm: null,
    overallWidthMm: null,
    pokeMm: null,
    outboardGapMm: null,
    inboardGapMm: null,
    archGapMm: null,
    outerChangeMm: null,
    innerChangeMm: null,
    trackChangeMm: null,
    scrubRadiusMm: null,
    scrubChangeMm: null,
    diameterChangePct: null,
    trueSpeedAt100: null,
    rideHeightChangeMm: null,
  };
  readonly tire: TireReport = {
    overallDiameterMm: null,
    sectionWidthMm: null,
    treadWidthMm: null,
    measuringRimIn: null,
    rimMinIn: null,
    rimMaxIn: null,
    loadCapacityKg: null,
    circumferenceMm: null,
  };
  readonly working: AxleReport['working'] = {};
  /** Suspension values taken as usual. */
  readonly assumed: string[] = [];

  constructor(readonly words: Words) {}

  put(key: keyof AxleFigures, value: number, ...lines: string[]): void {
    this.figures[key] = value;
    this.working[key] = lines;
  }

  putTire(key: keyof TireReport, value: number, ...lines: string[]): void {
    this.tire[key] = value;
    this.working[key] = lines;
  }
}
