import type { CSSProperties } from 'react';
import './choice.css';

/** What may be chosen, and its words. */
export interface Option<T extends string | number> {
  value: T;
  label: string;
  disabled?: boolean;
}

interface ChoiceProps<T extends string | number> {
  value: NoInfer<T> | null;
  options: readonly Option<T>[];
  onChange(value: NoInfer<T>): void;
  /** What stands there while nothing is chosen. */
  placeholder?: string | undefined;
  id?: string;
  'aria-label'?: string;
  'aria-invalid'?: boolean;
  'aria-describedby'?: string;
  size?: 'usual' | 'small';
  disabled?: boolean;
  style?: CSSProperties;
  className?: string;
}

/** One of a list of words, in the list that the browser and the phone have for it. */
export function Choice<T extends string | number>({
  value,
  options,
  onChange,
  placeholder = '—',
  size = 'usual',
  className = '',
  ...rest
}: ChoiceProps<T>) {
  return (
    <select
      className={`choice is-${size} ${className}`}
      value={value ?? ''}
      onChange={({ target }) => {
        const chosen = options.find((option) => String(option.value) === target.value);
        if (chosen) onChange(chosen.value);
      }}
      {...rest}
    >
      {value === null && (
        <option value="" hidden>
          {placeholder}
        </option>
      )}
      {options.map((option) => (
        <option key={option.value} value={option.value} disabled={option.disabled}>
          {option.label}
        </option>
      ))}
    </select>
  );
}
