import { Button } from 'antd';
import { useInstruments } from '../../instruments/InstrumentsContext';
import { ApiOutlined } from '../parts/icons';
import { Tip } from '../parts/Tip';
import { InstrumentPanel } from './InstrumentPanel';

/** Shows the instruments that send, or puts them away; says which is connected. */
export function InstrumentButton() {
  const { isOpen, show, connected } = useInstruments();
  const name = connected ? `Instruments: ${connected.of.name}` : 'Instruments that send';
  return (
    <Tip title={name}>
      <Button
        type="text"
        aria-label={name}
        aria-expanded={isOpen}
        icon={<ApiOutlined />}
        onClick={() => show(!isOpen)}
      />
    </Tip>
  );
}

/** The instruments, where they are shown. */
export function OpenInstruments() {
  const { isOpen, show } = useInstruments();
  return isOpen && <InstrumentPanel close={() => show(false)} />;
}
