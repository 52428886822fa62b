import { DomainError } from '#core/errors';
import { inchesFromMm, readLength, readNumber, rimFigure } from '#core/units';
import { rangeOf, type Range, type RangeName } from '#formats/fields';
import { keypadFor } from './keypad';
import { TypedInput, type TypedInputProps } from './TypedInput';

type Shown = Omit<TypedInputProps<number>, 'show' | 'read'> & { range: RangeName | Range };

/** A plain number in the unit that stands behind it. */
export function NumberField({
  range,
  whole,
  check,
  ...props
}: Shown & { whole?: boolean; check?(value: number): string | null }) {
  return (
    <TypedInput
      {...props}
      keypad={keypadFor(range)}
      show={(value) => String(value)}
      read={(text) => {
        const value = readNumber(text);
        if (whole && !Number.isInteger(value)) throw new DomainError('must be a whole number');
        const within = inRange(value, range, props.unit);
        const fault = check?.(within);
        if (fault) throw new DomainError(fault);
        return within;
      }}
    />
  );
}

/** A rim width or diameter: inches, in the trade whatever the unit of the rest. */
export function RimField({ range, ...props }: Shown) {
  return (
    <TypedInput
      {...props}
      keypad="decimal"
      unit="in"
      show={rimFigure}
      read={(text) => {
        const inches = Number(inchesFromMm(readLength(text.replace(/j$/i, ''), 'in')).toFixed(4));
        return inRange(inches, range, 'in');
      }}
    />
  );
}

function inRange(value: number, range: RangeName | Range, unit: string | undefined): number {
  const [least, most] = rangeOf({ range });
  if (value < least || value > most)
    throw new DomainError(`${value} is outside ${least} to ${most}${unit ? ` ${unit}` : ''}`);
  return value;
}
