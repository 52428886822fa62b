import { USUAL_LINE, type ShopInstrument } from '#core/instrument';
import type { InstrumentLine, LineEvent } from './line';
import { knownPort, portOf, serialLine, serialPorts } from './serialLine';
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
}

/**
 * Opens the line of an instrument; null where nobody chose a port for it.
 * @throws Error that says why it cannot be opened
 */
export async function connectedLine(of: ShopInstrument): Promise<Open | null> {
  if (of.id === SIMULATED_GAUGE.id) {
    const simulated = simulatedLine<LineEvent>();
    const close = () => Promise.resolve(simulated.stop());
    return { line: { listen: simulated.listen, close }, simulated };
  }
  if (of.connection === 'keyboard') return { line: wedgeLine(document, of.line), simulated: null };
  const port = await chosenPort(of);
  return port && { line: await opened(port, of), simulated: null };
}

const NO_PORTS =
  'This browser reaches no serial port here. Type the readings; what types by itself, as a keyboard, works everywhere.';

async function chosenPort(of: ShopInstrument) {
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

async function opened(port: Awaited<ReturnType<typeof chosenPort>> & object, of: ShopInstrument) {
  try {
    const line = await serialLine(port, of.line);
    keepPort(of, portOf(port));
    return line;
  } catch {
    throw new Error(`The port of ${of.name} cannot be opened: another program may have it, or it is unplugged.`);
  }
}

/** Keeps which port an instrument has, so that it is found again; where that fails it is chosen again. */
function keepPort({ id, ...instrument }: ShopInstrument, port: ShopInstrument['line']['port']): void {
  if (port === null || JSON.stringify(port) === JSON.stringify(instrument.line.port)) return;
  const changed = { ...instrument, line: { ...instrument.line, port } };
  void fetch('/instruments.json', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ intent: 'save', id, instrument: changed }),
  }).catch(() => {});
}
