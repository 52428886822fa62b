/** What kinds of piece can stand between hub face and wheel face. */
export const STACK_KINDS = ['slip-on', 'bolt-on', 'ring'] as const;
export type StackKind = (typeof STACK_KINDS)[number];

/** One piece of the stack as the job file keeps it; a ring centers and adds no thickness. */
export interface StackPiece {
  kind: StackKind;
  thicknessMm?: number | null | undefined;
}

/**
 * Thickness of a stack in mm, t = sum of its pieces; a ring counts as 0.
 * @returns null while a spacer or adapter has no thickness
 */
export function stackThicknessMm(stack: readonly StackPiece[]): number | null {
  let total = 0;
  for (const piece of stack) {
    if (piece.kind === 'ring') continue;
    if (piece.thicknessMm == null) return null;
    total += piece.thicknessMm;
  }
  return total;
}

/**
 * Effective offset in mm, ETe = ET − t: where the rim centerline stands against the hub face, whatever lies between.
 */
export const effectiveOffsetMm = (offsetMm: number, stackMm: number): number => offsetMm - stackMm;
