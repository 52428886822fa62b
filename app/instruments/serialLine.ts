import { LineGatherer, type LineSettings } from '#core/instrument';
import { Ears, eventOf, type InstrumentLine, type LineEvent } from './line';

/** As much of a port of the Web Serial API (WICG) as is used. */
export interface SerialPortLike {
  readonly readable: ReadableStream<Uint8Array> | null;
  open(options: {
    baudRate: number;
    dataBits: number;
    stopBits: number;
    parity: LineSettings['parity'];
  }): Promise<void>;
  close(): Promise<void>;
  getInfo(): { usbVendorId?: number; usbProductId?: number };
}

interface Serial {
  requestPort(): Promise<SerialPortLike>;
  getPorts(): Promise<SerialPortLike[]>;
}

/** The serial ports of this browser; null where it has none to offer. */
export const serialPorts = (): Serial | null =>
  typeof navigator === 'undefined' ? null : ((navigator as { serial?: Serial }).serial ?? null);

/** What a port says of itself. */
export type Port = NonNullable<LineSettings['port']>;

export const isSamePort = (one: Port | null, other: Port | null): boolean =>
  one?.vendorId === other?.vendorId && one?.productId === other?.productId;

/** Which port it is, as far as it says; one that is no USB device says nothing. */
export function portOf(port: SerialPortLike): Port | null {
  const { usbVendorId, usbProductId } = port.getInfo();
  return usbVendorId === undefined || usbProductId === undefined
    ? null
    : { vendorId: usbVendorId, productId: usbProductId };
}

/** The port that an instrument had before, where this browser was let use it; null where it has to be chosen. */
export async function knownPort(serial: Serial, { port: wanted }: LineSettings): Promise<SerialPortLike | null> {
  if (!wanted) return null;
  return (await serial.getPorts()).find((port) => isSamePort(portOf(port), wanted)) ?? null;
}

/**
 * The line of an instrument at a serial port; what is torn on the way is put together again. Unplugged is what ends the
 * reading, whatever it was.
 * @throws what the port throws when it cannot be opened
 */
export async function serialLine(port: SerialPortLike, settings: LineSettings): Promise<InstrumentLine> {
  const { baudRate, dataBits, stopBits, parity } = settings;
  await port.open({ baudRate, dataBits, stopBits, parity });
  const ears = new Ears<LineEvent>();
  const gatherer = new LineGatherer();
  // Instruments send ASCII; what a wrong speed makes of it becomes signs that are no reading.
  const decoder = new TextDecoder('windows-1252');
  let reader: ReadableStreamDefaultReader<Uint8Array> | undefined;
  let isClosing = false;
  const readOn = async () => {
    // A fault of the line (a break, a wrong parity) ends the stream, not the port: there is a new one.
    while (port.readable && !isClosing) {
      reader = port.readable.getReader();
      try {
        for (let piece = await reader.read(); !piece.done; piece = await reader.read())
          for (const line of gatherer.add(decoder.decode(piece.value, { stream: true })))
            ears.say(eventOf(line, settings));
        break;
      } catch {
        gatherer.clear();
        // The device is lost where no stream takes its place.
      } finally {
        reader.releaseLock();
      }
    }
    gatherer.clear();
    if (!isClosing) ears.say({ kind: 'unplugged' });
  };
  // Nothing is read before somebody listens: it would be said to nobody.
  let reading: Promise<void> | undefined;
  return {
    listen(hear) {
      const leave = ears.listen(hear);
      reading ??= readOn();
      return leave;
    },
    async close() {
      isClosing = true;
      await reader?.cancel().catch(() => {});
      await reading;
      await port.close().catch(() => {});
    },
  };
}
