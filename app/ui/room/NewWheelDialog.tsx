import { useState } from 'react';
import { fitPresent } from '#core/evaluate';
import { presentAsSetupAxle, wheelCode, type AxleName } from '#core/job';
import { formatNumber, offsetFigure, rimFigure, roundTo } from '#core/units';
import { backspacingMm, offsetFromBackspacingMm, wheelFromRoom } from '#core/wheel';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';

/** The widths that rims are made in, inches. */
const WIDTH_STEP_IN = 0.5;

/** From the room to spare on each side of the present wheel to the wheel that uses it: W + Δin + Δout, BS + Δin. */
export function NewWheelDialog({ axle, close }: { axle: AxleName; close(): void }) {
  const { job } = useDocument();
  const put = usePutSetup();
  const lengths = useLengths();
  const { wheel, effectiveOffsetMm, flangeMm } = fitPresent(job.vehicle, axle);
  const [inMm, setIn] = useState<number | null>(null);
  const [outMm, setOut] = useState<number | null>(null);
  const width = wheel.rimWidthIn ?? null;
  const found =
    width === null || effectiveOffsetMm === null || inMm === null || outMm === null
      ? null
      : wheelFromRoom({ rimWidthIn: width, offsetMm: effectiveOffsetMm }, { inboard: inMm, outboard: outMm }, flangeMm);
  // The next width that is made, its back flange where the room inboard puts it.
  const madeIn = found && Math.floor(found.rimWidthIn / WIDTH_STEP_IN + 1e-9) * WIDTH_STEP_IN;
  const madeOffset =
    found &&
    madeIn &&
    offsetFromBackspacingMm({
      rimWidthIn: madeIn,
      backspacing: found.backspacingOverallMm,
      flangeMm,
      convention: 'overall',
    });
  const make = () => {
    if (!madeIn || madeOffset === null) return;
    const present = presentAsSetupAxle(job.vehicle, axle) ?? {};
    const {
      offsetMm: _,
      backspacingMm: __,
      backspacingConvention: ___,
      innerFace: ____,
      ...kept
    } = present.wheel ?? {};
    const made = { ...present, stack: [], wheel: { ...kept, rimWidthIn: madeIn, offsetMm: roundTo(madeOffset, 1) } };
    put({ setup: { [axle]: made }, label: wheelCode(made, job.vehicle.flangeMm) });
  };
  const field = (side: 'inboard' | 'outboard', value: number | null, commit: (mm: number | null) => void) => (
    <LengthField
      name={`new-wheel/${axle}/${side}`}
      value={value}
      commit={commit}
      label={`Space left, ${side}`}
      range="spareRoomMm"
      width={6}
    />
  );
  return (
    <Dialog
      onCancel={close}
      title={`Space for a new wheel, ${axle}`}
      width={520}
      okText="Make a setup"
      okDisabled={!madeIn}
      onOk={make}
    >
      {/* Enter in a field takes the reading and shows what comes of it; a setup is made by its button alone. */}
      <form className="dialog-form" onSubmit={(event) => event.preventDefault()}>
        {width === null || effectiveOffsetMm === null ? (
          <p>Rim width and offset of the wheel on the car now are needed first.</p>
        ) : (
          <p>
            On the car now:{' '}
            <b className="figure">
              {rimFigure(width)} in, offset {offsetFigure(effectiveOffsetMm)}
            </b>
            , overall backspacing{' '}
            {lengths.text(
              backspacingMm({ rimWidthIn: width, offsetMm: effectiveOffsetMm, flangeMm, convention: 'overall' }),
            )}
            , spacers included. How much further may a new wheel reach on each side?
          </p>
        )}
        <div className="field-wrap">
          {field('inboard', inMm, setIn)}
          {field('outboard', outMm, setOut)}
        </div>
        {found && (
          <div aria-live="polite">
            <p className="figure">
              width {rimFigure(width!)} + ({lengths.figure(inMm)} + {lengths.figure(outMm)}) ={' '}
              <b>{formatNumber(found.rimWidthIn, 2)} in</b>
              <br />
              backspacing + {lengths.figure(inMm)} = <b>{lengths.text(found.backspacingOverallMm)}</b> overall
              <br />
              offset <b>{offsetFigure(found.offsetMm)} mm</b>
            </p>
            {madeIn !== null && madeIn > 0 && madeOffset !== null && (
              <p>
                Nearest made:{' '}
                <b className="figure">
                  {rimFigure(madeIn)} in, offset {offsetFigure(madeOffset)}
                </b>{' '}
                <span className="soft">the next width down, with the inboard space used; keeps the present tire</span>
              </p>
            )}
          </div>
        )}
      </form>
    </Dialog>
  );
}
