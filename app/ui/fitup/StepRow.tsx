import { useState } from 'react';
import { stepState } from '#core/fitting';
import type { FittingStep } from '#core/sheet';
import { Button } from '../controls/Button';
import { CheckOutlined, MoreOutlined } from '../controls/icons';
import { Picture } from '../help/Picture';
import { Moment } from '../parts/Moment';
import { TextField } from '../fields/TextField';
import { doneOf, sayOfStep, tick, untick } from './fittingEdits';
import { StepFigure } from './StepFigure';
import { StepNotes } from './StepNotes';
import { StepTorque } from './StepTorque';
import type { FittingInHand } from './useFittings';
import { useHand } from './useHand';
import './fitup.css';

interface StepRowProps {
  number: number;
  step: FittingStep;
  inHand: FittingInHand;
  isNext: boolean;
  isClosed: boolean;
}

/** One step: what is done and why, its figure, who has done it; or why it is not needed. */
export function StepRow({ number, step, inHand, isNext, isClosed }: StepRowProps) {
  const { fitting } = inHand;
  const hand = useHand();
  const done = doneOf(fitting, step);
  const state = stepState(done);
  const [isOpen, setOpen] = useState(false);
  const press = () =>
    hand.edit(
      state === 'open' ? tick(fitting, step, { doneAt: hand.now(fitting), by: hand.by }) : untick(fitting, step),
    );
  return (
    <li className="step" data-state={state} aria-current={isNext ? 'step' : undefined}>
      <button
        type="button"
        className="step-tick"
        role="checkbox"
        aria-checked={state === 'done' ? true : state === 'open' ? false : 'mixed'}
        aria-label={`${number}. ${step.text}`}
        disabled={isClosed}
        onClick={press}
      >
        {state === 'done' ? <CheckOutlined /> : <span className="figure">{state === 'open' ? number : '–'}</span>}
      </button>
      <div className="step-body">
        <p className="step-text">
          {step.corner === null && <span className="step-of">whole car</span>} {step.text}
        </p>
        <p className="step-why">{step.because}</p>
        {isNext && step.expects?.figure === 'pokeMm' && <PokePicture />}
        {state === 'done' && (
          <p className="step-done">
            Done{done?.by ? ` by ${done.by}` : ''}, <Moment at={done!.doneAt!} format="D MMM HH:mm" />
          </p>
        )}
        {done?.notNeeded && !isOpen && <p className="step-done">Not needed: {done.notNeeded}</p>}
        {done?.result && !isOpen && <p className="step-done">Found: {done.result}</p>}
        {done?.note && !isOpen && <p className="step-done">Note: {done.note}</p>}
        <StepNotes fitting={fitting} step={step} isOpen={isOpen} />
        {isOpen && (
          <div className="step-words">
            {WORDS.map(([key, label, most]) => (
              <TextField
                key={key}
                name={`fitting/${fitting.id}/${step.keptAt}/${step.id}/${key}`}
                label={label}
                width={28}
                most={most}
                value={done?.[key] ?? null}
                commit={(text) => hand.edit(sayOfStep(fitting, step, [key, text]))}
              />
            ))}
          </div>
        )}
      </div>
      <StepFigure step={step} inHand={inHand} isClosed={isClosed} />
      <StepTorque step={step} inHand={inHand} />
      {!isClosed && (
        <Button
          className="step-more"
          kind="text"
          icon={<MoreOutlined />}
          aria-expanded={isOpen}
          aria-label={`Not needed, a note or a photo: step ${number}`}
          title="Not needed, a note or a photo"
          onClick={() => setOpen(!isOpen)}
        />
      )}
    </li>
  );
}

/** Where level and rule go. */
const PokePicture = () => (
  <figure className="step-picture">
    <Picture name="poke" title="Poke" />
    <figcaption className="step-why">
      Level upright on the lip, rule to the bulge: in is minus. A tire that pokes: level on the tire, rule to the lip.
    </figcaption>
  </figure>
);

const WORDS = [
  ['notNeeded', 'Not needed, because', 400],
  ['result', 'Found', 120],
  ['note', 'Note', 2000],
] as const;
