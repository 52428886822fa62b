import { Button } from '../controls/Button';
import { useInstruments } from '../../instruments/InstrumentsContext';
import { ApiOutlined } from '../controls/icons';
import { Tip } from '../controls/Tip';
import { useFieldInHand } from './FieldProvider';
import { later } from '../parts/later';

const InstrumentPanel = later(() => import('./InstrumentPanel').then((module) => module.InstrumentPanel));

/** Shows the instruments that send, or puts them away; says which is connected. */
export function InstrumentButton() {
  const { isOpen, show, connected } = useInstruments();
  const name = connected ? `Instruments: ${connected.of.name}` : 'Connect an instrument';
  return (
    <Tip title={name}>
      <Button
        kind="text"
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
  const field = useFieldInHand();
  // The field that was in hand meanwhile has the focus again: what is sent next goes where it is seen to go.
  const close = () => {
    show(false);
    field?.focus?.();
  };
  return isOpen && <InstrumentPanel close={close} />;
}
