import { useEffect, useMemo, useState } from 'react';
import { nextTurn, pullFaults, type Corner, type Fitting, type PullFault, type Turn } from '#core/fitting';
import type { CornerTightening } from '#core/sheet';
import type { InstrumentMark, LineReading } from '#core/instrument';
import { useInstruments, type Went } from '../../instruments/InstrumentsContext';
import { simulatedLine, type SimulatedLine } from '../../instruments/simulatedLine';
import type { WrenchEvent } from '../../instruments/wrenchScript';
import { useStable } from '../parts/useStable';
import { pull } from './fittingEdits';
import { useHand } from './useHand';

/** What the wrench has said last, and what was wrong with it. */
export interface Heard {
  turn: Turn;
  faults: readonly PullFault[];
}

export interface Torque {
  wrench: SimulatedLine<WrenchEvent>;
  isPlugged: boolean;
  heard: Heard | null;
}

interface TorqueAsk {
  fitting: Fitting;
  corner: Corner;
  tightening: CornerTightening;
  /** The fastener that is pulled, when it is not the one that is due. */
  chosen: number | null;
  /** The wrench of the shop that is in hand. */
  with: InstrumentMark | undefined;
  /** A pull was kept. */
  done(): void;
}

/** Listens to a wrench: each click is a row of the joint in hand, and is held against what was due. */
/** A pull that was kept says where; one that no stage waits for was not. */
const tookBy = (place: string | null): Went => ({ place: place ?? 'every stage is done', isTaken: place !== null });

export function useTorque({ fitting, corner, tightening, chosen, with: inHand, done }: TorqueAsk): Torque {
  const hand = useHand();
  const wrench = useMemo(() => simulatedLine<WrenchEvent>(), []);
  const [isPlugged, setPlugged] = useState(true);
  const [heard, setHeard] = useState<Heard | null>(null);
  const { take } = useInstruments();
  /** Keeps a pull; says which fastener it was. */
  const pulled = (nm: number, shopInstrument: InstrumentMark | undefined): string | null => {
    const rows = fitting.corners[corner]?.torque ?? [];
    const due = nextTurn(tightening, rows);
    const stage = due?.stage ?? tightening.stagesNm.length;
    const fastener = chosen ?? due?.fastener;
    if (fastener === undefined) return null;
    const turn = { stage, fastener, nm };
    setHeard({ turn, faults: pullFaults(tightening, rows, turn) });
    const row = { joint: tightening.joint, ...turn, takenAt: hand.now(fitting), tool: 'wrench' as const };
    hand.edit(pull(fitting, corner, [{ ...row, ...(shopInstrument ? { shopInstrument } : {}) }]));
    done();
    return `fastener ${fastener}, stage ${stage}`;
  };
  const { hear, takeReading } = useStable({
    hear(event: WrenchEvent) {
      if (event.kind !== 'pull') return setPlugged(event.kind === 'plugged');
      if (isPlugged) pulled(event.nm, inHand);
    },
    takeReading: ({ quantity, value }: LineReading, mark: InstrumentMark) =>
      quantity === 'torque' ? tookBy(pulled(value, mark)) : null,
  });
  useEffect(() => take(takeReading), [take, takeReading]);
  useEffect(() => wrench.listen(hear), [wrench, hear]);
  useEffect(() => () => wrench.stop(), [wrench]);
  return { wrench, isPlugged, heard };
}
