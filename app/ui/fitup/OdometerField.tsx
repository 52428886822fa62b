import { MeasureField } from '../fields/MeasureField';

interface OdometerFieldProps {
  /** Names what it belongs to across the job. */
  name: string;
  value: number | null;
  commit(km: number | null): void;
}

/** What the odometer shows; left empty, it was not read. */
export const OdometerField = ({ name, value, commit }: OdometerFieldProps) => (
  <MeasureField
    quantity="distance"
    name={`${name}/odometer`}
    label="Odometer"
    range="odometerKm"
    width={8}
    placeholder="not read"
    value={value}
    commit={commit}
  />
);
