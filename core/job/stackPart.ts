import type { CenteringPiece } from '#core/centering';
import type { FastenedPiece } from '#core/fastener';
import type { StackPiece } from '#core/stack';
import type { Measured, Priced } from '#core/units';

/**
 * A part of the stack: how thick it is, what it centers and holds, and the pattern an adapter turns the hub's into.
 * Lengths mm.
 */
export interface StackPart extends StackPiece, CenteringPiece, FastenedPiece, Priced {
  label?: string | undefined;
  massKg?: Measured;
  toLugCount?: Measured;
  toBoltCircleMm?: Measured;
}
