import type { Words } from '#core/units';
import type { Verdict } from '#core/verdict';
import type { Check } from '../check';
import type { Spread, Sure } from '../spread';
import type { AxleFigures, AxleReport, TireReport } from './axleReport';
import { NO_BRAKE } from './brakeReport';
import type { ObstacleReport } from './partReport';

type FigureName = keyof AxleFigures | keyof TireReport;
type Working = AxleReport['working'];
type SpreadName = 'pokeMm' | 'inboardGapMm' | 'archGapMm';

/**
 * The report of an axle while it is being filled, and afterwards: figures with the lines that led to each. The lines
 * are written when they are first asked for.
 */
export class Sheet implements AxleReport {
  effectiveOffsetMm: number | null = null;
  backspacingOverallMm: number | null = null;
  backspacingNominalMm: number | null = null;
  frontspacingMm: number | null = null;
  overallWidthMm: number | null = null;
  readonly tire: TireReport = {
    overallDiameterMm: null,
    sectionWidthMm: null,
    treadWidthMm: null,
    measuringRimIn: null,
    rimMinIn: null,
    rimMaxIn: null,
    loadCapacityKg: null,
    circumferenceMm: null,
    serviceWidthMm: null,
    serviceDiameterMm: null,
    revolutionsPerKm: null,
    revolutionsPerMile: null,
  };
  pokeMm: number | null = null;
  outboardGapMm: number | null = null;
  inboardGapMm: number | null = null;
  archGapMm: number | null = null;
  outerChangeMm: number | null = null;
  innerChangeMm: number | null = null;
  trackChangeMm: number | null = null;
  scrubRadiusMm: number | null = null;
  scrubChangeMm: number | null = null;
  diameterChangePct: number | null = null;
  trueSpeedAt100: number | null = null;
  rideHeightChangeMm: number | null = null;
  bodyHeightChangeMm: number | null = null;
  groundClearanceMm: number | null = null;
  loadNeedKg: number | null = null;
  pressureKpa: number | null = null;
  massKg: number | null = null;
  massChangeKg: number | null = null;
  inertiaKgM2: number | null = null;
  inertiaChangePct: number | null = null;
  equivalentChangeKg: number | null = null;
  dualSpacingMm: number | null = null;
  dualGapMm: number | null = null;
  boltPattern: AxleReport['boltPattern'];
  centring: AxleReport['centring'];
  fastening: AxleReport['fastening'];
  brake: AxleReport['brake'] = NO_BRAKE;
  obstacles: ObstacleReport[] = [];
  left: AxleReport['left'] = null;
  checks: Check[] = [];
  verdict: Verdict = 'unknown';
  readonly assumed: string[] = [];
  readonly #words: Words;
  readonly #spreads: Partial<Record<SpreadName, () => Sure>> = {};
  readonly #sure: Partial<Record<SpreadName, Sure | null>> = {};
  /** Figures and the writers of their lines, side by side. */
  readonly #figures: FigureName[] = [];
  readonly #writers: (() => string[])[] = [];
  #working: Working | undefined;

  constructor(words: Words, on: Pick<AxleReport, 'boltPattern' | 'centring' | 'fastening'>) {
    this.#words = words;
    this.boltPattern = on.boltPattern;
    this.centring = on.centring;
    this.fastening = on.fastening;
  }

  /** How this sheet's lines are written. */
  get words(): Words {
    return this.#words;
  }

  put(key: keyof AxleFigures, value: number, lines: () => string[]): void {
    this[key] = value;
    this.#figures.push(key);
    this.#writers.push(lines);
  }

  putTire(key: keyof TireReport, value: number, lines: () => string[]): void {
    this.tire[key] = value;
    this.#figures.push(key);
    this.#writers.push(lines);
  }

  /** How sure a figure of the room is, by what it rests on. */
  rest(key: SpreadName, sure: () => Sure): void {
    this.#spreads[key] = sure;
  }

  /** How sure a figure of the room is; null while it is not known. */
  sureOf(key: SpreadName): Sure | null {
    return (this.#sure[key] ??= this.#spreads[key]?.() ?? null);
  }

  spreadOf(key: SpreadName, mostTouch: number | null): Spread {
    return { sure: () => this.sureOf(key), mostTouch, words: this.#words };
  }

  /** The lines of a figure, undefined while it is not known. */
  lines(key: FigureName): string[] | undefined {
    return this.#writers[this.#figures.indexOf(key)]?.();
  }

  /** The lines of every known figure. */
  get working(): Working {
    return (this.#working ??= Object.fromEntries(
      this.#figures.map((key, at) => [key, this.#writers[at]!()]),
    ) as Working);
  }

  toJSON(): AxleReport {
    return { ...this, working: this.working };
  }
}
