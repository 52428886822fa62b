import { crownRadiusMm, type Section } from './profile';

/** The half section's outline as points close enough that chords leave it by less than 0.005 mm; from the axis of the wheel to the crown. */
export interface Contour {
  a: Float64Array;
  r: Float64Array;
  /** Of the chord that begins at each point: 1/length², 0 for one without length. */
  inverse: Float64Array;
  /** Least and most a, least and most r of each run of {@link RUN} chords: what lies outside a nearer box need not be looked at. */
  boxes: Float64Array;
}

/** How many chords one box holds. */
export const RUN = 8;

/** How far a chord may leave its curve, mm. */
const SAGITTA_MM = 0.004;

/** The outline of a section, made once for each. */
export function contourOf(section: Section): Contour {
  const known = made.get(section);
  if (known) return known;
  const contour = makeContour(section);
  made.set(section, contour);
  return contour;
}
const made = new WeakMap<Section, Contour>();

function makeContour(section: Section): Contour {
  const { halfRimMm, halfSectionMm, halfTreadMm, flangeRadiusMm, bellyRadiusMm, crownDropMm, radiusMm } = section;
  const a: number[] = [halfRimMm];
  const r: number[] = [0];
  const quarter = (centreA: number, across: number, high: number, from: number, to: number) =>
    walkArc(Math.abs(across), high, from, to, (t) => {
      a.push(centreA + across * Math.cos(t));
      r.push(bellyRadiusMm + high * Math.sin(t));
    });
  quarter(halfRimMm, halfSectionMm - halfRimMm, bellyRadiusMm - flangeRadiusMm, -Math.PI / 2, 0);
  quarter(halfTreadMm, halfSectionMm - halfTreadMm, radiusMm - crownDropMm - bellyRadiusMm, 0, Math.PI / 2);
  // A parabola bends alike all over: its sagitta over a step s is δ·(s/T)².
  const steps = Math.max(2, Math.ceil(0.5 * Math.sqrt(crownDropMm / SAGITTA_MM)));
  for (let i = 1; i <= steps; i++) {
    const at = halfTreadMm * (1 - i / steps);
    a.push(at);
    r.push(crownRadiusMm(section, at));
  }
  const inverse = new Float64Array(a.length);
  for (let i = 0; i + 1 < a.length; i++) {
    const squared = (a[i + 1]! - a[i]!) ** 2 + (r[i + 1]! - r[i]!) ** 2;
    inverse[i] = squared > 0 ? 1 / squared : 0;
  }
  return { a: Float64Array.from(a), r: Float64Array.from(r), inverse, boxes: boxesOf(a, r) };
}

function boxesOf(a: readonly number[], r: readonly number[]): Float64Array {
  const boxes: number[] = [];
  for (let from = 0; from + 1 < a.length; from += RUN) {
    const [as, rs] = [a.slice(from, from + RUN + 1), r.slice(from, from + RUN + 1)];
    boxes.push(Math.min(...as), Math.max(...as), Math.min(...rs), Math.max(...rs));
  }
  return Float64Array.from(boxes);
}

/** Walks a quarter of an ellipse in steps whose chords keep to the sagitta, small where it is sharp. */
function walkArc(across: number, high: number, from: number, to: number, visit: (t: number) => void): void {
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
