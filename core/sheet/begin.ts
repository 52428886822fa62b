import { evaluateSetup, predictionAt, type SetupReport } from '#core/evaluate';
import {
  CORNERS,
  FITTED_FIGURES,
  isSameFigure,
  placeOfCorner,
  type AskedFigure,
  type Corner,
  type FittedCorner,
  type FittedFigure,
  type Fitting,
  type FittingKind,
  type PredictedFigure,
} from '#core/fitting';
import type { Job, Setup } from '#core/job';
import type { FittingStep } from './records';
import { stepsOfFitting, type SheetOptions } from './sheet';

/** What a fitting begins with. */
export interface Beginning {
  id: string;
  kind: FittingKind;
  startedAt: string;
  odometerKm: number | null;
  /** The setup at each corner that gets one. */
  corners: Partial<Record<Corner, string>>;
}

/**
 * A fitting as it begins, with every prediction that is made of its corners: later edits do not rewrite them. What is
 * not predicted is not kept.
 */
export function beginFitting(job: Job, beginning: Beginning, options: SheetOptions = {}): Fitting {
  const { id, kind, startedAt, odometerKm } = beginning;
  const bare: Fitting = { id, kind, startedAt, ...(odometerKm === null ? {} : { odometerKm }), corners: {} };
  for (const corner of CORNERS) {
    const setup = beginning.corners[corner];
    if (setup !== undefined) bare.corners[corner] = { setup };
  }
  const reports = new Map<Setup, SetupReport>();
  const reportOf = (setup: Setup): SetupReport => {
    const report = options.reportOf?.(setup) ?? reports.get(setup) ?? evaluateSetup(job, setup, options);
    reports.set(setup, report);
    return report;
  };
  const steps = stepsOfFitting(job, bare, { ...options, reportOf });
  const corners = Object.entries(bare.corners) as [Corner, FittedCorner][];
  return {
    ...bare,
    corners: Object.fromEntries(
      corners.map(([corner, { setup: setupId }]) => {
        const setup = job.setups.find((one) => one.id === setupId);
        const predicted = setup ? predictionsAt({ job, setup, report: reportOf(setup), corner }, steps) : [];
        return [corner, { setup: setupId, ...(predicted.length > 0 ? { predicted } : {}) }];
      }),
    ),
  };
}

/** Figures of the whole car, kept at the first corner of its setup alone. */
const OF_THE_CAR: readonly FittedFigure[] = ['spareProudMm', 'trueSpeedAt100'];

/** Every figure that can be read at a corner, and what its steps look at, as far as it is predicted. */
function predictionsAt(one: Parameters<typeof predictionAt>[0], steps: readonly FittingStep[]): PredictedFigure[] {
  const own = steps.filter(({ keptAt }) => keptAt === one.corner);
  const parts = one.job.vehicle[placeOfCorner(one.corner).axle]?.obstacles ?? [];
  const asked: AskedFigure[] = [
    ...FITTED_FIGURES.filter((figure) => !OF_THE_CAR.includes(figure)).map((figure) => ({ figure })),
    ...parts.map(({ id }) => ({ figure: `obstacle:${id}` as const })),
    ...own
      .flatMap(({ expects }) => (expects ? [expects] : []))
      .map(({ figure, steerDeg, travelMm }) => ({
        figure,
        ...(steerDeg === undefined ? {} : { steerDeg }),
        ...(travelMm === undefined ? {} : { travelMm }),
      })),
  ];
  return asked.flatMap((ask, at) => {
    if (asked.slice(0, at).some((one) => isSameFigure(one, ask))) return [];
    const { valueMm, ...sure } = predictionAt(one, ask);
    return valueMm === null ? [] : [{ ...ask, valueMm, ...sure }];
  });
}
