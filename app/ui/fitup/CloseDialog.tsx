import { useId, useState } from 'react';
import { OUTCOMES, nextTurn, stepState } from '#core/fitting';
import type { Edit } from '#core/job';
import { capital } from '#core/text';
import { Dialog } from '../controls/Dialog';
import { Segments } from '../controls/Segments';
import { TextField } from '../fields/TextField';
import { doneOf } from './fittingEdits';
import type { FittingInHand } from './useFittings';
import { useHand } from './useHand';

type Outcome = (typeof OUTCOMES)[number];

/** Closes a fitting: what became of it, and why. Says what is open, and stops nobody. */
export function CloseDialog({
  inHand: { fitting, steps, tightenings },
  close,
}: {
  inHand: FittingInHand;
  close(): void;
}) {
  const hand = useHand();
  const id = useId();
  const [outcome, setOutcome] = useState<Outcome>(fitting.outcome ?? (fitting.kind === 'final' ? 'kept' : 'taken off'));
  const [why, setWhy] = useState<string | null>(fitting.why ?? null);
  const open = steps.filter((step) => stepState(doneOf(fitting, step)) === 'open').length;
  const loose = tightenings.filter((one) => nextTurn(one, fitting.corners[one.corner]?.torque ?? [])).length;
  const done = () => {
    const path = ['fittings', fitting.id];
    const edits: Edit[] = [
      { op: 'set', path: [...path, 'finishedAt'], value: hand.now(fitting) },
      { op: 'set', path: [...path, 'outcome'], value: outcome },
      why ? { op: 'set', path: [...path, 'why'], value: why } : { op: 'clear', path: [...path, 'why'] },
    ];
    hand.edit(edits);
    close();
  };
  return (
    <Dialog title="Close the fitting" width={480} onCancel={close} okText="Close it" onOk={done}>
      <div className="dialog-form">
        {open > 0 && (
          <p>
            {open} of {steps.length} steps {open === 1 ? 'is' : 'are'} open.
          </p>
        )}
        {loose > 0 && fitting.kind === 'final' && outcome === 'kept' && (
          <p className="is-fail" role="alert">
            {loose} {loose === 1 ? 'joint has' : 'joints have'} not had every stage of torque. Do not drive on it.
          </p>
        )}
        <div className="field">
          <span className="label" id={id}>
            The setup
          </span>
          <Segments<Outcome>
            aria-labelledby={id}
            options={OUTCOMES.map((value) => ({ value, label: capital(value) }))}
            value={outcome}
            onChange={setOutcome}
          />
        </div>
        <TextField name={`fitting/${fitting.id}/why`} label="Why" width={36} most={400} value={why} commit={setWhy} />
      </div>
    </Dialog>
  );
}
