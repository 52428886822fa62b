import { useDocument } from '../../job/DocumentContext';
import { MeasureField } from '../fields/MeasureField';
import { TextField } from '../fields/TextField';
import { useFieldOver } from '../parts/useFieldOver';

/** Whose car it is, and which: searched on the bench, left out of files unless asked for. */
export function CustomerFields() {
  const { job } = useDocument();
  const over = useFieldOver();
  const { customer } = job;
  return (
    <section>
      <h2>Customer</h2>
      <div className="field-columns">
        <TextField {...over(['customer', 'name'], customer?.name)} label="Name" width={20} />
        <TextField {...over(['customer', 'contact'], customer?.contact)} label="Contact" width={20} most={200} />
        <TextField {...over(['customer', 'plate'], customer?.plate)} label="Plate" width={10} most={20} />
        <TextField {...over(['customer', 'vin'], customer?.vin)} label="VIN" width={20} most={40} />
        <MeasureField
          {...over(['customer', 'odometerKm'], customer?.odometerKm)}
          label="Odometer"
          quantity="distance"
          range="odometerKm"
          width={8}
        />
      </div>
      <p className="soft">Found by the search on the bench. Not in a job file, unless it is asked for.</p>
    </section>
  );
}
