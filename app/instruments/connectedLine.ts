import { USUAL_LINE, type ShopInstrument } from '#core/instrument';
import type { InstrumentLine, LineEvent } from './line';
import { knownPort, portOf, serialLine, serialPorts, type Port, type SerialPortLike } from './serialLine';
import { simulatedLine, type SimulatedLine } from './simulatedLine';
import { wedgeLine } from './wedgeLine';

/** A gauge without a gauge. */
export const SIMULATED_GAUGE: ShopInstrument = {
  id: 'simulated-gauge',
  name: 'simulated gauge',
  kind: 'caliper',
  plusMinus: 0.02,
  calibratedOn: null,
  everyMonths: null,
  connection: 'typed',
  line: USUAL_LINE,
};

/** A line that is open; the simulated one besides, where it is one. */
interface Open {
  line: InstrumentLine;
  simulated: SimulatedLine<LineEvent> | null;
  /** Of a serial one that says which it is. */
  port: Port | null;
}

/**
 * Opens the line of an instrument; null where nobody chose a port for it.
 * @throws Error that says why it cannot be opened
 */
export async function connectedLine(of: ShopInstrument): Promise<Open | null> {
  if (of.id === SIMULATED_GAUGE.id) {
    const simulated = simulatedLine<LineEvent>();
    const close = () => Promise.resolve(simulated.stop());
    return { line: { listen: simulated.listen, close }, simulated, port: null };
  }
  if (of.connection === 'keyboard') return { line: wedgeLine(document, of.line), simulated: null, port: null };
  const port = await chosenPort(of);
  return port && (await opened(port, of));
}

const NO_PORTS =
  'This browser reaches no serial port here. Type the readings; what types by itself, as a keyboard, works everywhere.';

async function chosenPort(of: ShopInstrument): Promise<SerialPortLike | null> {
  const serial = serialPorts();
  if (!serial) throw new Error(NO_PORTS);
  const known = await knownPort(serial, of.line);
  if (known) return known;
  try {
    return await serial.requestPort();
  } catch {
    // Nobody chose one.
    return null;
  }
}

async function opened(port: SerialPortLike, of: ShopInstrument): Promise<Open> {
  try {
    const line = await serialLine(port, of.line);
    return { line, simulated: null, port: portOf(port) };
  } catch {
    throw new Error(`The port of ${of.name} cannot be opened: another program may have it, or it is unplugged.`);
  }
}
