import { useId, useState } from 'react';
import { DomainError } from '#core/errors';
import { readLine, type LineSettings } from '#core/instrument';
import { formatMeasure } from '#core/units';
import { Input } from '../controls/Input';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import './instruments.css';

/** A line as the instrument sends it, to see what is made of it before it is relied on. */
export function TriedLine(settings: Pick<LineSettings, 'pattern' | 'unit'>) {
  const [line, setLine] = useState('');
  const lengths = useLengths();
  const id = useId();
  return (
    <div className="instrument-wide">
      <label className="label" htmlFor={id}>
        Try a line
      </label>
      <Input
        id={id}
        className="figure"
        autoComplete="off"
        value={line}
        placeholder="+012.34 mm"
        onChange={({ target }) => setLine(target.value)}
      />
      <p role="status" className="soft">
        {line.trim() === ''
          ? 'What the instrument sends, as it stands in its manual.'
          : heardText(line, settings, lengths)}
      </p>
    </div>
  );
}

function heardText(line: string, settings: Pick<LineSettings, 'pattern' | 'unit'>, { text, units }: Lengths): string {
  try {
    const { quantity, value } = readLine(line, settings);
    return `reads ${quantity === 'length' ? text(value) : formatMeasure({ quantity, value, unit: units })}`;
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return error.message;
  }
}
