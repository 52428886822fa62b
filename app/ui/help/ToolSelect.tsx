import { wasOverdue } from '#core/instrument';
import type { Taken } from '#core/job';
import { Choice } from '../controls/Choice';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import type { Tool } from './useTool';

interface ToolSelectProps {
  tool: Tool;
  id?: string;
  label?: string;
}

/** Chooses what readings are taken with: a kind of tool, or an instrument of the shop. */
export function ToolSelect({ tool, id, label }: ToolSelectProps) {
  const lengths = useLengths();
  return (
    <Choice
      {...(id === undefined ? {} : { id })}
      {...(label === undefined ? {} : { 'aria-label': label })}
      value={tool.value}
      onChange={tool.choose}
      style={{ width: '100%' }}
      options={tool.options.map(({ value, name, taken }) => ({ value, label: `${name}${sureText(taken, lengths)}` }))}
    />
  );
}

/** What a tool's readings are good for; and that its calibration has run out. */
function sureText({ uncertaintyMm, shopInstrument }: Taken, lengths: Lengths): string {
  const sure = uncertaintyMm === null ? '' : `, ${lengths.plusMinus(uncertaintyMm)}`;
  const isOverdue = shopInstrument && wasOverdue(shopInstrument, new Date().toISOString());
  return isOverdue ? `${sure}, calibration overdue` : sure;
}
