import type { SectionPoint } from './point';
import { crownRadiusMm, halfWidthAtRadiusMm, type Section } from './profile';

/**
 * The section's outline above the rim flange as a line of points, from the inboard flange over the crown to the
 * outboard one.
 * @param steps points on each of the three curves of a side
 */
export function tireOutline(section: Section, steps = 12): SectionPoint[] {
  const { flangeRadiusMm, bellyRadiusMm, radiusMm, crownDropMm, halfTreadMm } = section;
  const side: SectionPoint[] = [];
  const walk = (from: number, to: number, bend: (t: number) => number) => {
    for (let i = 0; i < steps; i++) {
      const r = from + (to - from) * bend(i / steps);
      side.push({ a: halfWidthAtRadiusMm(section, r), r });
    }
  };
  // Steps close up where the ellipses turn steep: at the flange and at the tread's edge.
  walk(flangeRadiusMm + 1e-9, bellyRadiusMm, (t) => 1 - Math.cos((t * Math.PI) / 2));
  walk(bellyRadiusMm, radiusMm - crownDropMm, (t) => Math.sin((t * Math.PI) / 2));
  for (let i = 0; i <= steps; i++) {
    const a = halfTreadMm * (1 - i / steps);
    side.push({ a, r: crownRadiusMm(section, a) });
  }
  const inboard = side.map(({ a, r }) => ({ a: -a, r }));
  return [...inboard, ...side.slice(0, -1).reverse()];
}
