/** How a suspension was raised or lowered: at the spring, by a piece over the strut, or the body off its frame. */
export const SUSPENSION_CHANGE_KINDS = ['spring', 'strut-top', 'body'] as const;
export type SuspensionChangeKind = (typeof SUSPENSION_CHANGE_KINDS)[number];

/** A suspension change; lowering is negative. */
export interface Change {
  kind: SuspensionChangeKind;
  mm: number;
}

/** Where the wheel rests and stops against the body, mm of travel, and how far the body's parts stand higher. */
export interface TravelRange {
  restMm: number;
  leastMm: number;
  mostMm: number;
  bodyRiseMm: number;
  /** How much higher the body's parts stand over the wheel at rest than before the change, by whatever it was. */
  restShiftMm: number;
}

/**
 * The travel of a wheel after a change of L mm: a spring lift moves only the place of rest (z = −L; the stops stay), a
 * piece over the strut moves rest and both stops by −L, a body lift leaves the wheel and raises the body by L.
 */
export function travelRange(
  stops: { bumpMm: number; droopMm: number },
  change: Change | null | undefined,
): TravelRange {
  const lift = change?.mm ?? 0;
  const [rest, stop, body] = { spring: [1, 0, 0], 'strut-top': [1, 1, 0], body: [0, 0, 1] }[change?.kind ?? 'body'] as [
    number,
    number,
    number,
  ];
  return {
    restMm: 0 - rest * lift,
    leastMm: 0 - stops.droopMm - stop * lift,
    mostMm: stops.bumpMm - stop * lift,
    bodyRiseMm: body * lift,
    restShiftMm: lift,
  };
}
