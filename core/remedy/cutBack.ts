import { standingOf, type PlacedPart, type SweepCase } from '#core/sweep';
import { leastOfPoint, type LeastAt } from './least';

/** A stretch of a part: clock angles about the hub's centre at rest, 0 top, + toward the front; heights over that centre, mm. */
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
}

/** How often a place is moved again where another pose comes nearer after the first. */
const PASSES = 4;
const DONE_MM = 0.02;

/**
 * Takes away from a part what is nearer to the wheel than it should be, place by place, each straight away from the wheel where it comes
 * nearest, by no more than so much.
 * @param targetMm the distance wanted
 * @param mostMm how far one place may give
 */
export function cutBack(one: SweepCase, part: PlacedPart, targetMm: number, mostMm: number): CutBack {
  const standing = standingOf(one, part.mount);
  const least = (x: number, y: number, z: number): LeastAt => leastOfPoint(one, [x, y, z], standing);
  const xyz = Float64Array.from(part.xyz);
  const before: number[] = [];
  for (let i = 0; i < xyz.length; i += 3) {
    let given = 0;
    for (let pass = 0; pass < PASSES; pass++) {
      const { mm, away } = least(xyz[i]!, xyz[i + 1]!, xyz[i + 2]!);
      if (pass === 0) before.push(mm);
      const step = Math.min(targetMm - mm, mostMm - given);
      if (step <= DONE_MM) break;
      for (let axis = 0; axis < 3; axis++) xyz[i + axis]! += away[axis]! * step;
      given += step;
    }
  }
  return { part: { ...part, xyz }, patch: patchOf(part, before, targetMm) };
} // prettier-ignore

/** The stretches of a part that are nearer than they should be; between two points one ends where the distance between theirs would. */
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
