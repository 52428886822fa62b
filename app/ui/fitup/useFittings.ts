import { useCallback, useMemo } from 'react';
import { fittingReports, type FittingReport, type SetupReport } from '#core/evaluate';
import { fittingShown, outerCorner, type Corner, type Fitting } from '#core/fitting';
import type { Setup } from '#core/job';
import { stepsOfFitting, tighteningsOf, type CornerTightening, type FittingStep } from '#core/sheet';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useSelection } from '../../job/SelectionContext';
import { useSightText } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';

/** A fitting with what is done at it. */
export interface FittingInHand {
  fitting: Fitting;
  steps: readonly FittingStep[];
  tightenings: readonly CornerTightening[];
  compared: FittingReport;
}

/** The corner in hand: the outer wheel of the chosen axle and side. */
export function useCorner(): Corner {
  const { axle, side } = useSelection();
  return outerCorner({ axle, side });
}

/** Judges setups as the rest of the table has done already. */
export function useReportOf(): (setup: Setup) => SetupReport {
  const { setups } = useReports();
  return useCallback((setup: Setup) => setups.find((one) => one.setup.id === setup.id)!.report, [setups]);
}

/** The fittings of the job, and the one in hand: the one that was asked for, else the one under way, else the last. */
export function useFittings(): {
  fittings: readonly Fitting[];
  inHand: FittingInHand | null;
  take(id: string | null): void;
} {
  const { job } = useDocument();
  const { units: unit } = useLengths();
  const reportOf = useReportOf();
  const [asked, take] = useSightText('fitting');
  const fittings = useMemo(() => job.fittings ?? [], [job.fittings]);
  const fitting = fittingShown(fittings, asked);
  const inHand = useMemo<FittingInHand | null>(() => {
    if (!fitting) return null;
    const steps = stepsOfFitting(job, fitting, { unit, reportOf });
    const [compared] = fittingReports({ ...job, fittings: [fitting] }, reportOf);
    return { fitting, steps, tightenings: tighteningsOf(steps), compared: compared! };
  }, [job, fitting, unit, reportOf]);
  return { fittings, inHand, take };
}
