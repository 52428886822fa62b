/** A point of the half section: axial place from the rim centerline (+ outboard) and radius, mm. */
export interface SectionPoint {
  a: number;
  r: number;
}
