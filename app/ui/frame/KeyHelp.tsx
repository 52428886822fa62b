import { Check } from '../controls/Check';
import { Dialog } from '../controls/Dialog';
import { usePreferences } from '../../preferences/PreferencesContext';
import { STATIONS } from './stations';

const KEYS: readonly (readonly [string[], string])[] = [
  [['[', ']'], 'offset 1 mm less or more, with Shift 5 mm'],
  [['-', '='], 'stack 1 mm less or more, with Shift 5 mm; in Brakes the trial stack'],
  [['J', 'K'], 'next, previous setup'],
  [['N'], 'new setup from what is on the car'],
  [['D'], 'duplicate this setup'],
  [['A'], 'front or rear axle'],
  [['V'], 'Stance'],
  [['L'], 'right or left side, in Room, Sweep and Stance'],
  [['P'], 'in the Room: gaps at rest, or nearby parts'],
  [['Y'], 'in Sweep and Stance: play from lock to lock'],
  [['←', '→', '↑', '↓'], 'on the Sweep map: steering and travel, with Shift further; Home goes to the least clearance'],
  [
    ['←', '→', '↑', '↓'],
    'on the picture of Stance: turn it, with Shift move it; + and − nearer and further; Home puts it back',
  ],
  [['='], 'in Hub and Room: rear as front, or left as right, where nothing is given yet'],
  [['Enter'], 'in Hub and Room: the next reading that is missing'],
  [['Esc'], 'take back what was typed; again, leave the field'],
  [['F'], 'fields as a list, or on the drawing'],
  [['H'], 'hardware of a setup, or its corner'],
  [['T'], 'tire of a setup, or its corner'],
  [['C'], 'whole car with a setup, or its corner'],
  [['M'], 'cost of a setup, or its corner'],
  [['S'], 'with the tire: other tire sizes'],
  [['R'], 'in Brakes: all wheels by clearance, or one in section; in the Sweep: remedies'],
  [['N'], 'in the Window: a setup at the place pointed at; arrow keys move that place'],
  [['W'], 'show or hide all working'],
  [['O'], 'a note, with photos, about what is looked at'],
  [['U'], 'next unit'],
  [['Ctrl', 'wheel'], 'a drawing closer, as two fingers do; drag it once it is'],
  [['Ctrl', 'Z'], 'undo'],
  [['Shift', 'Ctrl', 'Z'], 'redo'],
  [['?'], 'this list'],
];

const IN_DIGITS = STATIONS.filter(({ key }) => /\d/.test(key));

/** The keys, in one list. None of them acts while something is typed, single ones only where they are wanted. */
export function KeyHelp({ close }: { close(): void }) {
  const { keys, choose } = usePreferences();
  return (
    <Dialog onCancel={close} footer={null} title="Keys" width={520}>
      <Check checked={keys === 'on'} onChange={({ target }) => choose({ keys: target.checked ? 'on' : 'off' })}>
        Single keys act (Ctrl Z always does)
      </Check>
      <dl className="keys">
        <div>
          <dt>
            <kbd>1</kbd>–<kbd>0</kbd>
          </dt>
          <dd>{IN_DIGITS.map(({ name }) => name).join(', ')}</dd>
        </div>
        {KEYS.map(([signs, meaning]) => (
          <div key={meaning}>
            <dt>
              {signs.map((sign) => (
                <kbd key={sign}>{sign}</kbd>
              ))}
            </dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
      <p className="caution-note">
        Figures are geometry. The test fit on the car decides: on stands, wheels chocked, torque as the maker specifies.
      </p>
    </Dialog>
  );
}
