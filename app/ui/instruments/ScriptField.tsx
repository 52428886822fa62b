import { useId, useState } from 'react';
import { DomainError } from '#core/errors';
import { Button } from '../controls/Button';
import { LongText } from '../controls/LongText';
import type { SimulatedLine } from '../../instruments/simulatedLine';
import './instruments.css';

interface ScriptFieldProps<E> {
  line: SimulatedLine<E>;
  /** What a line of the script is. */
  label: string;
  /** @throws DomainError on what it cannot play */
  read(text: string): E[];
}

/** What a simulated instrument says by itself, a line each. */
export function ScriptField<E>({ line, label, read }: ScriptFieldProps<E>) {
  const id = useId();
  const [script, setScript] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [isPlaying, setPlaying] = useState(false);
  const play = () => {
    try {
      const events = read(script);
      setFault(null);
      setPlaying(true);
      line.play(events, () => setPlaying(false));
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(error.message);
    }
  };
  const stop = () => {
    line.stop();
    setPlaying(false);
  };
  return (
    <details className="instrument-script">
      <summary>Play a script</summary>
      <div className="field">
        <label className="label" htmlFor={id}>
          {label}
        </label>
        <LongText
          id={id}
          className="figure"
          value={script}
          aria-invalid={fault !== null}
          aria-describedby={fault ? `${id}-fault` : undefined}
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
