import { useMemo } from 'react';
import { fit, fitCandidate, type SetupReport } from '#core/evaluate';
import type { Setup } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { CarFields } from './CarFields';
import { SpareWell } from './SpareWell';
import { SpeedChart } from './SpeedChart';
import { SpeedTable } from './SpeedTable';
import './car.css';

/** What a setup does to the whole car: speedometer and gearing beside every other setup, the spare, the sensors. */
export function CarView({ setup, report }: { setup: Setup; report: SetupReport }) {
  const { job } = useDocument();
  const { setups, present } = useReports();
  const { vehicle } = job;
  const lines = useMemo(
    () => [{ id: 'now', report: present }, ...setups.map((one) => ({ id: one.setup.id, report: one.report }))],
    [present, setups],
  );
  const { spare } = report;
  const lying = useMemo(() => {
    if (!spare || spare.choice === 'none') return null;
    return spare.choice === 'kept'
      ? fit({ wheel: vehicle.spare?.wheel, tire: vehicle.spare?.tire }, vehicle)
      : fitCandidate(vehicle, spare.choice, setup[spare.choice]);
  }, [spare, vehicle, setup]);
  return (
    <div className="inner-view car-view">
      <section className="car-left" aria-label="Speeds and spare" tabIndex={0}>
        <SpeedChart lines={lines} current={setup.id} />
        <SpeedTable report={report} present={present} />
        {spare && spare.choice !== 'none' && vehicle.spare && (
          <SpareWell well={vehicle.spare} spare={lying} report={spare} />
        )}
      </section>
      <form
        key={setup.id}
        className="inner-fields"
        aria-label={`Whole car with setup ${setup.id.toUpperCase()}`}
        onSubmit={(event) => event.preventDefault()}
      >
        <CarFields setup={setup} report={report} />
      </form>
    </div>
  );
}
