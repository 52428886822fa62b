import type { Measured } from '#core/units';

/** The room of a center cap in the bore's outer end, and what reaches toward it. Lengths mm from the pad. */
export interface CapRoom {
  /** Where the cap begins; null where nobody measured it. */
  depthMm: number | null;
  /** How far lip or ring reach, by what is known of them. */
  reachMm: number;
  /** What of their reach is not known. */
  open: readonly ('the height of the lip' | 'the thickness of the ring')[];
}

/** A lip or ring stays clear of the cap, pushes it out, or may. */
export type CapState = 'clear' | 'fouled' | 'look';

/**
 * What stands in the bore toward its cap: the lip, and the ring of the wheel where it has one. A cap sits in the bore's
 * outer end; what reaches further than `depthMm` pushes it out. Lengths mm. Source: geometry.
 */
export function capRoomOf({
  depthMm,
  lipMm,
  ring,
}: {
  depthMm: Measured;
  lipMm: Measured;
  ring: { thicknessMm?: Measured } | null;
}): CapRoom {
  const open: CapRoom['open'][number][] = [];
  if (lipMm == null) open.push('the height of the lip');
  if (ring && ring.thicknessMm == null) open.push('the thickness of the ring');
  return { depthMm: depthMm ?? null, reachMm: Math.max(0, lipMm ?? 0, ring?.thicknessMm ?? 0), open };
}

/** How the cap stands; null where it was not measured and no ring may reach it. */
export function capStateOf({ depthMm, reachMm, open }: CapRoom, ring: boolean): CapState | null {
  if (depthMm === null) return ring ? 'look' : null;
  return reachMm > depthMm ? 'fouled' : open.length > 0 ? 'look' : 'clear';
}
