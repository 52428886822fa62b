import { useId, type ReactNode } from 'react';
import './segments.css';

interface SegmentsProps<T extends string | number> {
  'aria-label'?: string;
  'aria-labelledby'?: string;
  id?: string;
  options: readonly { value: T; label: ReactNode; disabled?: boolean; title?: string | undefined }[];
  value: NoInfer<T>;
  onChange(value: NoInfer<T>): void;
  size?: 'usual' | 'small';
  disabled?: boolean;
}

/** A few words to choose one of; a single stop of the Tab key, the arrows choose. */
export function Segments<T extends string | number>({
  options,
  value,
  onChange,
  size = 'usual',
  disabled = false,
  ...rest
}: SegmentsProps<T>) {
  const name = useId();
  return (
    <div role="radiogroup" className={`segments is-${size}`} {...rest}>
      {options.map((option) => (
        <label key={option.value} className="segment" title={option.title}>
          <input
            type="radio"
            className="visually-hidden"
            name={name}
            checked={option.value === value}
            disabled={disabled || option.disabled}
            onChange={() => onChange(option.value)}
          />
          <span>{option.label}</span>
        </label>
      ))}
    </div>
  );
}
