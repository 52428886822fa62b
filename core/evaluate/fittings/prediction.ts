import {
  familyOf,
  placeOfCorner,
  type Corner,
  type FittedFigure,
  type AskedFigure,
  type Predicted,
} from '#core/fitting';
import type { Job, Setup } from '#core/job';
import { clearancesAt, readingPose } from '#core/sweep';
import { candidateCase } from '../parts';
import type { Check } from '../check';
import { ownErrorIn } from '../spread';
import type { AxleReport, SetupReport } from '../report';

export interface CornerOfSetup {
  job: Job;
  setup: Setup;
  report: SetupReport;
  corner: Corner;
}

/** The check that carries the ± of a figure. */
const CHECK_OF: Partial<Record<FittedFigure, string>> = {
  pokeMm: 'fender',
  inboardGapMm: 'inboard',
  archGapMm: 'arch',
  brakeSpokeMm: 'brake-spoke',
  dualGapMm: 'dual',
};

/** The check that a figure belongs to, with what its ± rests on; none of a figure that is not judged. */
export const figureCheck = ({ checks }: Pick<AxleReport, 'checks'>, figure: FittedFigure): Check | undefined =>
  checks.find(({ code }) => code === (CHECK_OF[figure] ?? figure));

/** The ± of a figure; of a part, that of its least clearance. Null where none is computed. */
export const figurePlusMinus = (figures: Pick<AxleReport, 'checks'>, figure: FittedFigure): number | null =>
  figureCheck(figures, figure)?.plusMinus ?? null;

/** The ± of a figure, with what the shop's own error has multiplied it by. */
export function figureSure(job: Job, figures: Pick<AxleReport, 'checks'>, figure: FittedFigure) {
  const plusMinusMm = figurePlusMinus(figures, figure);
  const scale = plusMinusMm === null ? undefined : ownErrorIn(familyOf(figure), job)?.scale;
  return { plusMinusMm, ...(scale === undefined ? {} : { scale }) };
}

/**
 * What the report says of a figure at a corner; of a part, its clearance in the very pose, with the ± of its least
 * clearance. The ride height itself is not predicted, only its change.
 */
export function predictionAt({ job, setup, report, corner }: CornerOfSetup, asked: AskedFigure): Predicted {
  const { figure } = asked;
  const { axle, side } = placeOfCorner(corner);
  const one = report[axle];
  const sure = figureSure(job, one, figure);
  const of = (valueMm: number | null | undefined): Predicted => ({ valueMm: valueMm ?? null, ...sure });
  const gaps = side === 'left' && one.left ? one.left : one;
  switch (figure) {
    case 'pokeMm':
    case 'inboardGapMm':
    case 'archGapMm':
      return of(gaps[figure]);
    case 'brakeSpokeMm':
      return of(one.brake.spokeMm);
    case 'dualGapMm':
    case 'trueSpeedAt100':
      return of(one[figure]);
    case 'spareProudMm':
      return of(report.spare?.proudMm);
    case 'rideHeightMm':
      return of(null);
    default: {
      const swept = candidateCase(job, setup, axle);
      return of(swept && clearancesAt(swept, readingPose(asked))[figure.slice('obstacle:'.length)]);
    }
  }
}
