import type { CenteringHub } from '#core/centering';
import type { Fastener } from '#core/fastener';
import type { InstrumentMark } from '#core/instrument';
import type { Instrument } from '#core/uncertainty';
import type { Measured } from '#core/units';

/** How a rule may lie over two studs or holes. */
export const READ_FROM = ['centres', 'same-edge', 'outer-edges', 'inner-edges', 'center-to-far-edge'] as const;
export type ReadFrom = (typeof READ_FROM)[number];

/** Which two studs or holes are read. */
export const PAIRS = ['opposite', 'widest', 'neighbours', 'apart'] as const;
export type Pair = (typeof PAIRS)[number];

/** A distance between two studs of a hub, or between two holes of a wheel. */
export interface PatternReading {
  kind: Pair;
  /** How many studs apart the ends are; with `apart` only. */
  steps?: Measured;
  from: ReadFrom;
  valueMm: number;
  studDiameterMm?: Measured;
  uncertaintyMm?: Measured;
  instrument?: Instrument | null | undefined;
  /** The instrument of the shop that it was read with. */
  shopInstrument?: InstrumentMark | undefined;
}

/** A hub as it was read. Lengths mm. */
export interface Hub extends CenteringHub {
  lugCount?: Measured;
  boltCircleMm?: Measured;
  patternReadings?: PatternReading[] | undefined;
  /** Diameter of the flange that carries the studs, and of the hole a stud sits in: for redrilling. */
  flangeDiameterMm?: Measured;
  studHoleMm?: Measured;
  fastener?: Fastener | undefined;
}
