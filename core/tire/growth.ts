/**
 * How far a tire grows in service: width up to 1.04·S, section height 0.97 to 1.04 of the new one (UNECE R30, from
 * memory).
 */
export const GROWTH = { width: 1.04, leastHeight: 0.97, mostHeight: 1.04 } as const;

/** The outline a tire may take in service, mm. */
export interface ServiceEnvelope {
  sectionWidthMm: number;
  leastDiameterMm: number;
  overallDiameterMm: number;
}

/**
 * The envelope of a tire in service, mm: S·1.04, d + 2·H·0.97 and d + 2·H·1.04, H being (D − d)/2 of the new tire.
 * @param seatDiameterMm d, diameter of the bead seats
 */
export function serviceEnvelope(
  tire: { sectionWidthMm: number; overallDiameterMm: number },
  seatDiameterMm: number,
): ServiceEnvelope {
  const heights = tire.overallDiameterMm - seatDiameterMm;
  return {
    sectionWidthMm: GROWTH.width * tire.sectionWidthMm,
    leastDiameterMm: seatDiameterMm + GROWTH.leastHeight * heights,
    overallDiameterMm: seatDiameterMm + GROWTH.mostHeight * heights,
  };
}
