import { useState } from 'react';
import type { Turn } from '#core/fitting';
import { formatMeasure, type UnitChoice } from '#core/units';
import { Button } from '../controls/Button';
import { readWrenchScript } from '../../instruments/wrenchScript';
import { useLengths } from '../../preferences/PreferencesContext';
import { MeasureField } from '../fields/MeasureField';
import { FloatingPanel, HandRow } from '../instruments/FloatingPanel';
import { ScriptField } from '../instruments/ScriptField';
import { DisconnectOutlined } from '../controls/icons';
import { pullFaultText } from './pullWords';
import type { Torque } from './useTorque';

interface WrenchPanelProps {
  torque: Torque;
  due: Turn | null;
  chosen: number | null;
  close(): void;
}

/** A wrench without a wrench: it is pulled to a value, clicks, and what it says is kept; a script plays it. */
export function WrenchPanel({ torque: { wrench, isPlugged, heard }, due, chosen, close }: WrenchPanelProps) {
  const { units } = useLengths();
  const [typed, setTyped] = useState<number | null>(null);
  const nm = typed ?? due?.nm ?? null;
  return (
    <FloatingPanel label="Simulated wrench" title="Simulated wrench" closing="Put the wrench away" close={close}>
      <HandRow>
        <MeasureField
          quantity="torque"
          name="wrench/torque"
          label="Clicks at"
          range={[1, 1000]}
          width={6}
          value={nm}
          commit={setTyped}
        />
        <Button
          kind="primary"
          disabled={!isPlugged || nm === null}
          onClick={() => {
            wrench.say({ kind: 'pull', nm: nm! });
            setTyped(null);
          }}
        >
          Pull {chosen ?? due?.fastener ?? ''}
        </Button>
        <Button
          icon={<DisconnectOutlined />}
          aria-pressed={!isPlugged}
          onClick={() => wrench.say({ kind: isPlugged ? 'unplugged' : 'plugged' })}
        >
          {isPlugged ? 'Unplug' : 'Plug in'}
        </Button>
      </HandRow>
      <p role="status" className={isPlugged ? undefined : 'is-fail'}>
        {isPlugged ? heardText(heard, units) : unpluggedText(due)}
      </p>
      <ScriptField line={wrench} label="N·m a line; unplug and plug" read={readWrenchScript} />
    </FloatingPanel>
  );
}

const unpluggedText = (due: Turn | null): string =>
  `Wrench unplugged${due ? ` at stage ${due.stage}, fastener ${due.fastener}` : ''}.` +
  ' Every click so far is kept: plug it in and go on.';

function heardText(heard: Torque['heard'], unit: UnitChoice): string {
  if (!heard) return 'Pull, and it clicks.';
  const { turn, faults } = heard;
  return faults.length === 0
    ? `Click: fastener ${turn.fastener}, ${formatMeasure({ quantity: 'torque', value: turn.nm, unit })}.`
    : faults.map((fault) => pullFaultText(fault, turn, unit)).join(' ');
}
