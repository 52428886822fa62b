import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { CLASSES, DRIVES } from '../fields/choices';
import { LengthField } from '../fields/LengthField';
import { TextField } from '../fields/TextField';
import { DEFAULT_FLANGE_MM } from '#core/wheel';
import { useEditAt } from '../parts/useEditAt';
import { useFieldOver } from '../parts/useFieldOver';
import './hub.css';

/** Whose car it is and of what kind, and what the job is called. */
export function JobFields() {
  const { job } = useDocument();
  const lengths = useLengths();
  const editAt = useEditAt();
  const over = useFieldOver();
  const { vehicle } = job;
  return (
    <form className="car-fields" aria-label="Car" onSubmit={(event) => event.preventDefault()}>
      <h2 className="label">Car and job</h2>
      <TextField {...over(['vehicle', 'label'], vehicle.label)} label="Car" width={24} />
      <TextField {...over(['title'], job.title)} label="Job title" width={30} />
      <ChoiceField
        label="Driven wheels"
        value={vehicle.drive ?? null}
        choices={DRIVES}
        commit={(value) => editAt(['vehicle', 'drive'], value)}
        width={140}
      />
      <ChoiceField
        label="Class"
        value={vehicle.class ?? null}
        choices={CLASSES}
        commit={(value) => editAt(['vehicle', 'class'], value)}
        width={160}
      />
      <LengthField
        {...over(['vehicle', 'flangeMm'], vehicle.flangeMm)}
        label="Flange, each side"
        range="flangeMm"
        placeholder={lengths.figure(DEFAULT_FLANGE_MM)}
        assumed={vehicle.flangeMm == null ? 'usual' : undefined}
        width={5}
      />
    </form>
  );
}
