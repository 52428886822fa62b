import { Link } from 'react-router';
import { markOf, wasOverdue, type ShopInstrument } from '#core/instrument';
import { Button } from '../controls/Button';
import { SIMULATED_GAUGE, useInstruments, type Connected } from '../../instruments/InstrumentsContext';
import { FloatingPanel, HandRow } from './FloatingPanel';
import { useFieldInHand } from './FieldProvider';
import { GaugeHand } from './GaugeHand';
import './instruments.css';

/** Instruments that send: one is connected, and what it sends goes into the field in hand. */
export function InstrumentPanel({ close }: { close(): void }) {
  const { connected, fault, connect, disconnect } = useInstruments();
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
        {connected && !connected.isPlugged && !connected.simulated && (
          <Button kind="primary" onClick={() => connect(connected.of)}>
            Connect again
          </Button>
        )}
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
        Press the button of a connected gauge, and its reading goes into the field you are in. You can always type it
        instead.
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
  const goesTo = field ? `Goes into: ${field.label}` : 'Click the field to measure.';
  return (
    <>
      {isOverdue(of) && (
        <p className="is-fail">Calibration overdue since {markOf(of).dueOn}: its readings will say so.</p>
      )}
      <p role="status" className={!isPlugged || heard?.isFault ? 'is-fail' : undefined}>
        {isPlugged
          ? (heard?.text ?? 'Connected: press its button.')
          : 'Unplugged: type the reading, or plug it in and connect it again.'}
      </p>
      <p className="soft">{goesTo}</p>
      {simulated && <GaugeHand line={simulated} isPlugged={isPlugged} />}
    </>
  );
}
