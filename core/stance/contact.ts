import { tireOutline } from '#core/section';
import type { SweptSolid, TouchedRegion } from '#core/sweep';
import { addPoint, emptyMesh, type Mesh } from './mesh';

/** Stripes of a hatch: how far apart and how wide, how far each leans from point to point; degrees. */
const STRIPE = { everyDeg: 3, wideDeg: 1.1, leanDeg: 0.35 };
/** So far off the tire, mm. */
const OFF_MM = 1.2;
/** A place is shown this much larger to either side, mm and degrees. */
const AROUND = { mm: 5, deg: 2.5 };

/** Where a tire touches something on its way, as a hatch on its tread and shoulders; null where it never does. */
export function contactHatch({ bodies }: SweptSolid, regions: readonly TouchedRegion[]): Mesh | null {
  const mesh = emptyMesh();
  for (const { clockDeg, outMm } of regions)
    for (const { section, centerOut } of bodies) {
      const [least, most] = [outMm[0] - centerOut - AROUND.mm, outMm[1] - centerOut + AROUND.mm];
      const points = tireOutline(section, 12).filter(
        ({ a, r }) => a >= least && a <= most && r >= section.bellyRadiusMm,
      );
      for (let deg = clockDeg[0] - AROUND.deg; deg <= clockDeg[1] + AROUND.deg; deg += STRIPE.everyDeg)
        stripe(
          mesh,
          points.map(({ a, r }) => ({
            out: centerOut + a + OFF_MM * Math.sign(a) * Math.min(1, Math.abs(a) / section.halfTreadMm),
            r: r + OFF_MM,
          })),
          deg,
        );
    }
  return mesh.indices.length === 0 ? null : mesh;
}

function stripe(mesh: Mesh, points: readonly { out: number; r: number }[], deg: number): void {
  const ends = points.map(({ out, r }, nth) =>
    [0, STRIPE.wideDeg].map((wide) => {
      const angle = ((deg + wide + nth * STRIPE.leanDeg) * Math.PI) / 180;
      const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
      return addPoint(mesh, [out, r * sin, r * cos], [0, sin, cos]);
    }),
  );
  for (let nth = 1; nth < ends.length; nth++) {
    const [[p, q], [s, t]] = [ends[nth - 1]!, ends[nth]!];
    mesh.indices.push(p!, s!, t!, p!, t!, q!);
  }
}
