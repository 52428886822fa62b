import { memo, useId } from 'react';
import {
  LENGTH_UNITS,
  measureUnits,
  setOf,
  UNIT_SETS,
  type LengthUnit,
  type Units,
  type UnitSetName,
} from '#core/units';
import { Button } from '../controls/Button';
import { Popover } from '../controls/Popover';
import { Choice } from '../controls/Choice';
import { SettingOutlined } from '../controls/icons';
import { Tip } from '../controls/Tip';
import { Segments } from '../controls/Segments';
import { useLengths, usePreferences } from '../../preferences/PreferencesContext';

const NAMES: Record<LengthUnit, string> = { mm: 'mm', in: 'in', in16: '1⁄16', in32: '1⁄32' };

/** Millimeters, decimal inches, or inches in sixteenths or thirty-seconds; beside it the units of everything else. */
export const UnitSwitch = memo(() => {
  const { unit, choose } = usePreferences();
  return (
    <>
      <Tip title="Unit of all lengths (U)">
        <Segments<LengthUnit>
          aria-label="Unit of all lengths"
          options={LENGTH_UNITS.map((value) => ({ value, label: NAMES[value] }))}
          value={unit}
          onChange={(value) => choose({ unit: value })}
        />
      </Tip>
      <Popover
        label="Units"
        button={(opens) => (
          <Button
            kind="text"
            aria-label="Units of weight, pressure, speed and torque"
            icon={<SettingOutlined />}
            {...opens}
          />
        )}
      >
        <OtherUnits />
      </Popover>
    </>
  );
});
UnitSwitch.displayName = 'UnitSwitch';

const SET_NAMES: Record<UnitSetName, string> = { metric: 'Metric', uk: 'UK', us: 'US' };
const QUANTITIES: readonly (readonly [Exclude<keyof Units, 'length'>, string])[] = [
  ['torque', 'Torque'],
  ['pressure', 'Tire pressure'],
  ['speed', 'Speed and distance'],
  ['mass', 'Weight'],
];

/** The three usual sets, and each quantity for itself. */
function OtherUnits() {
  const { measures, choose } = usePreferences();
  const { units } = useLengths();
  const id = useId();
  return (
    <div className="other-units">
      <h2 className="label">Units</h2>
      <Segments<UnitSetName | 'own'>
        aria-label="A usual set of units"
        options={(Object.keys(SET_NAMES) as UnitSetName[]).map((value) => ({ value, label: SET_NAMES[value] }))}
        value={setOf(units) ?? 'own'}
        onChange={(name) => {
          if (name === 'own') return;
          const { length, ...rest } = UNIT_SETS[name];
          choose({ unit: length, measures: rest });
        }}
      />
      {QUANTITIES.map(([quantity, name]) => (
        <div key={quantity} className="field">
          <label className="label" htmlFor={`${id}${quantity}`}>
            {name}
          </label>
          <Choice
            id={`${id}${quantity}`}
            value={measures[quantity]}
            options={measureUnits(quantity).map((value) => ({ value, label: value }))}
            onChange={(value) => choose({ measures: { ...measures, [quantity]: value } })}
            style={{ width: '6.875rem' }}
          />
        </div>
      ))}
    </div>
  );
}
