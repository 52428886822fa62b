import { CloseOutlined } from './icons';
import { Button } from './Button';
import type { Option } from './Choice';
import { DeedChoice } from './DeedChoice';
import './choices.css';

interface ChoicesProps<T extends string> {
  id: string;
  value: readonly T[];
  options: readonly Option<T>[];
  onChange(value: T[]): void;
  /** How many may be chosen. */
  most: number;
  placeholder: string;
}

/** Several of a list of words: each stands with a way to leave it out, and the list adds one more. */
export const Choices = <T extends string>({ id, value, options, onChange, most, placeholder }: ChoicesProps<T>) => (
  <>
    <ul className="choices">
      {value.map((one) => {
        const { label = one } = options.find((option) => option.value === one) ?? {};
        return (
          <li key={one}>
            {label}
            <Button
              kind="text"
              size="small"
              icon={<CloseOutlined />}
              aria-label={`Leave out ${label}`}
              onClick={() => onChange(value.filter((other) => other !== one))}
            />
          </li>
        );
      })}
    </ul>
    <DeedChoice<T>
      id={id}
      placeholder={value.length >= most ? `no more than ${most}` : placeholder}
      disabled={value.length >= most}
      options={options.filter((option) => !value.includes(option.value))}
      onChange={(one) => onChange([...value, one])}
    />
  </>
);
