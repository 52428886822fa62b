import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { SetupReport, VehicleReport } from '#core/evaluate';
import { once } from '#core/kept';
import type { AxleName, Setup } from '#core/job';
import { useLengths } from '../preferences/PreferencesContext';
import { useDocument } from './DocumentContext';
import { presentReportOf, reportOf, vehicleReportsOf } from './reports';
import { useSweeps } from './SweepsContext';
import { useRaised } from './useRaised';

/** What is judged of a job, each when it is first asked for: a station that shows no verdict waits for none. */
export interface Reports {
  setups: readonly SetupOnTable[];
  present: SetupReport;
  /** What the readings of each axle say of themselves. */
  vehicle: Record<AxleName, VehicleReport>;
}

/** A setup with what is judged of it. */
export interface SetupOnTable {
  setup: Setup;
  report: SetupReport;
}

const ReportsContext = createContext<Reports | null>(null);

export function useReports(): Reports {
  const reports = useContext(ReportsContext);
  if (!reports) throw new Error('outside a job');
  return reports;
}

/** Judges the job on the table; what did not change stays judged. */
export function ReportsProvider({ children }: { children: ReactNode }) {
  const { job } = useDocument();
  const { source: sweeps } = useSweeps();
  const { units: unit } = useLengths();
  // A change of a setup leaves the car as it is.
  const vehicle = useMemo(() => once(() => vehicleReportsOf(job.vehicle, unit, sweeps)), [job.vehicle, unit, sweeps]);
  const reports = useMemo<Reports>(() => {
    const present = once(() => presentReportOf(job, unit, sweeps));
    return {
      setups: job.setups.map((setup) => {
        const report = once(() => reportOf({ job, setup, unit, sweeps }));
        return {
          setup,
          get report() {
            return report();
          },
        };
      }),
      get present() {
        return present();
      },
      get vehicle() {
        return vehicle();
      },
    };
  }, [job, unit, sweeps, vehicle]);
  return <ReportsContext value={reports}>{children}</ReportsContext>;
}

/** The raised setup with its report. */
export function useRaisedReport(): SetupOnTable | null {
  const { setups } = useReports();
  const raised = useRaised();
  return setups.find(({ setup }) => setup.id === raised?.id) ?? null;
}
