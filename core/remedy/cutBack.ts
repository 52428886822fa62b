import { posedParts, type PlacedPart, type SweepCase } from '#core/sweep';
import { leastOfPoint } from './least';

/**
 * A stretch of a part: clock angles about the hub's center at rest, 0 top, + toward the front; heights over that
 * center, mm.
 */
export interface Stretch {
  clockDeg: readonly [number, number];
  upMm: readonly [number, number];
}

/** Where of a part something must give: all of it together, and stretch by stretch. */
export interface Patch extends Stretch {
  stretches: Stretch[];
  /** How much at the deepest, mm. */
  depthMm: number;
  /** Only one place was measured: how far it runs was not. */
  single: boolean;
}

/** A part with what must give taken away. */
export interface CutBack {
  part: PlacedPart;
  patch: Patch | null;
  /** How far the place that gave most was moved, mm. */
  givenMm: number;
  /** Whether every place is as far away now as was wanted. */
  reached: boolean;
}

/** How often a place is moved again where another pose comes nearest after the last move. */
const PASSES = 40;
const DONE_MM = 0.02;

/**
 * Takes away from a part what is nearer to the wheel than it should be, place by place: each straight away from the
 * wheel where it comes nearest, and again where another pose is nearest then, until it has its distance or has given
 * all it may.
 * @param targetMm the distance wanted
 * @param mostMm how far one place may give
 */
export function cutBack({
  one,
  part,
  targetMm,
  mostMm,
}: {
  one: SweepCase;
  part: PlacedPart;
  targetMm: number;
  mostMm: number;
}): CutBack {
  const standings = posedParts(one, part.mount);
  const xyz = Float64Array.from(part.xyz);
  const before: number[] = [];
  let [givenMm, reached] = [0, true];
  for (let i = 0; i < xyz.length; i += 3) {
    const from = part.xyz.subarray(i, i + 3);
    const place = xyz.subarray(i, i + 3);
    const gave = (): number => Math.hypot(place[0]! - from[0]!, place[1]! - from[1]!, place[2]! - from[2]!);
    let lacks = 0;
    for (let pass = 0; pass < PASSES; pass++) {
      const { mm, away } = leastOfPoint(one, [place[0]!, place[1]!, place[2]!], standings);
      if (pass === 0) before.push(mm);
      lacks = targetMm - mm;
      const step = Math.min(lacks, mostMm - gave());
      if (step <= DONE_MM) break;
      for (let axis = 0; axis < 3; axis++) place[axis]! += away[axis]! * step;
    }
    givenMm = Math.max(givenMm, gave());
    if (lacks > DONE_MM) reached = false;
  }
  const patch = patchOf(part, before, targetMm);
  return {
    part: { ...part, xyz },
    patch: patch && { ...patch, depthMm: Math.max(patch.depthMm, reached ? givenMm : 0) },
    givenMm,
    reached,
  };
}

/**
 * The stretches of a part that are nearer than they should be; between two points one ends where the distance between
 * theirs would.
 */
function patchOf({ xyz }: PlacedPart, mm: readonly number[], targetMm: number): Patch | null {
  const at = (i: number): Place => [xyz[3 * i + 1]!, xyz[3 * i + 2]!];
  const runs: Place[][] = [];
  let run: Place[] | null = null;
  mm.forEach((here, i) => {
    if (here < targetMm) {
      if (!run) runs.push((run = []));
      run.push(at(i));
    }
    const next = mm[i + 1];
    if (next === undefined || here < targetMm === next < targetMm) return;
    const share = (targetMm - here) / (next - here);
    const [[fwd, up], [toFwd, toUp]] = [at(i), at(i + 1)];
    const edge: Place = [fwd + (toFwd - fwd) * share, up + (toUp - up) * share];
    if (run) {
      run.push(edge);
      run = null;
    } else runs.push((run = [edge]));
  });
  if (runs.length === 0) return null;
  const stretches = runs.map((places) => stretchOf(places, runs[0]![0]!));
  return {
    ...stretchOf(runs.flat(), runs[0]![0]!),
    stretches,
    depthMm: targetMm - Math.min(...mm),
    single: mm.length === 1,
  };
}

type Place = readonly [fwd: number, up: number];

/** Round the circle the short way from a first place on. */
function stretchOf(places: readonly Place[], first: Place): Stretch {
  const middle = degrees(first);
  const clocks = places.map((place) => middle + ((((degrees(place) - middle + 180) % 360) + 360) % 360) - 180);
  const ups = places.map(([, up]) => up);
  return { clockDeg: [Math.min(...clocks), Math.max(...clocks)], upMm: [Math.min(...ups), Math.max(...ups)] };
}

const degrees = ([fwd, up]: readonly [number, number]): number => (Math.atan2(fwd, up) * 180) / Math.PI;
