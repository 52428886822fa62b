import type { Thread } from '#core/fastener';

/** Which side of a spare looks up: its street face, or the side that goes on the hub. */
export const LIES = ['face-up', 'face-down'] as const;
export type Lies = (typeof LIES)[number];

/** What a hold-down clamps: the wheel's pad, at a height that its offset and width give. */
export interface HeldWheel {
  /** Half the wider of section and overall rim width, mm: how far its centerline lies over the well's floor. */
  extentMm: number;
  offsetMm: number;
  /** Thickness of the pad, which the hold-down reaches over when the face looks up. */
  padThicknessMm: number | null;
}

/**
 * Height over the well's floor at which a hold-down clamps the pad, mm. Face up it presses on the outer side of the
 * pad, E + ET + p; face down on its hub side, E − ET.
 * @returns null face up while the pad's thickness is not known
 */
export function clampHeightMm(wheel: HeldWheel, lies: Lies): number | null {
  if (lies === 'face-down') return wheel.extentMm - wheel.offsetMm;
  return wheel.padThicknessMm === null ? null : wheel.extentMm + wheel.offsetMm + wheel.padThicknessMm;
}

/** How much longer a hold-down must be that reaches so high over the floor now, mm; 0 where it is long enough. */
export const longerByMm = (clampMm: number, reachMm: number): number => Math.max(0, clampMm - reachMm);

/** What lengthens a hold-down by so much: a coupling nut over its end and a stud of its thread in it. Lengths mm. */
export interface Extension {
  thread: string;
  /** So long at least: what is missing, and a thread diameter in the coupling nut and in the hold-down's own nut. */
  studMm: number;
  /** So long at least: a thread diameter on either stud. */
  couplingMm: number;
}

/** The hardware that makes a hold-down longer; null where it is long enough. Common practice, no source. */
export const extensionFor = (longerMm: number, { name, diameterMm }: Thread): Extension | null =>
  longerMm <= 0 ? null : { thread: name, studMm: longerMm + 2 * diameterMm, couplingMm: 2 * diameterMm };
