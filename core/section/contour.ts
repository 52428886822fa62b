import { keptFor } from '#core/kept';
import type { SectionPoint } from './point';
import { crownRadiusMm, type Section } from './profile';

/** Pieces of an outline, each so far on from where it begins; mm. */
export interface Pieces {
  a: Float64Array;
  r: Float64Array;
  da: Float64Array;
  dr: Float64Array;
  /** Of each piece: 1/length², 0 for one without length. */
  inverse: Float64Array;
  /**
   * Least and most a, least and most r of each run of {@link RUN} pieces: what lies outside a nearer box need not be
   * looked at.
   */
  boxes: Float64Array;
}

/** The half section's outline as chords that leave it by less than 0.005 mm. */
export interface Contour {
  /** What both sides have alike, for places with a taken as positive: the tire; of a solid disc the rim's face too. */
  alike: Pieces;
  /** What only one side has: the outboard face, the inboard flange, barrel and spokes. Null for a solid disc. */
  sided: Pieces | null;
}

/** How many pieces one box holds. */
export const RUN = 8;

/** How far a chord may leave its curve, mm. */
const SAGITTA_MM = 0.004;

/** The outline of a section, made once for each. */
export const contourOf = keptFor<Section, Contour>(makeContour);

function makeContour(section: Section): Contour {
  const { halfRimMm, flangeRadiusMm, hollow } = section;
  const tire = tireChain(section);
  if (!hollow) return { alike: piecesOf([[{ a: halfRimMm, r: 0 }, ...tire]]), sided: null };
  const { line, backRadiusMm } = hollow;
  const face = line.map(({ r }) => ({ a: halfRimMm, r }));
  // Where the spokes stand beyond the outboard flange nothing of the disc is left between the two.
  const there = line.map(({ a }, i) => i > 0 && !(a >= halfRimMm && line[i - 1]!.a >= halfRimMm));
  const stretches = (chain: readonly SectionPoint[]): SectionPoint[][] =>
    chain.flatMap((point, i) => (there[i] ? [[chain[i - 1]!, point]] : []));
  return {
    alike: piecesOf([tire]),
    sided: piecesOf([
      [
        { a: halfRimMm, r: flangeRadiusMm },
        { a: halfRimMm, r: backRadiusMm },
      ],
      ...stretches(face),
      [
        { a: -halfRimMm, r: flangeRadiusMm },
        { a: -halfRimMm, r: backRadiusMm },
      ],
      ...stretches(line),
    ]),
  };
}

/** From the top of the flange over the belly to the crown's middle. */
function tireChain(section: Section): SectionPoint[] {
  const { halfRimMm, halfSectionMm, halfTreadMm, flangeRadiusMm, bellyRadiusMm, crownDropMm, radiusMm } = section;
  const chain: SectionPoint[] = [];
  const quarter = ({ centerA, across, high, from }: { centerA: number; across: number; high: number; from: number }) =>
    walkArc({
      across: Math.abs(across),
      high,
      from,
      to: from + Math.PI / 2,
      visit: (t) => {
        chain.push({ a: centerA + across * Math.cos(t), r: bellyRadiusMm + high * Math.sin(t) });
      },
    });
  const [below, above] = [bellyRadiusMm - flangeRadiusMm, radiusMm - crownDropMm - bellyRadiusMm];
  quarter({ centerA: halfRimMm, across: halfSectionMm - halfRimMm, high: below, from: -Math.PI / 2 });
  quarter({ centerA: halfTreadMm, across: halfSectionMm - halfTreadMm, high: above, from: 0 });
  // A parabola bends alike all over: its sagitta over a step s is δ·(s/T)².
  const steps = Math.max(2, Math.ceil(0.5 * Math.sqrt(crownDropMm / SAGITTA_MM)));
  for (let i = 1; i <= steps; i++) {
    const a = halfTreadMm * (1 - i / steps);
    chain.push({ a, r: crownRadiusMm(section, a) });
  }
  return chain;
}

function piecesOf(chains: readonly (readonly SectionPoint[])[]): Pieces {
  const count = chains.reduce((sum, chain) => sum + Math.max(0, chain.length - 1), 0);
  const [a, r, da, dr, inverse] = Array.from({ length: 5 }, () => new Float64Array(count)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const boxes = new Float64Array(4 * Math.ceil(count / RUN));
  let at = 0;
  for (const chain of chains)
    for (let i = 0; i + 1 < chain.length; i++, at++) {
      const [from, to] = [chain[i]!, chain[i + 1]!];
      a[at] = from.a;
      r[at] = from.r;
      da[at] = to.a - from.a;
      dr[at] = to.r - from.r;
      const squared = da[at]! * da[at]! + dr[at]! * dr[at]!;
      inverse[at] = squared > 0 ? 1 / squared : 0;
      const box = 4 * Math.floor(at / RUN);
      const fresh = at % RUN === 0;
      boxes[box] = Math.min(fresh ? Infinity : boxes[box]!, from.a, to.a);
      boxes[box + 1] = Math.max(fresh ? -Infinity : boxes[box + 1]!, from.a, to.a);
      boxes[box + 2] = Math.min(fresh ? Infinity : boxes[box + 2]!, from.r, to.r);
      boxes[box + 3] = Math.max(fresh ? -Infinity : boxes[box + 3]!, from.r, to.r);
    }
  return { a, r, da, dr, inverse, boxes };
}

/** Walks a quarter of an ellipse in steps whose chords keep to the sagitta, small where it is sharp. */
function walkArc({
  across,
  high,
  from,
  to,
  visit,
}: {
  across: number;
  high: number;
  from: number;
  to: number;
  visit: (t: number) => void;
}): void {
  let t = from;
  visit(t);
  while (t < to) {
    // Curvature radius ρ = (A²sin² + B²cos²)^1.5 / AB; a chord c has sagitta c²/8ρ, and c = √(A²sin² + B²cos²)·dt.
    const speed = Math.hypot(across * Math.sin(t), high * Math.cos(t));
    const rho = Math.max(speed ** 3 / Math.max(1e-9, across * high), 1e-3);
    const step = Math.sqrt(8 * rho * SAGITTA_MM) / Math.max(speed, 1e-6);
    t = Math.min(to, t + Math.min(0.2, Math.max(0.004, step)));
    visit(t);
  }
}
