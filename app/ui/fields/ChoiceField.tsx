import { useId } from 'react';
import { OptionalChoice } from '../controls/OptionalChoice';
import { drawingLength } from '../drawing/measures';

interface ChoiceFieldProps<T extends string> {
  label: string;
  value: T | null;
  choices: readonly (readonly [T, string])[];
  commit(value: T | null): void;
  width?: number;
  placeholder?: string;
}

/** One of a few words; emptied, it counts as not known. */
export function ChoiceField<T extends string>({
  label,
  value,
  choices,
  commit,
  width = 150,
  placeholder = '—',
}: ChoiceFieldProps<T>) {
  const id = useId();
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        {label}
      </label>
      <OptionalChoice<T>
        id={id}
        value={value}
        placeholder={placeholder}
        style={{ width: drawingLength(width) }}
        options={choices.map(([key, name]) => ({ value: key, label: name }))}
        onChange={commit}
      />
    </div>
  );
}
