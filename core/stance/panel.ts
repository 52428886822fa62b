import type { Point3 } from '#core/kinematics';
import { merged, type Mesh } from './mesh';
import { sheet } from './sheet';

/** An opening of a side: its lip in the side's frame, about the axle it lies over. Mm, degrees. */
export interface Opening {
  lip: readonly Point3[];
  /** The axle at rest: from the front one on, and over the ground. */
  axisFwd: number;
  axisUp: number;
  /** How far the panel over the lip leans in. */
  fallDeg: number;
}

/**
 * A plain panel, for orientation alone, mm (common practice, no source): how far it goes on past an opening, how far
 * under the axles its rocker lies, how high it stands over the lips, how round it turns into the deck, how far its ends
 * come in, and how far it lies behind the outer face of a lip.
 */
const PANEL = { pastMm: 260, rockerMm: 105, overMm: 95, roundMm: 95, roundSteps: 8, noseMm: 45, behindLipMm: 1.5 };
/** A liner stands so far off the lip, and reaches so far in, mm. */
const LINER = { offMm: 14, inMm: 300 };
const STEP_DEG = 6;

/** A place on the lower edge of a panel, with the panel over it. */
interface Edge extends Point3 {
  /** Where the panel begins to lean in, and by how much. */
  lipUp: number;
  fallDeg: number;
}

/** What is drawn of a side of a body. */
export interface SideBodies {
  panel: Mesh | null;
  /** In the order of the openings. */
  liners: Mesh[];
}

/** The panel of a side over its openings, and a liner in each. */
export function sideBodies(openings: readonly Opening[]): SideBodies {
  if (openings.length === 0) return { panel: null, liners: [] };
  const ordered = [...openings].sort((one, other) => other.axisFwd - one.axisFwd);
  const rows = edgeOf(ordered).map(rowOver);
  // Both ends are closed down to the lips: under that the wheels are seen from ahead and from behind.
  const ends = ([rows[0]!, rows.at(-1)!] as const).map(([, ...row], at) =>
    sheet([row, row.map((point) => ({ ...point, out: 0 }))], [0, at === 0 ? 1 : -1, 0]),
  );
  return { panel: merged([sheet(rows, [1, 0, 0]), ...ends]), liners: openings.map(linerOf) };
}

/** The lower edge of a panel from its nose to its tail. */
function edgeOf(openings: readonly Opening[]): Edge[] {
  const arches = openings.map((opening) => ({ opening, arch: wholeArch(opening) }));
  const along = arches.flatMap(({ opening, arch }): Edge[] => {
    const { fallDeg } = opening;
    const lipUp = topOf(opening.lip);
    const up = opening.axisUp - PANEL.rockerMm;
    const legs = [arch[0]!, arch.at(-1)!].map((end) => ({ ...end, up: Math.min(up, end.up) }));
    return [legs[0]!, ...arch, legs[1]!].map((point) => ({
      ...point,
      out: point.out - PANEL.behindLipMm,
      lipUp,
      fallDeg,
    }));
  });
  const [first, last] = [along[0]!, along.at(-1)!];
  return [...past(first, 1).toReversed(), ...along, ...past(last, -1)];
}

/** The panel past its last opening: in toward the middle of the car, and up from the ground. */
function past(edge: Edge, way: 1 | -1): Edge[] {
  return [0.4, 0.75, 0.95, 1].map((share) => ({
    ...edge,
    fwd: edge.fwd + way * PANEL.pastMm * share,
    out: edge.out - PANEL.noseMm * share ** 3,
    up: edge.up + PANEL.rockerMm * share,
  }));
}

/** The panel over a place of its edge: up to the lip's height, leaning in, round, and flat to the middle of the car. */
function rowOver({ out, fwd, up, lipUp, fallDeg }: Edge): Point3[] {
  const lean = Math.tan((fallDeg * Math.PI) / 180);
  const belt = { out: out - lean * PANEL.overMm, up: lipUp + PANEL.overMm };
  const steps = Array.from({ length: PANEL.roundSteps + 1 }, (_, at) => (at / PANEL.roundSteps) * (Math.PI / 2));
  const round = steps.map((angle) => ({
    out: belt.out - PANEL.roundMm * (1 - Math.cos(angle)),
    up: belt.up + PANEL.roundMm * Math.sin(angle),
  }));
  const middle = { out: 0, up: belt.up + PANEL.roundMm };
  return [{ out, up }, { out, up: Math.max(up, lipUp) }, ...round, middle].map((place) => ({ ...place, fwd }));
}

/** The inside of an opening: a band from its lip in over the wheel. */
function linerOf(opening: Opening): Mesh {
  const arch = wholeArch(opening);
  const lifted = arch.map(({ out, fwd, up }) => {
    const [dx, dy] = [fwd - opening.axisFwd, up - opening.axisUp];
    const share = 1 + LINER.offMm / (Math.hypot(dx, dy) || 1);
    return { out: out - 2 * PANEL.behindLipMm, fwd: opening.axisFwd + dx * share, up: opening.axisUp + dy * share };
  });
  return sheet(
    [0, LINER.inMm].map((inMm) => lifted.map((point) => ({ ...point, out: point.out - inMm }))),
    [0, 0, -1],
  );
}

/** A lip from its front end to its rear one, gone on about the axle down to the axle's height. */
function wholeArch({ lip, axisFwd, axisUp }: Opening): Point3[] {
  const points = [...lip].sort((one, other) => clockOf(other) - clockOf(one));
  function clockOf({ fwd, up }: Point3): number {
    return Math.atan2(fwd - axisFwd, up - axisUp);
  }
  const onward = (end: Point3, to: number): Point3[] => {
    const [from, radius] = [clockOf(end), Math.hypot(end.fwd - axisFwd, end.up - axisUp)];
    const count = Math.ceil(((to - from) * Math.sign(to) * 180) / Math.PI / STEP_DEG);
    return Array.from({ length: Math.max(0, count) }, (_, at) => {
      const clock = from + ((to - from) * (at + 1)) / count;
      return { ...end, fwd: axisFwd + radius * Math.sin(clock), up: axisUp + radius * Math.cos(clock) };
    });
  };
  const [front, rear] = [points[0]!, points.at(-1)!];
  return [...onward(front, Math.PI / 2).toReversed(), ...points, ...onward(rear, -Math.PI / 2)];
}

const topOf = (lip: readonly Point3[]): number => Math.max(...lip.map(({ up }) => up));
