import { useMemo, useState } from 'react';
import { markOf, plusMinusOf, toolOf, type ShopInstrument } from '#core/instrument';
import type { Taken } from '#core/job';
import { INSTRUMENTS, type Instrument } from '#core/uncertainty';
import { INSTRUMENT_NAMES } from '#formats/fields';
import { SIMULATED_GAUGE, useInstruments } from '../../instruments/InstrumentsContext';
import { takenWith } from './takenWith';

/** What readings are taken with: a kind of tool, or an instrument of the shop. */
export interface Tool {
  /** The kind, or the id of the instrument. */
  value: string;
  kind: Instrument;
  taken: Taken;
  choose(value: string): void;
  options: readonly ToolOption[];
}

interface ToolOption {
  value: string;
  name: string;
  taken: Taken;
}

/** How a reading made with an instrument of the shop is kept. */
export const takenBy = (one: ShopInstrument): Taken => ({
  instrument: toolOf(one),
  uncertaintyMm: plusMinusOf(one),
  shopInstrument: markOf(one),
});

const KINDS: readonly ToolOption[] = INSTRUMENTS.map((kind) => ({
  value: kind,
  name: INSTRUMENT_NAMES[kind],
  taken: takenWith(kind),
}));

interface ToolAsk {
  /** What the choice is for; with another one it begins anew. */
  of?: string;
  /** It is read off a label, whatever is in hand. */
  isWritten?: boolean;
}

/** What readings of a station are taken with; an instrument of the shop that is in hand is so at every station. */
export function useTool(otherwise: Instrument, { of = '', isWritten = false }: ToolAsk = {}): Tool {
  const { known, inHand: held, takeInHand, connected } = useInstruments();
  const inHand = isWritten ? null : held;
  const [chosen, setChosen] = useState({ of, tool: otherwise });
  const own = chosen.of === of ? chosen.tool : otherwise;
  return useMemo(() => {
    const isSimulated = inHand === SIMULATED_GAUGE || connected?.of === SIMULATED_GAUGE;
    const named = [...known, ...(isSimulated ? [SIMULATED_GAUGE] : [])].filter((one) => toolOf(one) !== null);
    const options = [...KINDS, ...named.map((one) => ({ value: one.id, name: one.name, taken: takenBy(one) }))];
    const value = inHand?.id ?? own;
    const { taken } = options.find((one) => one.value === value) ?? { taken: takenWith(own) };
    return {
      value,
      kind: taken.instrument ?? own,
      taken,
      options,
      choose(next: string) {
        const instrument = named.find(({ id }) => id === next) ?? null;
        takeInHand(instrument);
        if (!instrument) setChosen({ of, tool: next as Instrument });
      },
    };
  }, [known, inHand, takeInHand, connected, own, of]);
}
