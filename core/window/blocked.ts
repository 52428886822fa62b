import { AT_REST, type Placement } from '#core/kinematics';
import type { Section } from '#core/section';
import {
  coarseMinima,
  refine,
  posedParts,
  type Motion,
  type PlacedPart,
  type PoseGrid,
  type Stand,
  type PosedPart,
} from '#core/sweep';
import { exactEndMm, grown, tableEndMm, type Grown } from './grown';
import type { Span } from './spans';

// Taken out of their object once: these are asked millions of times in a window.
const { max, min, sqrt } = Math;

/**
 * One of the wheels of a side, of which the offset is sought: the rim centerline stands at turn · offset + at, mm out
 * from the hub face; turn is −1, or +1 for the outer wheel of a dual pair, which is turned over.
 */
export interface WindowBody {
  section: Section;
  turn: 1 | -1;
  atMm: number;
}

/**
 * A part as every wheel of a window passes it: where its points are, seen from the hub, in every pose; made once for
 * all widths and offsets.
 */
export interface PartPath {
  part: PlacedPart;
  stand: Stand['stand'];
  /** Null where nothing moves. */
  grid: PoseGrid | null;
  /** Out from the hub face and distance from the axis, point by point, pose by pose. */
  out: Float32Array;
  radius: Float32Array;
}

/**
 * Lays out where a part is before the hub in every pose of a rough grid, one path for each range of poses that counts.
 */
export const partPaths = (part: PlacedPart, motion: Motion, locks = true): PartPath[] =>
  posedParts(motion, part.mount, locks).map((standing) => pathOf(part, standing));

function pathOf(part: PlacedPart, { stand, grid, placements }: PosedPart): PartPath {
  const count = part.xyz.length / 3;
  const out = new Float32Array(count * placements.length);
  const radius = new Float32Array(count * placements.length);
  placements.forEach((placement, pose) => {
    for (let i = 0; i < count; i++) {
      const place = look(placement, part.xyz, i, 0);
      out[pose * count + i] = place.out;
      radius[pose * count + i] = place.radius;
    }
  });
  return { part, stand, grid, out, radius };
}

/** A place of a part: a point, or so far on toward the next one. */
// eslint-disable-next-line max-params -- asked millions of times a sweep: an object a call would cost more than the sum
function look(p: Placement, xyz: Float64Array, i: number, share: number): { out: number; radius: number } {
  const j = share > 0 ? i + 1 : i;
  const x = xyz[3 * i]! + (xyz[3 * j]! - xyz[3 * i]!) * share;
  const y = xyz[3 * i + 1]! + (xyz[3 * j + 1]! - xyz[3 * i + 1]!) * share;
  const z = xyz[3 * i + 2]! + (xyz[3 * j + 2]! - xyz[3 * i + 2]!) * share;
  const fwd = p[4]! * x + p[5]! * y + p[6]! * z + p[7]!;
  const up = p[8]! * x + p[9]! * y + p[10]! * z + p[11]!;
  return { out: p[0]! * x + p[1]! * y + p[2]! * z + p[3]!, radius: sqrt(fwd * fwd + up * up) };
}

/**
 * Stretches closer together than this are taken as one: between two rough poses the part passes through the gap, mm.
 */
const JOIN_MM = 12;
/** How much further an edge may lie beside a node of the rough grid, mm. */
const SLACK_MM = 14;
/** How much nearer a part may come between two poses of the rough grid than in either, mm. */
const BESIDE_MM = 3;
const FIRST = { from: 0.5, to: 0.1 };
const FINE = { from: 0.1, to: 0.008 };
const LAST = { from: 0.016, to: 0.008 };
/** A point within this of the furthest by the table is looked at exactly, mm. */
const DOUBT_MM = 0.2;
/** How closely a placement is looked at: by the table; exactly at its points; along the edges between them too. */
type Closely = 'table' | 'exact' | 'edges';

/**
 * The offsets at which one wheel would come nearer to a part than its limit in some pose. The place at which a wheel of
 * offset E stands is turn · E + at; a point out at x where the section reaches from lo to hi blocks every place between
 * x − hi and x − lo. Rough poses first, then every edge of the outcome is walked to where it is furthest, to about 0.05
 * mm.
 * @param within the offsets of interest, mm; edges outside are not walked
 */
export function blockedOffsets({
  path,
  body,
  limitMm,
  within,
}: {
  path: PartPath;
  body: WindowBody;
  limitMm: number;
  within: Span;
}): Span[] {
  const widths = grown(body.section, limitMm);
  const { grid } = path;
  // Looked for a little wider than it is: between two rough poses a part may come as much nearer.
  const wide = grown(body.section, limitMm + BESIDE_MM);
  const found = coarseStretches({ path, body, widths: wide, within }).map(({ span, lows, highs }): Span => {
    const walk = (way: 1 | -1): number => {
      const [edges, seen] = way > 0 ? [highs, span[1]] : [lows, span[0]];
      if (seen < within[0] - SLACK_MM || seen > within[1] + SLACK_MM) return seen;
      return furthest({ path, body, widths, way, edges, grid });
    };
    return [walk(-1), walk(1)];
  });
  return found.filter(([from, to]) => Number.isFinite(from) && Number.isFinite(to) && from < to);
}

/** A stretch that rough poses block, with how far each pose reaches in it either way. */
interface Stretch {
  span: Span;
  lows: Float32Array;
  highs: Float32Array;
}

/** How far beyond the offsets of interest stretches are told apart, mm. */
const MARGIN_MM = 40;

function coarseStretches({
  path,
  body,
  widths,
  within,
}: {
  path: PartPath;
  body: WindowBody;
  widths: Grown;
  within: Span;
}): Stretch[] {
  const { part, out, radius } = path;
  const count = part.xyz.length / 3;
  const poses = out.length / count;
  const base = Math.floor(within[0]) - MARGIN_MM;
  const bins = Math.ceil(within[1]) + MARGIN_MM - base;
  const changes = new Int32Array(bins + 1);
  const held = (mm: number): number => min(bins, max(0, mm - base));
  for (let at = 0; at < out.length; at++) {
    const low = tableEndMm(widths, 'low', radius[at]!);
    if (low === Infinity) continue;
    const middle = body.turn * (out[at]! - body.atMm);
    const [from, to] = [
      Math.floor(held(middle + low)),
      Math.ceil(held(middle + tableEndMm(widths, 'high', radius[at]!))),
    ];
    if (from === to) continue;
    changes[from]! += 1;
    changes[to]! -= 1;
  }
  const spans: [number, number][] = [];
  for (let bin = 0, depth = 0; bin < bins; bin++) {
    depth += changes[bin]!;
    if (depth === 0) continue;
    const last = spans.at(-1);
    if (last && base + bin - last[1] < JOIN_MM) last[1] = base + bin + 1;
    else spans.push([base + bin, base + bin + 1]);
  }
  return spans.map(([from, to]): Stretch => {
    const lows = new Float32Array(poses).fill(Infinity);
    const highs = new Float32Array(poses).fill(-Infinity);
    for (let pose = 0, at = 0; pose < poses; pose++)
      for (let i = 0; i < count; i++, at++) {
        const low = tableEndMm(widths, 'low', radius[at]!);
        if (low === Infinity) continue;
        const middle = body.turn * (out[at]! - body.atMm);
        const [first, last] = [middle + low, middle + tableEndMm(widths, 'high', radius[at]!)];
        if (last < from - 1 || first > to + 1) continue;
        if (first < lows[pose]!) lows[pose] = first;
        if (last > highs[pose]!) highs[pose] = last;
      }
    const extent: Span = [lows.reduce((one, other) => min(one, other)), highs.reduce((one, other) => max(one, other))];
    return { span: extent, lows, highs };
  });
}

/** How far the stretch that a part blocks reaches one way, from the rough poses that reach furthest in it. */
function furthest({
  path,
  body,
  widths,
  way,
  edges,
  grid,
}: {
  path: PartPath;
  body: WindowBody;
  widths: Grown;
  way: 1 | -1;
  edges: Float32Array;
  grid: PoseGrid | null;
}): number {
  const reach = reachIn({ partPath: path, body, widths, way });
  if (!grid) return way * reach(path.stand(AT_REST), 'edges');
  const starts = coarseMinima(
    Float32Array.from(edges, (edge) => -way * edge),
    grid,
    SLACK_MM,
  ).slice(0, 3);
  const rough = starts.map(({ pose }) =>
    refine({ start: pose, grid, walk: FIRST, look: (at) => -reach(path.stand(at), 'table') }),
  );
  const best = rough.reduce((least, one) => (one.mm < least.mm ? one : least));
  const fine = refine({ start: best.pose, grid, walk: FINE, look: (at) => -reach(path.stand(at), 'exact') });
  if (!path.part.edge) return way * -fine.mm;
  return way * -refine({ start: fine.pose, grid, walk: LAST, look: (at) => -reach(path.stand(at), 'edges') }).mm;
}

/**
 * How far one way the part blocks in one placement, as seen along that way; with the edges between its points where
 * that is asked.
 */
function reachIn({
  partPath: { part },
  body,
  widths,
  way,
}: {
  partPath: PartPath;
  body: WindowBody;
  widths: Grown;
  way: 1 | -1;
}): (placement: Placement, closely: Closely) => number {
  const { xyz } = part;
  const count = xyz.length / 3;
  const rough = new Float64Array(count);
  const end = way > 0 ? 'high' : 'low';
  // No stretch reaches -Infinity far, either way.
  const exact = (placement: Placement, i: number, share: number): number => {
    const { out, radius } = look(placement, xyz, i, share);
    return way * (body.turn * (out - body.atMm) + exactEndMm(widths, end, radius));
  };
  const byTable = (placement: Placement, i: number, share: number): number => {
    const { out, radius } = look(placement, xyz, i, share);
    return way * (body.turn * (out - body.atMm) + tableEndMm(widths, end, radius));
  };
  return (placement, closely) => {
    let most = -Infinity;
    for (let i = 0; i < count; i++) {
      rough[i] = byTable(placement, i, 0);
      if (rough[i]! > most) most = rough[i]!;
    }
    if (closely === 'table') return most;
    let found = -Infinity;
    let at = 0;
    for (let i = 0; i < count; i++) {
      if (rough[i]! < most - DOUBT_MM) continue;
      const mm = exact(placement, i, 0);
      if (mm <= found) continue;
      found = mm;
      at = i;
    }
    if (closely !== 'edges' || !part.edge) return found;
    for (let i = max(0, at - 1); i < min(at + 1, count - 1); i++) {
      const share = furthestShare((along) => byTable(placement, i, along));
      if (share > 0) found = max(found, exact(placement, i, share));
    }
    return found;
  };
}

const GOLDEN = (sqrt(5) - 1) / 2;
const NARROWINGS = 9;

/** How far along an edge a function is most, by golden section; 0 where one of its ends is. */
function furthestShare(reach: (share: number) => number): number {
  let [low, high] = [0, 1];
  let [first, second] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [one, other] = [reach(first), reach(second)];
  for (let n = 0; n < NARROWINGS; n++)
    if (one > other) {
      [high, second, other] = [second, first, one];
      first = high - GOLDEN * (high - low);
      one = reach(first);
    } else {
      [low, first, one] = [first, second, other];
      second = low + GOLDEN * (high - low);
      other = reach(second);
    }
  const [share, most] = one > other ? [first, one] : [second, other];
  return most > max(reach(0), reach(1)) ? share : 0;
}
