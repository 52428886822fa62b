import { MeasureView } from '../ui/measure/MeasureView';

/** At the car: one reading at a time, in the order of a walk round it. */
export default function MeasurePage() {
  return <MeasureView />;
}
