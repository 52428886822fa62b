import { keptFor } from '#core/kept';
import { contourOf, RUN, type Pieces } from './contour';
import { hollowAt } from './hollow';
import { halfWidthAtRadiusMm, type Section } from './profile';

// Taken out of their object once: these are asked millions of times in a sweep.
const { abs, ceil, floor, max, min, sqrt } = Math;
const FAR_MM = Infinity;

/**
 * Distance in mm from a place to the section as a solid of revolution: in the plane of axis and place, negative inside.
 * Exact to the chords of the contour, 0.005 mm.
 * @param axialMm place along the axis from the rim centerline, + outboard; either side alike where the wheel is a solid
 *   disc
 * @param radiusMm distance from the axis
 * @param lessThanMm how far off it is known to be less than, inside or out: what is further off is not looked at, and
 *   where it was not so, this is given back
 */
// eslint-disable-next-line max-params -- asked millions of times a sweep: an object a call would cost more than the sum
export function distanceToSectionMm(section: Section, axialMm: number, radiusMm: number, lessThanMm = FAR_MM): number {
  const { alike, sided } = contourOf(section);
  let squared = squaredDistance(alike, abs(axialMm), radiusMm, lessThanMm * lessThanMm);
  if (sided) squared = squaredDistance(sided, axialMm, radiusMm, squared);
  return isInside(section, axialMm, radiusMm) ? -sqrt(squared) : sqrt(squared);
}

/** Whether a place lies in the metal or the rubber. */
function isInside(section: Section, axialMm: number, radiusMm: number): boolean {
  if (radiusMm >= section.radiusMm || abs(axialMm) >= halfWidthAtRadiusMm(section, radiusMm)) return false;
  const { hollow } = section;
  return !hollow || radiusMm >= hollow.backRadiusMm || axialMm > hollowAt(hollow, radiusMm);
}

/**
 * Square of the distance from a place to the nearest piece, where it is less than what is known; `on` becomes the place
 * there.
 */
// eslint-disable-next-line max-params -- asked millions of times a sweep: an object a call would cost more than the sum
function squaredDistance(
  { a, r, da, dr, inverse, boxes }: Pieces,
  x: number,
  y: number,
  known: number,
  on?: { a: number; r: number },
): number {
  let least = known;
  const count = a.length;
  const runs = boxes.length / 4;
  // From the crown inward: most places that a wheel nears are nearest to its tire.
  for (let run = runs - 1; run >= 0; run--) {
    const across = max(boxes[4 * run]! - x, 0, x - boxes[4 * run + 1]!);
    const along = max(boxes[4 * run + 2]! - y, 0, y - boxes[4 * run + 3]!);
    if (across * across + along * along >= least) continue;
    const end = min(count, (run + 1) * RUN);
    for (let i = run * RUN; i < end; i++) {
      const dx = da[i]!;
      const dy = dr[i]!;
      const px = x - a[i]!;
      const py = y - r[i]!;
      let t = (px * dx + py * dy) * inverse[i]!;
      if (t < 0) t = 0;
      else if (t > 1) t = 1;
      const ex = px - t * dx;
      const ey = py - t * dy;
      const squared = ex * ex + ey * ey;
      if (squared >= least) continue;
      least = squared;
      if (on) {
        on.a = a[i]! + t * dx;
        on.r = r[i]! + t * dy;
      }
    }
  }
  return least;
}

/** The place on a section that is nearest to one in its half plane; on the tire a keeps its side. Mm. */
export function nearestOnSection(section: Section, axialMm: number, radiusMm: number): { a: number; r: number } {
  const { alike, sided } = contourOf(section);
  const on = { a: 0, r: 0 };
  const squared = squaredDistance(alike, abs(axialMm), radiusMm, FAR_MM, on);
  if (axialMm < 0) on.a = -on.a;
  if (sided) squaredDistance(sided, axialMm, radiusMm, squared, on);
  return on;
}

/** Distances at the nodes of a lattice over the half plane, row by row from the axis outward. */
export interface DistanceLattice {
  section: Section;
  nodes: Float32Array;
  columns: number;
  rows: number;
  /** Where its columns begin, mm from the rim centerline: at 0 where both sides are alike. */
  fromMm: number;
}

const STEP_MM = 4;
/** More than a cell is across, with what a node is rounded by: no distance differs by more between its corners. */
const ACROSS_MM = 5.67;
/** How far beyond the section the lattice reaches; further out the exact distance is taken. */
const REACH_MM = 260;

/** The lattice of a section, made once for each. */
export const distanceLattice = keptFor<Section, DistanceLattice>((section) => {
  const reach = STEP_MM * ceil((max(section.halfSectionMm, section.halfRimMm) + REACH_MM) / STEP_MM);
  const fromMm = section.hollow ? -reach : 0;
  const columns = (reach - fromMm) / STEP_MM + 1;
  const rows = ceil((section.radiusMm + REACH_MM) / STEP_MM) + 1;
  // Nodes are filled in when they are first read: a sweep nears a part of the plane only.
  return { section, nodes: new Float32Array(columns * rows).fill(NaN), columns, rows, fromMm };
});

/** Half the diagonal of a cell, mm: the distance between the nodes is read off by no more, since it is 1-Lipschitz. */
export const LATTICE_OFF_MM = STEP_MM * Math.SQRT1_2;

/**
 * The most that is read from a lattice where the distance is `mm`. Of a place at distance d outside each corner of its
 * cell is at most as far from the nearest place of the section, and their weighted mean is at most the root of the
 * weighted mean of squares (Jensen's inequality): √(d² + 8) for cells of 4 mm. Inside it is bounded as any distance
 * is.
 */
export const mostReadMm = (mm: number): number =>
  mm > 0 ? sqrt(mm * mm + LATTICE_OFF_MM * LATTICE_OFF_MM) : mm + LATTICE_OFF_MM;

/**
 * Distance in mm read between the nodes: quick, and off by no more than {@link LATTICE_OFF_MM} either way; from above
 * {@link mostReadMm} bounds it closely. In most places it is off by a few hundredths; by 1 to 2 mm next to a sharp
 * corner and, however far off, where two parts of the section are equally near.
 * @param axialMm as for {@link distanceToSectionMm}
 */
export function latticeDistanceMm(lattice: DistanceLattice, axialMm: number, radiusMm: number): number {
  const { nodes, columns, fromMm } = lattice;
  const x = ((fromMm === 0 ? abs(axialMm) : axialMm) - fromMm) * (1 / STEP_MM);
  const y = radiusMm * (1 / STEP_MM);
  const i = x | 0;
  const j = y | 0;
  if (x < 0 || i + 1 >= columns || j + 1 >= lattice.rows)
    return distanceToSectionMm(lattice.section, axialMm, radiusMm);
  const u = x - i;
  const v = y - j;
  const at = j * columns + i;
  const sum =
    (nodes[at]! * (1 - u) + nodes[at + 1]! * u) * (1 - v) +
    (nodes[at + columns]! * (1 - u) + nodes[at + columns + 1]! * u) * v;
  if (sum === sum) return sum;
  fillCell(lattice, at);
  return latticeDistanceMm(lattice, axialMm, radiusMm);
}

/**
 * Fills in those corners of a cell that no cell beside it has filled in: each would be computed four times. How far off
 * one corner is bounds how far the others are.
 */
function fillCell({ section, nodes, columns, fromMm }: DistanceLattice, at: number): void {
  const corners = [at, at + 1, at + columns, at + columns + 1];
  let least = FAR_MM;
  for (const node of corners) if (abs(nodes[node]!) < least) least = abs(nodes[node]!);
  for (const node of corners) {
    if (!Number.isNaN(nodes[node]!)) continue;
    const [axial, radius] = [fromMm + (node % columns) * STEP_MM, floor(node / columns) * STEP_MM];
    nodes[node] = distanceToSectionMm(section, axial, radius, least + ACROSS_MM);
    least = min(least, abs(nodes[node]!));
  }
}
