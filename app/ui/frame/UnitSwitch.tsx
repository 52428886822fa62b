import { Segmented, Tooltip } from 'antd';
import { memo } from 'react';
import { LENGTH_UNITS, type LengthUnit } from '#core/units';
import { usePreferences } from '../../preferences/PreferencesContext';

const NAMES: Record<LengthUnit, string> = { mm: 'mm', in: 'in', in16: '1⁄16', in32: '1⁄32' };

/** The unit after the given one, for the key that steps through them. */
export const nextUnit = (unit: LengthUnit): LengthUnit =>
  LENGTH_UNITS[(LENGTH_UNITS.indexOf(unit) + 1) % LENGTH_UNITS.length]!;

/** Millimetres, decimal inches, or inches in sixteenths or thirty-seconds. */
export const UnitSwitch = memo(() => {
  const { unit, choose } = usePreferences();
  return (
    <Tooltip title="Unit of all lengths (U)">
      <Segmented<LengthUnit>
        aria-label="Unit of all lengths"
        options={LENGTH_UNITS.map((value) => ({ value, label: NAMES[value] }))}
        value={unit}
        onChange={(value) => choose({ unit: value })}
      />
    </Tooltip>
  );
});
UnitSwitch.displayName = 'UnitSwitch';
