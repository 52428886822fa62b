import { Button, Input } from 'antd';
import { useId, useState } from 'react';
import { DomainError } from '#core/errors';
import type { Turn } from '#core/fitting';
import { formatMeasure, type UnitChoice } from '#core/units';
import { readWrenchScript } from '../../instruments/wrenchScript';
import { useLengths } from '../../preferences/PreferencesContext';
import { MeasureField } from '../fields/MeasureField';
import { CloseOutlined, DisconnectOutlined } from '../parts/icons';
import { pullFaultText } from './pullWords';
import type { Torque } from './useTorque';
import './fitup.css';

interface WrenchPanelProps {
  torque: Torque;
  due: Turn | null;
  chosen: number | null;
  close(): void;
}

/** A wrench without a wrench: it is pulled to a value, clicks, and what it says is kept; a script plays it. */
export function WrenchPanel({ torque: { wrench, isPlugged, heard }, due, chosen, close }: WrenchPanelProps) {
  const { units } = useLengths();
  const id = useId();
  const [typed, setTyped] = useState<number | null>(null);
  const nm = typed ?? due?.nm ?? null;
  return (
    <aside className="wrench" aria-label="Simulated wrench">
      <header>
        <h2>Simulated wrench</h2>
        <Button type="text" icon={<CloseOutlined />} aria-label="Put the wrench away" onClick={close} />
      </header>
      <div className="wrench-pull">
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
          type="primary"
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
      </div>
      <p role="status" className={isPlugged ? undefined : 'is-fail'}>
        {isPlugged ? heardText(heard, units) : unpluggedText(due)}
      </p>
      <Script id={id} wrench={wrench} />
    </aside>
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

/** Pulls that the wrench makes by itself, a line each. */
function Script({ id, wrench }: { id: string; wrench: Torque['wrench'] }) {
  const [script, setScript] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [isPlaying, setPlaying] = useState(false);
  const play = () => {
    try {
      const events = readWrenchScript(script);
      setFault(null);
      setPlaying(true);
      wrench.play(events, () => setPlaying(false));
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(error.message);
    }
  };
  const stop = () => {
    wrench.stop();
    setPlaying(false);
  };
  return (
    <details className="wrench-script">
      <summary>Play a script</summary>
      <div className="field">
        <label className="label" htmlFor={id}>
          N·m a line; unplug and plug
        </label>
        <Input.TextArea
          id={id}
          className="figure"
          value={script}
          status={fault ? 'error' : ''}
          aria-invalid={fault !== null}
          aria-describedby={fault ? `${id}-fault` : undefined}
          autoSize={{ minRows: 3, maxRows: 8 }}
          onChange={(event) => setScript(event.target.value)}
        />
        {fault && (
          <p id={`${id}-fault`} className="field-fault" role="alert">
            {fault}
          </p>
        )}
      </div>
      <Button onClick={isPlaying ? stop : play} disabled={script.trim() === ''}>
        {isPlaying ? 'Stop' : 'Play'}
      </Button>
    </details>
  );
}
