import type { StackKind } from '#core/stack';
import type { Measured, Priced } from '#core/units';
import type { Seat } from './seats';

/** A hub carries studs, or takes bolts. */
export const FASTENER_KINDS = ['stud', 'bolt'] as const;
export type FastenerKind = (typeof FASTENER_KINDS)[number];

/** A nut is open, or closed with a thread that ends inside. */
export const NUT_FORMS = ['open', 'closed'] as const;
export type NutForm = (typeof NUT_FORMS)[number];

/** What holds the wheels of a hub. Lengths mm. */
export interface Fastener {
  kind?: FastenerKind | undefined;
  thread?: string | undefined;
  lengthMm?: Measured;
  seat?: Seat | undefined;
  torqueNm?: Measured;
  threadDepthMm?: Measured;
  /** Of the nuts that go on studs; the depth of the thread in a closed one. */
  nut?: NutForm | undefined;
  nutDepthMm?: Measured;
}

/** Nuts, bolts or studs that come with a setup. */
export type SetupFastener = Pick<Fastener, 'thread' | 'lengthMm' | 'seat' | 'nut' | 'nutDepthMm'> & Priced;

/**
 * What a fastener meets of a wheel: lug hole and seat diameters, the pad it clamps, and the pockets beside it. Lengths
 * mm.
 */
export interface FastenedWheel {
  seat?: Seat | undefined;
  lugHoleMm?: Measured;
  seatDiameterMm?: Measured;
  padThicknessMm?: Measured;
  pocketDepthMm?: Measured;
}

/** What a fastener meets of a piece of the stack. Lengths mm. */
export interface FastenedPiece {
  kind: StackKind;
  thicknessMm?: Measured;
  seatThicknessMm?: Measured;
  /** The studs of an adapter that carry the wheel: thread, length from its outer face, seat of their nuts. */
  thread?: string | undefined;
  studLengthMm?: Measured;
  seat?: Seat | undefined;
  torqueNm?: Measured;
}

/** What is fastened to a hub: the wheel behind its stack, with what comes with it. */
export interface FastenedWheelOnStack {
  wheel?: FastenedWheel | undefined;
  stack?: readonly FastenedPiece[] | undefined;
  /** What is left out stays as the hub has it. */
  fastener?: SetupFastener | undefined;
}
