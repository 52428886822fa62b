import { useMemo } from 'react';
import { USUAL_SPEEDS_KMH } from '#core/evaluate';
import { DomainError } from '#core/errors';
import { measureFigure, measureSign, readMeasure, type UnitChoice } from '#core/units';
import { RANGES } from '#formats/fields';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { TypedInput } from '../fields/TypedInput';
import { useEditAt } from '../parts/useEditAt';

const MOST_SPEEDS = 8;

/**
 * Reads a list of speeds, in km/h; bare numbers are in the reader's unit.
 * @throws DomainError on what is no speed, or too many of them
 */
function readSpeeds(text: string, unit: UnitChoice): number[] {
  const speeds = text
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map((part) => readMeasure(part, 'speed', unit));
  const [least, most] = RANGES.speedKmh;
  if (speeds.length === 0) throw new DomainError('needs speeds such as 50 80 100');
  if (speeds.length > MOST_SPEEDS) throw new DomainError(`no more than ${MOST_SPEEDS} speeds`);
  const odd = speeds.find((kmh) => kmh < least || kmh > most);
  if (odd !== undefined)
    throw new DomainError(
      `${measureFigure({ quantity: 'speed', value: odd, unit })} is outside` +
        ` ${measureFigure({ quantity: 'speed', value: least, unit })} to` +
        ` ${measureFigure({ quantity: 'speed', value: most, unit })}`,
    );
  return [...new Set(speeds)].sort((one, other) => one - other);
}

/** The speeds that table and chart look at. */
export function SpeedsField() {
  const { job } = useDocument();
  const { units: unit } = useLengths();
  const editAt = useEditAt();
  const show = (speeds: readonly number[]) =>
    speeds.map((kmh) => measureFigure({ quantity: 'speed', value: kmh, unit }).replace(/\.0$/, '')).join(' ');
  // A saved job comes back as another object; the same speeds must stay the same value, or a text being typed would be
  // dropped.
  const content = JSON.stringify(job.brief?.speedsKmh ?? null);
  const value = useMemo(() => JSON.parse(content) as number[] | null, [content]);
  return (
    <TypedInput<readonly number[]>
      name="brief/speedsKmh"
      value={value}
      commit={(speeds) => editAt(['brief', 'speedsKmh'], speeds)}
      label="Speeds to check"
      unit={measureSign('speed', unit)}
      width={14}
      placeholder={show(USUAL_SPEEDS_KMH)}
      show={show}
      read={(text) => readSpeeds(text, unit)}
    />
  );
}
