import { useEffect, useMemo, useState } from 'react';
import { nextTurn, pullFaults, type Corner, type Fitting, type PullFault, type Turn } from '#core/fitting';
import type { CornerTightening } from '#core/sheet';
import { simulatedWrench, type SimulatedWrench } from '../../instruments/simulatedWrench';
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
  wrench: SimulatedWrench;
  isPlugged: boolean;
  heard: Heard | null;
}

interface TorqueAsk {
  fitting: Fitting;
  corner: Corner;
  tightening: CornerTightening;
  /** The fastener that is pulled, when it is not the one that is due. */
  chosen: number | null;
  /** A pull was kept. */
  done(): void;
}

/** Listens to a wrench: each click is a row of the joint in hand, and is held against what was due. */
export function useTorque({ fitting, corner, tightening, chosen, done }: TorqueAsk): Torque {
  const hand = useHand();
  const wrench = useMemo(() => simulatedWrench(), []);
  const [isPlugged, setPlugged] = useState(true);
  const [heard, setHeard] = useState<Heard | null>(null);
  const { hear } = useStable({
    hear(event: WrenchEvent) {
      if (event.kind !== 'pull') return setPlugged(event.kind === 'plugged');
      if (!isPlugged) return;
      const rows = fitting.corners[corner]?.torque ?? [];
      const due = nextTurn(tightening, rows);
      const stage = due?.stage ?? tightening.stagesNm.length;
      const fastener = chosen ?? due?.fastener;
      if (fastener === undefined) return;
      const turn = { stage, fastener, nm: event.nm };
      setHeard({ turn, faults: pullFaults(tightening, rows, turn) });
      const row = { joint: tightening.joint, ...turn, takenAt: hand.now(fitting), tool: 'wrench' as const };
      hand.edit(pull(fitting, corner, [row]));
      done();
    },
  });
  useEffect(() => wrench.listen(hear), [wrench, hear]);
  useEffect(() => () => wrench.stop(), [wrench]);
  return { wrench, isPlugged, heard };
}
