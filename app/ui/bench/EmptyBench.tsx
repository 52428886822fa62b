import { Button } from '../controls/Button';
import { CarOutlined, CompassOutlined } from '../controls/icons';
import { usePreferences } from '../../preferences/PreferencesContext';
import { useBenchCommand } from './useBenchCommand';
import '../frame/shop.css';

/** A bench without any job: demo cars to look around in; a first job with a guide, which may be dismissed for good. */
export function EmptyBench({ startJob }: { startJob(): void }) {
  const { guide, choose } = usePreferences();
  const { send, busy, answer } = useBenchCommand();
  const start = () => {
    choose({ guide: 'on' });
    startJob();
  };
  return (
    <div className="shop-empty empty-bench">
      <p>No jobs yet. Start one with the car in front of you, or import a job file.</p>
      <div className="empty-offers">
        {guide !== 'off' && (
          <section aria-label="Guided first job">
            <p>
              <b>First job?</b> A guide goes along, from the first reading to the first verdict.
            </p>
            <Button kind="primary" icon={<CompassOutlined />} onClick={start}>
              Start with the guide
            </Button>
            <Button kind="text" onClick={() => choose({ guide: 'off' })}>
              Never show the guide
            </Button>
          </section>
        )}
        <section aria-label="Demo cars">
          <p>
            <b>Just looking?</b> Demo cars, all invented, measured and with setups, and a shelf of parts.
          </p>
          <Button icon={<CarOutlined />} busy={busy} onClick={() => void send({ intent: 'demo' })}>
            Add the demo cars
          </Button>
        </section>
      </div>
      {answer?.faults[0] && (
        <p role="alert" className="field-fault">
          {answer.faults[0].message}
        </p>
      )}
    </div>
  );
}
