import { DomainError } from '#core/errors';
import { formatMeasure, measureFigure, measureSign, readMeasure, type Quantity } from '#core/units';
import { rangeOf, type Range, type RangeName } from '#formats/fields';
import { useLengths } from '../../preferences/PreferencesContext';
import { keypadFor } from './keypad';
import { TypedInput, type TypedInputProps } from './TypedInput';

type Shown = Omit<TypedInputProps<number>, 'show' | 'read' | 'unit'>;

/** A mass, pressure, speed or torque in the reader's unit; what is typed may name its own (`35 psi`, `2.4 bar`). */
export function MeasureField({ quantity, range, ...props }: Shown & { quantity: Quantity; range: RangeName | Range }) {
  const { units: unit } = useLengths();
  const [least, most] = rangeOf({ range });
  return (
    <TypedInput
      measures={quantity === 'torque' ? 'torque' : undefined}
      {...props}
      keypad={keypadFor(range)}
      unit={measureSign(quantity, unit)}
      show={(value) => measureFigure({ quantity, value, unit })}
      read={(text) => {
        const value = readMeasure(text, quantity, unit);
        if (value < least || value > most)
          throw new DomainError(
            `${formatMeasure({ quantity, value, unit })} is outside` +
              ` ${measureFigure({ quantity, value: least, unit })} to` +
              ` ${formatMeasure({ quantity, value: most, unit })}`,
          );
        return value;
      }}
    />
  );
}
