import dayjs from 'dayjs';
import { useId, useState } from 'react';
import {
  CORNER_NAMES,
  OUTER_CORNERS,
  FITTING_KINDS,
  placeOfCorner,
  type Corner,
  type FittingKind,
} from '#core/fitting';
import { decidedSetup, setupTitle, type Setup } from '#core/job';
import { beginFitting } from '#core/sheet';
import { capital } from '#core/text';
import { Input } from '../controls/Input';
import { Choice } from '../controls/Choice';
import { useDocument } from '../../job/DocumentContext';
import { freeId } from '../../job/freeId';
import { useSweepState } from '../../job/SweepsContext';
import { useRaised } from '../../job/useRaised';
import { useLengths } from '../../preferences/PreferencesContext';
import { Dialog } from '../controls/Dialog';
import { Segments } from '../controls/Segments';
import { OdometerField } from './OdometerField';
import { useReportOf } from './useFittings';
import './fitup.css';

/** The axle of a setup that a corner belongs to. */
const fits = (setup: Setup, corner: Corner): boolean => setup[placeOfCorner(corner).axle] !== undefined;

/** Begins a fitting: what goes on which corner. What is predicted of it is kept with it. */
export function BeginDialog({ close, begun }: { close(): void; begun(id: string): void }) {
  const { job, edit } = useDocument();
  const raised = useRaised();
  const first = decidedSetup(job) ?? raised;
  const reportOf = useReportOf();
  const { waiting } = useSweepState();
  const { units: unit } = useLengths();
  const id = useId();
  const [kind, setKind] = useState<FittingKind>('final');
  const [bookedFor, setBookedFor] = useState('');
  const [odometerKm, setOdometer] = useState<number | null>(null);
  const [corners, setCorners] = useState<Partial<Record<Corner, string>>>(() =>
    Object.fromEntries(
      first ? OUTER_CORNERS.filter((corner) => fits(first, corner)).map((one) => [one, first.id]) : [],
    ),
  );
  const count = Object.values(corners).filter(Boolean).length;
  const isBooked = dayjs(bookedFor).isAfter(dayjs());
  const begin = () => {
    const fitting = beginFitting(
      job,
      {
        id: freeId('f', job.fittings ?? []),
        kind,
        startedAt: (isBooked ? dayjs(bookedFor) : dayjs()).toISOString(),
        odometerKm,
        corners,
      },
      { unit, reportOf },
    );
    edit({ op: 'add', path: ['fittings'], value: fitting });
    begun(fitting.id);
  };
  return (
    <Dialog
      title="Start a fitting"
      width={560}
      onCancel={close}
      okText={isBooked ? 'Book it' : 'Start'}
      okDisabled={count === 0 || waiting > 0}
      onOk={begin}
    >
      <div className="dialog-form">
        <div className="field">
          <span className="label" id={`${id}-kind`}>
            Kind
          </span>
          <Segments<FittingKind>
            aria-labelledby={`${id}-kind`}
            options={FITTING_KINDS.map((value) => ({ value, label: capital(value) }))}
            value={kind}
            onChange={setKind}
          />
          <p className="soft">
            {kind === 'final'
              ? 'To stay on the car: torqued in stages, settled, driven.'
              : 'To look and to measure: drawn up, never driven. Corners may carry different setups.'}
          </p>
        </div>
        <div className="begin-corners">
          {OUTER_CORNERS.map((corner) => (
            <div key={corner} className="field">
              <label className="label" htmlFor={`${id}-${corner}`}>
                {capital(CORNER_NAMES[corner])}
              </label>
              <Choice<string>
                id={`${id}-${corner}`}
                value={corners[corner] ?? ''}
                onChange={(setup) => setCorners({ ...corners, [corner]: setup || undefined })}
                options={[
                  { value: '', label: 'stays as it is' },
                  ...job.setups
                    .filter((setup) => fits(setup, corner))
                    .map((setup) => ({
                      value: setup.id,
                      label: `${setup.id.toUpperCase()} ${setupTitle(setup, job.vehicle.flangeMm)}`,
                    })),
                ]}
              />
            </div>
          ))}
        </div>
        <OdometerField name="fitting/new" value={odometerKm} commit={setOdometer} />
        <div className="field">
          <label className="label" htmlFor={`${id}-at`}>
            Booked for
          </label>
          <Input
            id={`${id}-at`}
            type="datetime-local"
            className="begin-at"
            value={bookedFor}
            onChange={(event) => setBookedFor(event.target.value)}
          />
          <p className="soft">Left empty, it starts now.</p>
        </div>
        {waiting > 0 && <p role="status">Predictions are still being worked out …</p>}
      </div>
    </Dialog>
  );
}
