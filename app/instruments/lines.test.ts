import type { LineSettings } from '#core/instrument';
import { USUAL_LINE } from '#core/instrument';
import { readGaugeScript } from './gaugeScript';
import type { LineEvent } from './line';
import { knownPort, serialLine, type SerialPortLike } from './serialLine';
import { simulatedLine } from './simulatedLine';
import { wedgeLine } from './wedgeLine';

const said = (events: LineEvent[]) =>
  events.map((event) =>
    event.kind === 'reading' ? event.reading.value : event.kind === 'nonsense' ? event.why : event.kind,
  );

/** A port that sends pieces, then what ends it; a stream per list of pieces. */
function portOf(streams: (string[] | Error)[]): SerialPortLike & { opened: unknown[]; isClosed: boolean } {
  const bytes = (text: string) => Uint8Array.from(text, (sign) => sign.charCodeAt(0));
  const port = {
    opened: [] as unknown[],
    isClosed: false,
    readable: null as ReadableStream<Uint8Array> | null,
    open(options: unknown) {
      port.opened.push(options);
      next();
      return Promise.resolve();
    },
    close() {
      port.isClosed = true;
      return Promise.resolve();
    },
    getInfo: () => ({ usbVendorId: 7, usbProductId: 9 }),
  };
  const next = () => {
    const pieces = streams.shift();
    if (pieces === undefined) return void (port.readable = null);
    const left = pieces instanceof Error ? [] : [...pieces];
    port.readable = new ReadableStream<Uint8Array>({
      pull(controller) {
        const piece = left.shift();
        if (piece !== undefined) return controller.enqueue(bytes(piece));
        if (pieces instanceof Error) {
          next();
          return controller.error(pieces);
        }
        port.readable = null;
        controller.close();
      },
    });
  };
  return port;
}

async function heardOf(port: SerialPortLike, settings: Partial<LineSettings> = {}): Promise<LineEvent[]> {
  const line = await serialLine(port, { ...USUAL_LINE, ...settings });
  return new Promise((resolve) => {
    const events: LineEvent[] = [];
    line.listen((event) => {
      events.push(event);
      if (event.kind === 'unplugged') resolve(events);
    });
  });
}

describe('a serial port', () => {
  test('is opened as the instrument is set, and its pieces become readings', async () => {
    const port = portOf([['01A+000', '12.34\r', '\n01A', '+00012.50\r\nErr\r\n', '55.2 Nm\r\n12.']]);
    expect(said(await heardOf(port, { baudRate: 4800, dataBits: 7, parity: 'even' }))).toEqual([
      12.34,
      12.5,
      '“Err” is no reading',
      55.2,
      'unplugged',
    ]);
    expect(port.opened).toEqual([{ baudRate: 4800, dataBits: 7, stopBits: 1, parity: 'even' }]);
  });
  test('goes on after a fault of the line, without what was torn by it', async () => {
    const port = portOf([new Error('parity'), ['12.34\r\n']]);
    expect(said(await heardOf(port))).toEqual([12.34, 'unplugged']);
  });
  test('a wrong speed makes nonsense, not readings', async () => {
    const port = portOf([['\u00ff\u0000\u00fe\u0081\u00c3\r\n']]);
    const [event] = await heardOf(port);
    expect(event!.kind).toBe('nonsense');
  });
  test('what it sends before anybody listens is said to the first who does', async () => {
    const line = await serialLine(portOf([['12.34\r\n', '12.36\r\n']]), USUAL_LINE);
    await new Promise((resolve) => setTimeout(resolve));
    const events: LineEvent[] = [];
    line.listen((event) => events.push(event));
    await new Promise((resolve) => setTimeout(resolve));
    expect(said(events)).toEqual([12.34, 12.36, 'unplugged']);
  });
  test('is let go when it is closed, without being said to be unplugged', async () => {
    const port = portOf([]);
    port.open = () => {
      (port as { readable: unknown }).readable = new ReadableStream({ pull: () => new Promise(() => {}) });
      return Promise.resolve();
    };
    const line = await serialLine(port, USUAL_LINE);
    const events: LineEvent[] = [];
    line.listen((event) => events.push(event));
    await line.close();
    expect(events).toEqual([]);
    expect(port.isClosed).toBe(true);
  });
  test('is found again by what it says of itself', async () => {
    const port = portOf([]);
    const serial = { getPorts: () => Promise.resolve([port]), requestPort: () => Promise.resolve(port) };
    expect(await knownPort(serial, { ...USUAL_LINE, port: { vendorId: 7, productId: 9 } })).toBe(port);
    expect(await knownPort(serial, { ...USUAL_LINE, port: { vendorId: 7, productId: 8 } })).toBeNull();
    expect(await knownPort(serial, USUAL_LINE)).toBeNull();
  });
});

describe('a keyboard that is an instrument', () => {
  const typed = (keys: string[], gapMs: number, settings = { pattern: null as string | null, unit: 'mm' as const }) => {
    const target = new EventTarget();
    const events: LineEvent[] = [];
    const line = wedgeLine(target, settings);
    line.listen((event) => events.push(event));
    const passed = keys.map((key, at) => {
      const event = Object.assign(new Event('keydown', { cancelable: true }), { key });
      Object.defineProperty(event, 'timeStamp', { value: 1000 + at * gapMs });
      return target.dispatchEvent(event);
    });
    void line.close();
    return { events: said(events), passed };
  };
  const line = [...'01A+12.34', 'Enter'];
  test('its line is a reading, and its Enter goes no further', () => {
    const { events, passed } = typed(line, 8);
    expect(events).toEqual([12.34]);
    expect(passed).toEqual([...Array<boolean>(line.length - 1).fill(true), false]);
  });
  test('what a hand types is its own', () => {
    expect(typed(line, 120).events).toEqual([]);
    expect(typed(line, 120).passed).not.toContain(false);
    expect(typed(['7', 'Enter'], 8).events).toEqual([]);
  });
  test('a pattern of its own', () =>
    expect(typed([...'X;0012.5;', 'Tab'], 8, { pattern: 'X;{value};', unit: 'mm' }).events).toEqual([12.5]));
});

test('a script sends as a real gauge does; nonsense too', () => {
  expect(said(readGaugeScript('+012.34 mm\n\nunplug\nPLUG\nErr\n0.5 in'))).toEqual([
    12.34,
    'unplugged',
    'plugged',
    '“Err” is no reading',
    12.7,
  ]);
  expect(() => readGaugeScript('5\n'.repeat(501))).toThrow('501 lines');
});

test('a simulated line plays one after the other, and can be stopped', async () => {
  const line = simulatedLine<number>(1);
  const heard: number[] = [];
  line.listen((event) => heard.push(event));
  await new Promise<void>((resolve) => line.play([1, 2, 3], resolve));
  expect(heard).toEqual([1, 2, 3]);
  line.play([4], () => {});
  line.stop();
  await new Promise((resolve) => setTimeout(resolve, 10));
  expect(heard).toEqual([1, 2, 3]);
});
