import { useId, useState } from 'react';
import { Input } from '../controls/Input';
import { Dialog } from '../controls/Dialog';
import { MeasuredBefore, type TakeOverChoice } from './MeasuredBefore';
import { useBenchCommand } from './useBenchCommand';
import { useCarsLike } from './useCarsLike';

/** A new job needs a car; everything else comes with the work. */
export function NewJobDialog({ close }: { close(): void }) {
  const { send, busy, answer } = useBenchCommand();
  const [car, setCar] = useState('');
  const [title, setTitle] = useState('');
  const [asked, setAsked] = useState(false);
  const cars = useCarsLike(car);
  const [chosen, choose] = useState<TakeOverChoice | null>(null);
  // What is no longer offered is not taken.
  const choice = chosen && cars.some(({ id }) => id === chosen.car.id) ? chosen : null;
  const id = useId();
  const missing = asked && car.trim() === '';
  const fault = answer?.faults[0];
  const start = () => {
    setAsked(true);
    if (car.trim() === '') return;
    const from = choice && choice.take.length > 0 ? { job: choice.car.id, take: [...choice.take] } : null;
    void send({ intent: 'new', car, title, ...(from ? { from } : {}) });
  };
  return (
    <Dialog
      onCancel={close}
      onOk={start}
      okText={choice ? `Start from ${choice.car.number}` : 'Start with the readings'}
      busy={busy}
      title="New job"
      width={440}
    >
      <form
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          start();
        }}
      >
        <div className="field">
          <label className="label" htmlFor={`${id}car`}>
            Car
          </label>
          <Input
            id={`${id}car`}
            value={car}
            maxLength={120}
            aria-invalid={missing}
            aria-describedby={missing ? `${id}fault` : undefined}
            placeholder="what stands on the floor"
            onChange={(event) => setCar(event.target.value)}
          />
          {missing && (
            <div id={`${id}fault`} className="field-fault" role="alert">
              needs a name
            </div>
          )}
        </div>
        <div className="field">
          <label className="label" htmlFor={`${id}title`}>
            Title
          </label>
          <Input
            id={`${id}title`}
            value={title}
            maxLength={120}
            placeholder="tarmac set"
            onChange={(event) => setTitle(event.target.value)}
          />
        </div>
        <MeasuredBefore cars={cars} choice={choice} choose={choose} />
        {fault && (
          <div className="field-fault" role="alert">
            {fault.message}
          </div>
        )}
        <button type="submit" hidden />
      </form>
    </Dialog>
  );
}
