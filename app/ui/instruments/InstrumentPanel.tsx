import { Button } from 'antd';
import { Link } from 'react-router';
import { markOf, wasOverdue, type ShopInstrument } from '#core/instrument';
import { SIMULATED_GAUGE, useInstruments, type Connected } from '../../instruments/InstrumentsContext';
import { FloatingPanel, HandRow } from './FloatingPanel';
import { useFieldInHand } from './FieldProvider';
import { GaugeHand } from './GaugeHand';
import './instruments.css';

/** Instruments that send: one is connected, and what it sends goes into the field in hand. */
export function InstrumentPanel({ close }: { close(): void }) {
  const { connected, fault, disconnect } = useInstruments();
  return (
    <FloatingPanel
      label="Instruments"
      title={connected ? connected.of.name : 'Instruments'}
      closing="Close the instruments"
      close={close}
    >
      {connected ? <Sending connected={connected} /> : <Choices />}
      {fault && (
        <p role="alert" className="field-fault">
          {fault}
        </p>
      )}
      <HandRow>
        {connected && <Button onClick={disconnect}>Disconnect</Button>}
        <Link to="/instruments">The shop&apos;s instruments</Link>
      </HandRow>
    </FloatingPanel>
  );
}

const isOverdue = (one: ShopInstrument): boolean => wasOverdue(markOf(one), new Date().toISOString());

function Choices() {
  const { known, connect } = useInstruments();
  const sending = known.filter(({ connection }) => connection !== 'typed');
  return (
    <>
      <p className="soft">
        A gauge that is connected writes into the field in hand at the press of its button. Typing always works too.
      </p>
      <ul className="instrument-list">
        {[...sending, SIMULATED_GAUGE].map((one) => (
          <li key={one.id}>
            <Button onClick={() => connect(one)}>Connect {one.name}</Button>
            {isOverdue(one) && <span className="is-fail"> calibration overdue</span>}
          </li>
        ))}
      </ul>
    </>
  );
}

function Sending({ connected: { of, isPlugged, heard, simulated } }: { connected: Connected }) {
  const field = useFieldInHand();
  const goesTo = field ? `Goes into: ${field.label}` : 'Put the cursor into the field to measure.';
  return (
    <>
      {isOverdue(of) && (
        <p className="is-fail">Its calibration is overdue since {markOf(of).dueOn}. Readings say so.</p>
      )}
      <p role="status" className={!isPlugged || heard?.isFault ? 'is-fail' : undefined}>
        {isPlugged
          ? (heard?.text ?? 'Connected: press its button.')
          : 'Unplugged: type the reading, or plug it in again.'}
      </p>
      <p className="soft">{goesTo}</p>
      {simulated && <GaugeHand line={simulated} isPlugged={isPlugged} />}
    </>
  );
}
