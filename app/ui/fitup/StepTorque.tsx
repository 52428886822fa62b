import { nextTurn } from '#core/fitting';
import { formatMeasure } from '#core/units';
import type { FittingStep } from '#core/sheet';
import { Button } from '../controls/Button';
import { useLengths } from '../../preferences/PreferencesContext';
import type { FittingInHand } from './useFittings';
import './fitup.css';

/** How far the torque of a step is, and the way to its fasteners. */
export function StepTorque({ step, inHand }: { step: FittingStep; inHand: FittingInHand }) {
  const { units: unit } = useLengths();
  const tightening = inHand.tightenings.find((one) => one.step === step.id && one.corner === step.corner);
  if (!tightening) return null;
  const due = nextTurn(tightening, inHand.fitting.corners[tightening.corner]?.torque ?? []);
  const goTo = () => {
    const circle = document.querySelector<HTMLElement>('.stud-circle');
    circle?.scrollIntoView({ block: 'center' });
    circle?.querySelector<HTMLElement>('[data-next=true]')?.focus({ preventScroll: true });
  };
  return (
    <div className="step-figure">
      <p className="step-predicted">
        {due
          ? `stage ${due.stage} of ${tightening.stagesNm.length}, next: fastener ${due.fastener} to ` +
            formatMeasure({ quantity: 'torque', value: due.nm, unit })
          : 'every stage is done'}
      </p>
      <Button onClick={goTo}>To the fasteners</Button>
    </div>
  );
}
