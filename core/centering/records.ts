import type { StackKind } from '#core/stack';
import type { Measured } from '#core/units';

/** The form of a lip: conical all the way, or straight with a chamfer at its foot or its end. */
export const LIP_FORMS = ['straight', 'conical', 'chamfered'] as const;
export type LipForm = (typeof LIP_FORMS)[number];

/** The edge of a bore at its pad. */
export const BORE_FORMS = ['square', 'chamfered'] as const;
export type BoreForm = (typeof BORE_FORMS)[number];

/** What a dry fit showed at a face: no feeler goes in all round, or one does. */
export const DRY_FIT_RESULTS = ['flush', 'gap'] as const;
export type DryFitResult = (typeof DRY_FIT_RESULTS)[number];

/** The faces of a stack that are tried dry, from the hub outward. */
export const DRY_FITS = ['hubToSpacer', 'spacerToSpacer', 'spacerToWheel', 'hubToWheel'] as const;
export type DryFit = { [face in (typeof DRY_FITS)[number]]?: DryFitResult | undefined };

/** What a hub centers by. Lengths mm. */
export interface CenteringHub {
  boreMm?: Measured;
  lipHeightMm?: Measured;
  /** A cone meets the edge of a square bore before the pad seats. */
  lipForm?: LipForm | undefined;
}

/**
 * The bore of a wheel, with its straight depth from the pad and the form of its edge, and how far in from the pad its
 * cap reaches. Mm.
 */
export interface CenteredWheel {
  boreMm?: Measured;
  boreDepthMm?: Measured;
  boreForm?: BoreForm | undefined;
  capDepthMm?: Measured;
}

/** A piece of the stack, as it sits on what is below and carries what is above. Lengths mm. */
export interface CenteringPiece {
  kind: StackKind;
  thicknessMm?: Measured;
  innerBoreMm?: Measured;
  boreDepthMm?: Measured;
  boreForm?: BoreForm | undefined;
  /** Height of its own lip on the wheel side. */
  lipMm?: Measured;
  lipForm?: LipForm | undefined;
  /** Diameter of that lip. */
  outerLipMm?: Measured;
  /** Diameters of a hub ring. */
  outerMm?: Measured;
  innerMm?: Measured;
}

/** What is centered on a hub: the wheel behind its stack, with what a dry fit showed. */
export interface CenteredWheelOnStack {
  wheel?: CenteredWheel | undefined;
  stack?: readonly CenteringPiece[] | undefined;
  /** What a dry fit showed, face by face. */
  dryFit?: DryFit | undefined;
  /** The same said of all faces at once. */
  dryFitFlush?: boolean | undefined;
}
