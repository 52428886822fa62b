import { useId } from 'react';
import { TAKE_OVER, type KindSpread, type TakeOverGroup } from '#core/alike';
import type { MeasuredCar } from '#server/cars';
import { Check } from '../controls/Check';
import { useLengths } from '../../preferences/PreferencesContext';
import { Moment } from '../parts/Moment';
import './bench.css';

/** The car whose readings a job begins with, and which of them. */
export interface TakeOverChoice {
  car: MeasuredCar;
  take: readonly TakeOverGroup[];
}

interface MeasuredBeforeProps {
  cars: readonly MeasuredCar[];
  choice: TakeOverChoice | null;
  choose(choice: TakeOverChoice | null): void;
}

/** Cars that were measured before under such a label: a new job may begin with their readings. */
export function MeasuredBefore({ cars, choice, choose }: MeasuredBeforeProps) {
  const name = useId();
  if (cars.length === 0) return null;
  return (
    <fieldset className="measured-before">
      <legend className="label">Measured before</legend>
      <Check type="radio" name={name} checked={choice === null} onChange={() => choose(null)}>
        Measure this car from the start
      </Check>
      {cars.map((one) => (
        <Check
          key={one.id}
          type="radio"
          name={name}
          checked={choice?.car.id === one.id}
          onChange={() => choose({ car: one, take: one.groups })}
        >
          Start from <span className="figure">{one.number}</span> {one.car}
          {one.title && `, ${one.title}`}
          <span className="soft">
            {' '}
            <Moment at={one.at} />
          </span>
        </Check>
      ))}
      {choice && <Chosen choice={choice} choose={choose} />}
    </fieldset>
  );
}

function Chosen({ choice: { car, take }, choose }: { choice: TakeOverChoice; choose(choice: TakeOverChoice): void }) {
  const lengths = useLengths();
  const needed = take.filter((name) => name in NEEDS).map((name) => NEEDS[name]);
  return (
    <div className="taken-over">
      {car.groups.map((name) => (
        <Check
          key={name}
          checked={take.includes(name) || needed.includes(name)}
          disabled={needed.includes(name)}
          onChange={({ target }) =>
            choose({ car, take: target.checked ? [...take, name] : take.filter((one) => one !== name) })
          }
        >
          {TAKE_OVER[name].label}
        </Check>
      ))}
      <p className="soft" role="status">
        {spreadText(car.spread, lengths.plusMinus(car.spread.plusMinusMm))} Each reading says that it comes from{' '}
        {car.number}; read it again on this car, and that one counts.
      </p>
    </div>
  );
}

/** What a matter means nothing without. */
const NEEDS: Partial<Record<TakeOverGroup, TakeOverGroup>> = Object.fromEntries(
  Object.entries(TAKE_OVER).flatMap(([name, group]) => ('needs' in group ? [[name, group.needs]] : [])),
);

const spreadText = ({ cars, isOwn }: KindSpread, plusMinus: string): string =>
  isOwn
    ? `Readings taken over are less certain by ${plusMinus}: so far do the ${cars} of this kind here differ.`
    : `Readings taken over are less certain by ${plusMinus}, the usual figure until three of a kind are measured.`;
