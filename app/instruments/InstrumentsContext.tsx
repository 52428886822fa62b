import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { flushSync } from 'react-dom';
import { markOf, type InstrumentMark, type LineReading, type ShopInstrument } from '#core/instrument';
import { useStable } from '../ui/parts/useStable';
import { connectedLine, SIMULATED_GAUGE } from './connectedLine';
import { isSamePort, type Port } from './serialLine';
import type { InstrumentLine, LineEvent } from './line';
import type { SimulatedLine } from './simulatedLine';

/** Where a reading went, or who could not take it. */
export interface Went {
  place: string;
  isTaken: boolean;
}

/** Whoever takes readings; null where one is not for them. */
export type Taker = (reading: LineReading, mark: InstrumentMark) => Went | null;

/** What was heard last, and where it went. */
export interface Heard {
  text: string;
  isFault: boolean;
}

/** An instrument whose line is open. */
export interface Connected {
  of: ShopInstrument;
  isPlugged: boolean;
  heard: Heard | null;
  /** The line of a simulated one, to be moved by hand. */
  simulated: SimulatedLine<LineEvent> | null;
}

interface Instruments {
  /** Those of the shop. */
  known: readonly ShopInstrument[];
  /** What readings are taken with, where that is an instrument of the shop. */
  inHand: ShopInstrument | null;
  takeInHand(one: ShopInstrument | null): void;
  connected: Connected | null;
  /** Why an instrument could not be connected. */
  fault: string | null;
  connect(one: ShopInstrument): void;
  disconnect(): void;
  /** Whether what sends is shown. */
  isOpen: boolean;
  show(isOpen: boolean): void;
  /** Takes readings until what it answers with is called; who came last is asked first. */
  take(taker: Taker): () => void;
}

const NOBODY: Instruments = {
  known: [],
  inHand: null,
  takeInHand: () => {},
  connected: null,
  fault: null,
  connect: () => {},
  disconnect: () => {},
  isOpen: false,
  show: () => {},
  take: () => () => {},
};
const InstrumentsContext = createContext(NOBODY);

export const useInstruments = (): Instruments => useContext(InstrumentsContext);

/** The instruments of the shop; none where they cannot be had, and every reading can still be typed. */
function useKnown() {
  const [known, setKnown] = useState<readonly ShopInstrument[]>([]);
  useEffect(() => {
    const stop = new AbortController();
    fetch('/instruments.json', { signal: stop.signal })
      .then((response) => (response.ok ? (response.json() as Promise<ShopInstrument[]>) : []))
      .then(setKnown)
      .catch(() => {});
    return () => stop.abort();
  }, []);
  /** Which port an instrument has is kept, so that it is found again; where that fails it is chosen again. */
  const keepPort = useCallback((id: string, port: Port) => {
    setKnown((all) => all.map((one) => (one.id === id ? { ...one, line: { ...one.line, port } } : one)));
    void fetch('/instruments.json', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ intent: 'port', id, port }),
    }).catch(() => {});
  }, []);
  return { known, keepPort };
}

/** Holds the instrument whose line is open, and hands what it sends to whoever takes readings. */
export function InstrumentsProvider({ children }: { children: ReactNode }) {
  const { known, keepPort } = useKnown();
  const [inHand, takeInHand] = useState<ShopInstrument | null>(null);
  const [connected, setConnected] = useState<Connected | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [isOpen, show] = useState(false);
  const line = useRef<InstrumentLine | null>(null);
  const isGone = useRef(false);
  const takers = useRef<Taker[]>([]);
  const take = useCallback((taker: Taker) => {
    takers.current = [taker, ...takers.current];
    return () => {
      takers.current = takers.current.filter((one) => one !== taker);
    };
  }, []);
  /** What went wrong is seen, whether the instruments are shown or not. */
  const said = (heard: Heard) => {
    setConnected((now) => now && { ...now, heard });
    if (heard.isFault) show(true);
  };
  const { hear } = useStable({
    hear(of: ShopInstrument, event: LineEvent) {
      if (event.kind === 'reading') {
        // What it is taken with stands before it is taken.
        if (of.kind !== 'torque-wrench') flushSync(() => takeInHand(of));
        said(wentTo(takers.current, event.reading, of));
      } else if (event.kind === 'nonsense') said({ text: event.why, isFault: true });
      else {
        setConnected((now) => now && { ...now, isPlugged: event.kind === 'plugged', heard: null });
        if (event.kind === 'unplugged') show(true);
      }
    },
  });
  const disconnect = useCallback(() => {
    void line.current?.close();
    line.current = null;
    setConnected(null);
    takeInHand(null);
  }, []);
  const connect = useCallback(
    (of: ShopInstrument) => {
      setFault(null);
      const before = line.current?.close() ?? Promise.resolve();
      line.current = null;
      before
        .then(() => connectedLine(of))
        .then((open) => {
          if (!open) return;
          if (isGone.current) return void open.line.close();
          if (open.port && !isSamePort(open.port, of.line.port)) keepPort(of.id, open.port);
          line.current = open.line;
          open.line.listen((event) => hear(of, event));
          setConnected({ of, isPlugged: true, heard: null, simulated: open.simulated });
        })
        .catch((error: unknown) => setFault(error instanceof Error ? error.message : String(error)));
    },
    [hear, keepPort],
  );
  useEffect(() => {
    isGone.current = false;
    return () => {
      isGone.current = true;
      void line.current?.close();
    };
  }, []);
  const state = useMemo(
    () => ({ known, inHand, takeInHand, connected, fault, connect, disconnect, isOpen, show, take }),
    [known, inHand, connected, fault, connect, disconnect, isOpen, take],
  );
  return <InstrumentsContext value={state}>{children}</InstrumentsContext>;
}

/** Hands a reading to the first that takes it. */
function wentTo(takers: readonly Taker[], reading: LineReading, of: ShopInstrument): Heard {
  for (const taker of takers) {
    const went = taker(reading, markOf(of));
    if (went) return { text: `${reading.text}: ${went.place}`, isFault: !went.isTaken };
  }
  return { text: `${reading.text}: no field in hand takes a ${reading.quantity}`, isFault: true };
}

export { SIMULATED_GAUGE };
