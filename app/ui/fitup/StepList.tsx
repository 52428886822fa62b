import { stepState, type Corner } from '#core/fitting';
import type { FittingStep } from '#core/sheet';
import { doneOf } from './fittingEdits';
import { StepRow } from './StepRow';
import type { FittingInHand } from './useFittings';
import './fitup.css';

interface StepListProps {
  inHand: FittingInHand;
  corner: Corner;
  /** Closed: it is read, not gone on with. */
  isClosed: boolean;
}

const keyOf = ({ keptAt, id, corner }: FittingStep): string => `${keptAt} ${corner ? 'corner' : 'car'} ${id}`;

/** The steps of a corner and those of the whole car between them, in the order in which they are done. */
export function StepList({ inHand, corner, isClosed }: StepListProps) {
  const { fitting, steps } = inHand;
  const shown = steps.filter((step) => step.corner === null || step.corner === corner);
  const next = shown.find((step) => stepState(doneOf(fitting, step)) === 'open');
  return (
    <ol className="steps" aria-label="Steps">
      {shown.map((step, at) => (
        <StepRow
          key={keyOf(step)}
          number={at + 1}
          step={step}
          inHand={inHand}
          isNext={!isClosed && step === next}
          isClosed={isClosed}
        />
      ))}
    </ol>
  );
}
