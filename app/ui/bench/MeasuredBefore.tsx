import { Checkbox, Radio } from 'antd';
import { TAKE_OVER, type KindSpread, type TakeOverGroup } from '#core/alike';
import type { MeasuredCar } from '#server/cars';
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
  if (cars.length === 0) return null;
  return (
    <fieldset className="measured-before">
      <legend className="label">Measured before</legend>
      <Radio.Group
        value={choice?.car.id ?? ''}
        onChange={({ target }) => {
          const car = cars.find(({ id }) => id === target.value);
          choose(car ? { car, take: car.groups } : null);
        }}
      >
        <Radio value="">Measure this car from the start</Radio>
        {cars.map(({ id, number, car, title, at }) => (
          <Radio key={id} value={id}>
            Start from <span className="figure">{number}</span> {car}
            {title && `, ${title}`}
            <span className="soft">
              {' '}
              <Moment at={at} />
            </span>
          </Radio>
        ))}
      </Radio.Group>
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
        <Checkbox
          key={name}
          checked={take.includes(name) || needed.includes(name)}
          disabled={needed.includes(name)}
          onChange={({ target }) =>
            choose({ car, take: target.checked ? [...take, name] : take.filter((one) => one !== name) })
          }
        >
          {TAKE_OVER[name].label}
        </Checkbox>
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
