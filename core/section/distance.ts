import { contourOf, type Contour } from './contour';
import { halfWidthAtRadiusMm, type Section } from './profile';

/**
 * Distance in mm from a place to the section as a solid of revolution: in the plane of axis and place, negative inside. Exact to the
 * chords of the contour, 0.005 mm.
 * @param axialMm place along the axis from the rim centreline, either side alike
 * @param radiusMm distance from the axis
 */
export function distanceToSectionMm(section: Section, axialMm: number, radiusMm: number): number {
  const a = Math.abs(axialMm);
  const apart = Math.sqrt(squaredDistance(contourOf(section), a, radiusMm));
  return radiusMm < section.radiusMm && a < halfWidthAtRadiusMm(section, radiusMm) ? -apart : apart;
}

function squaredDistance({ a, r, inverse }: Contour, x: number, y: number): number {
  let least = Infinity;
  const last = a.length - 1;
  for (let i = 0; i < last; i++) {
    const dx = a[i + 1]! - a[i]!;
    const dy = r[i + 1]! - r[i]!;
    const px = x - a[i]!;
    const py = y - r[i]!;
    let t = (px * dx + py * dy) * inverse[i]!;
    if (t < 0) t = 0;
    else if (t > 1) t = 1;
    const ex = px - t * dx;
    const ey = py - t * dy;
    const squared = ex * ex + ey * ey;
    if (squared < least) least = squared;
  }
  return least;
}

/** Distances on a lattice over the half plane, read between its nodes: quick, and true to about a tenth of its step. */
export interface DistanceLattice {
  distance(axialMm: number, radiusMm: number): number;
}

const STEP_MM = 4;
/** How far beyond the section the lattice reaches; further out the exact distance is taken. */
const REACH_MM = 160;

/** The lattice of a section, made once for each. */
export function distanceLattice(section: Section): DistanceLattice {
  const known = lattices.get(section);
  if (known) return known;
  const lattice = makeLattice(section);
  lattices.set(section, lattice);
  return lattice;
}
const lattices = new WeakMap<Section, DistanceLattice>();

function makeLattice(section: Section): DistanceLattice {
  const widest = Math.max(section.halfSectionMm, section.halfRimMm);
  const columns = Math.ceil((widest + REACH_MM) / STEP_MM) + 1;
  const rows = Math.ceil((section.radiusMm + REACH_MM) / STEP_MM) + 1;
  const nodes = new Float32Array(columns * rows).fill(NaN);
  const node = (index: number): number => {
    const known = nodes[index]!;
    if (known === known) return known;
    const column = index % columns;
    return (nodes[index] = distanceToSectionMm(section, column * STEP_MM, ((index - column) / columns) * STEP_MM));
  };
  return {
    distance(axialMm, radiusMm) {
      const x = Math.abs(axialMm) / STEP_MM;
      const y = radiusMm / STEP_MM;
      const i = Math.floor(x);
      const j = Math.floor(y);
      if (i + 1 >= columns || j + 1 >= rows) return distanceToSectionMm(section, axialMm, radiusMm);
      const u = x - i;
      const v = y - j;
      const at = j * columns + i;
      const low = node(at) * (1 - u) + node(at + 1) * u;
      const high = node(at + columns) * (1 - u) + node(at + columns + 1) * u;
      return low * (1 - v) + high * v;
    },
  };
}
