import { useMemo } from 'react';
import { presentSetup } from '#core/job';
import { useDocument } from '../job/DocumentContext';
import { useRaisedReport, useReports } from '../job/ReportsContext';
import { ToStation } from '../ui/parts/ToStation';
import { StanceView } from '../ui/stance/StanceView';
import { useSetupSteps } from '../ui/tray/useSetupSteps';

/** The car as it will stand: with the raised setup, or as it is. */
export default function StancePage() {
  const { job } = useDocument();
  const { present } = useReports();
  const raised = useRaisedReport();
  const now = useMemo(() => presentSetup(job), [job]);
  useSetupSteps();
  const isKnown = raised !== null || (present.front.effectiveOffsetMm ?? present.rear.effectiveOffsetMm) !== null;
  if (isKnown) return <StanceView setup={raised?.setup ?? null} now={now} report={raised?.report ?? present} />;
  return (
    <div className="empty-station">
      <h1>Nothing to see yet</h1>
      <p>
        Stance shows the car in three dimensions by its own readings. It needs the tire sizes, rim widths and offsets of
        what is on the car now, or a setup.
      </p>
      <ToStation station="hub">To the hub</ToStation>
    </div>
  );
}
