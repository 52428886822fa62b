import { useState } from 'react';
import { Button } from '../controls/Button';
import { readGaugeScript } from '../../instruments/gaugeScript';
import { eventOf, type LineEvent } from '../../instruments/line';
import type { SimulatedLine } from '../../instruments/simulatedLine';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { DisconnectOutlined } from '../controls/icons';
import { HandRow } from './FloatingPanel';
import { ScriptField } from './ScriptField';
import './instruments.css';

/** How far the jaws of the simulated gauge open, mm. */
const JAWS_MM = [0, 300] as const;
const STEP_MM = 0.1;

/** A gauge without a gauge: its jaws are moved by hand, and what they read is sent; a script plays it. */
export function GaugeHand({ line, isPlugged }: { line: SimulatedLine<LineEvent>; isPlugged: boolean }) {
  const lengths = useLengths();
  const [mm, setMm] = useState(25);
  // As a real one sends it, so that it goes the same way.
  const send = () => line.say(eventOf(`${mm.toFixed(2)} mm`, { pattern: null, unit: 'mm' }));
  return (
    <>
      <HandRow>
        <label className="instrument-slider">
          <span className="visually-hidden">Jaws</span>
          <input
            type="range"
            min={JAWS_MM[0]}
            max={JAWS_MM[1]}
            step={STEP_MM}
            value={mm}
            aria-valuetext={lengths.text(mm)}
            onChange={({ target }) => setMm(Number(target.value))}
          />
        </label>
        <LengthField
          name="gauge/jaws"
          label="Jaws at"
          measures={undefined}
          range={JAWS_MM}
          width={6}
          value={mm}
          commit={(next) => setMm(next ?? 0)}
        />
        <Button kind="primary" disabled={!isPlugged} onClick={send}>
          Send
        </Button>
        <Button
          icon={<DisconnectOutlined />}
          aria-pressed={!isPlugged}
          onClick={() => line.say({ kind: isPlugged ? 'unplugged' : 'plugged' })}
        >
          {isPlugged ? 'Unplug' : 'Plug in'}
        </Button>
      </HandRow>
      <ScriptField line={line} label="A line as a gauge sends it; unplug and plug" read={readGaugeScript} />
    </>
  );
}
