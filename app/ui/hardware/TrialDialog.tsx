import { useState } from 'react';
import { wheelCode, type AxleName, type Setup } from '#core/job';
import { offsetFromTrialMm, stackThicknessMm, type TrialKeeps } from '#core/stack';
import { formatNumber, mmFromInches, offsetFigure, rimFigure, roundTo } from '#core/units';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import { Segments } from '../controls/Segments';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { RimField } from '../fields/NumberField';

/** From a spacer that looked right to the wheel that stands there without one. */
export function TrialDialog({ setup, axle, close }: { setup: Setup; axle: AxleName; close(): void }) {
  const { job } = useDocument();
  const put = usePutSetup();
  const lengths = useLengths();
  const candidate = setup[axle] ?? {};
  const wheel = candidate.wheel ?? {};
  const offsetMm = wheelOffsetMm(wheel, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM);
  const [trialMm, setTrialMm] = useState<number | null>(stackThicknessMm(candidate.stack ?? []) || null);
  const [widthIn, setWidthIn] = useState<number | null>(wheel.rimWidthIn ?? null);
  const [keeps, setKeeps] = useState<TrialKeeps>('outer');
  const found =
    offsetMm === null || wheel.rimWidthIn == null || trialMm === null || widthIn === null
      ? null
      : offsetFromTrialMm({
          tried: { offsetMm, rimWidthIn: wheel.rimWidthIn },
          trialStackMm: trialMm,
          newRimWidthIn: widthIn,
          keeps,
        });
  const make = () => {
    if (found === null || widthIn === null) return;
    const {
      offsetMm: _offset,
      backspacingMm: _back,
      backspacingConvention: _meaning,
      innerFace: _face,
      ...kept
    } = wheel;
    // Rings stay: they belong to the bore, not to the spacer.
    const stack = (candidate.stack ?? []).filter(({ kind }) => kind === 'ring');
    const made = { ...candidate, wheel: { ...kept, rimWidthIn: widthIn, offsetMm: roundTo(found, 2) }, stack };
    put({ setup: { ...setup, [axle]: made }, label: wheelCode(made, job.vehicle.flangeMm), after: setup.id });
  };
  const half = wheel.rimWidthIn == null || widthIn === null ? 0 : mmFromInches(widthIn - wheel.rimWidthIn) / 2;
  return (
    <Dialog
      onCancel={close}
      title={`Spacer to wheel, ${axle}`}
      width={520}
      okText="Make a setup"
      okDisabled={found === null}
      onOk={make}
    >
      <div className="dialog-form">
        <p>
          {offsetMm === null ? (
            'The wheel has no offset yet.'
          ) : (
            <>
              Tried: <b className="figure">{wheelCode(candidate, job.vehicle.flangeMm)}</b> with a mock-up spacer. Which
              wheel sits there without one?
            </>
          )}
        </p>
        <div className="field-wrap">
          <LengthField
            name={`trial/${setup.id}/${axle}/spacer`}
            value={trialMm}
            commit={setTrialMm}
            label="Spacer that looked right"
            range="thicknessMm"
            width={6}
          />
          <RimField
            name={`trial/${setup.id}/${axle}/width`}
            value={widthIn}
            commit={setWidthIn}
            label="Width of the new wheel"
            range="rimWidthIn"
            width={5}
          />
        </div>
        <div className="field">
          <span className="label" id="trial-keeps">
            Keep in the tried place
          </span>
          <Segments<TrialKeeps>
            aria-labelledby="trial-keeps"
            options={[
              { value: 'outer', label: 'outer face' },
              { value: 'center', label: 'centerline' },
              { value: 'inner', label: 'inner face' },
            ]}
            value={keeps}
            onChange={setKeeps}
          />
        </div>
        {found !== null && (
          <p aria-live="polite">
            <span className="figure">
              {offsetFigure(offsetMm!)} − {lengths.figure(trialMm!)}
              {keeps !== 'center' && half !== 0 && ` ${keeps === 'outer' ? '+' : '−'} (${formatNumber(half)})`} ={' '}
              <b>{offsetFigure(found)} mm</b>
            </span>
            <br />
            <span className="soft">
              a wheel {rimFigure(widthIn!)} in wide with this offset, no spacer; same bearing moment as tried
            </span>
          </p>
        )}
      </div>
    </Dialog>
  );
}
