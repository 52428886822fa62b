import { formatLength, lengthFigure, offsetFigure, readLength, type LengthUnit } from '#core/units';
import { DomainError } from '#core/errors';
import { rangeOf, type Range, type RangeName } from '#formats/fields';
import { useLengths } from '../../preferences/PreferencesContext';
import { keypadFor } from './keypad';
import { TypedInput, type TypedInputProps } from './TypedInput';

type Shown = Omit<TypedInputProps<number>, 'show' | 'read' | 'unit'>;

/** A length of the job in the chosen unit; what is typed may name its own. */
export function LengthField({
  range,
  check,
  ...props
}: Shown & { range: RangeName | Range; check?(mm: number): string | null }) {
  const { unit, bare, sign } = useLengths();
  return (
    <TypedInput
      measures="length"
      {...props}
      keypad={keypadFor(range, unit !== 'mm')}
      unit={sign}
      show={(mm) => lengthFigure(mm, unit)}
      read={(text) => {
        const mm = inRange(readLength(text, bare), range, unit);
        const fault = check?.(mm);
        if (fault) throw new DomainError(fault);
        return mm;
      }}
    />
  );
}

/** An offset: the trade writes it in mm with its sign, whatever the unit of the rest. */
export function OffsetField(props: Shown) {
  return (
    <TypedInput
      measures="length"
      {...props}
      unit="mm"
      show={offsetFigure}
      read={(text) => inRange(readLength(text, 'mm'), 'offsetMm', 'mm')}
    />
  );
}

function inRange(mm: number, range: RangeName | Range, unit: LengthUnit): number {
  const [least, most] = rangeOf({ range });
  if (mm < least || mm > most)
    throw new DomainError(
      `${formatLength(mm, unit)} is outside ${lengthFigure(least, unit)} to ${formatLength(most, unit)}`,
    );
  return mm;
}
