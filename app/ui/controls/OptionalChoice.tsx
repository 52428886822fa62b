import { Choice, type Option } from './Choice';
import type { ComponentProps } from 'react';

type Given = Omit<ComponentProps<typeof Choice<string>>, 'value' | 'options' | 'onChange'>;

interface OptionalChoiceProps<T extends string> extends Given {
  value: T | null;
  options: readonly Option<T>[];
  onChange(value: T | null): void;
}

/** A choice that can be taken back: its first line is for what is not known. */
export const OptionalChoice = <T extends string>({
  value,
  options,
  onChange,
  placeholder = '—',
  ...rest
}: OptionalChoiceProps<T>) => (
  <Choice<T | ''>
    {...rest}
    value={value ?? ''}
    options={[{ value: '', label: placeholder }, ...options]}
    onChange={(chosen) => onChange(chosen === '' ? null : chosen)}
  />
);
