import {
  allowanceOf,
  axleParts,
  fitCandidate,
  obstacleLimit,
  sectionOfFitted,
  solidOf,
  type AxlePart,
} from '#core/evaluate';
import { ruleInForce, type AxleName, type Setup } from '#core/job';
import { halfWidthAtRadiusMm } from '#core/section';
import { distanceMm, mountOf } from '#core/sweep';
import { clearanceVerdict } from '#core/verdict';
import { partPaths, type PartPath, type Span } from '#core/window';
import { bitOf } from './needs';
import type { FindAsk } from './records';
import { rankOf } from './score';
import { roomShareOf, type Seen } from './seen';

/** Where a part stands furthest in and furthest out at each distance from the axis, over a rough grid of poses. */
interface Reach {
  part: AxlePart;
  out: Float64Array;
  radius: Float64Array;
}

/** Places of a part at the same distance from the axis, as close as this, are one, mm. */
const BAND_MM = 1;
/** A wheel goes so far into a part before a rough pose shows that it touches, mm: more than any rounding. */
const SHOWN_MM = 0.02;

/**
 * The parts of an axle in a rough grid of the poses that count. Every pose of it is one that a sweep goes through too:
 * what touches here touches there, what clears here may still touch between two poses.
 */
export class RoughParts {
  readonly #ask: FindAsk;
  readonly #axle: AxleName;
  readonly #reaches: Reach[];
  /** The best that the parts can be said to be: nothing is shown to clear where nobody knows how the wheel moves. */
  readonly bestRank: number;

  constructor(ask: FindAsk, axle: AxleName) {
    const { job, setup } = ask;
    const { parts, resolved } = axleParts(job.vehicle, axle);
    const change = setup.suspensionChange?.[axle] ?? null;
    const motion = { geometry: resolved.geometry, change, poses: ruleInForce('poses', job) };
    this.#ask = ask;
    this.#axle = axle;
    this.#reaches = parts.flatMap((part) =>
      part.placed ? partPaths(part.placed, motion).map((path) => reachOf(part, path)) : [],
    );
    const open = parts.some(
      ({ obstacle, placed }) => !placed || (!resolved.geometry && mountOf(obstacle) !== 'knuckle'),
    );
    this.bestRank = rankOf(open ? 'unknown' : 'ok');
  }

  /**
   * Which effective offsets, least first, bring tire or flange into a part. What stands inside the barrel is left out:
   * there wheels of one size differ.
   */
  touching(made: Setup, effectiveOffsetsMm: Float64Array): Uint8Array {
    const { job } = this.#ask;
    const fitted = fitCandidate(job.vehicle, this.#axle, made[this.#axle]);
    const section = fitted.dual ? null : sectionOfFitted(fitted, allowanceOf(job.brief));
    const touches = new Uint8Array(effectiveOffsetsMm.length);
    if (!section) return touches;
    const tireRadiusMm = section.radiusMm;
    const [first, last] = [effectiveOffsetsMm[0]!, effectiveOffsetsMm.at(-1)!];
    const widest = Math.max(section.halfRimMm, section.halfSectionMm);
    for (const { part, out, radius } of this.#reaches) {
      if (this.#limitOf(part, tireRadiusMm).rub) continue;
      for (let i = 0; i < out.length; i++) {
        const [at, r] = [out[i]!, radius[i]!];
        if (r <= section.flangeRadiusMm || r >= tireRadiusMm) continue;
        if (widest - at < first || -widest - at > last) continue;
        const half = halfWidthAtRadiusMm(section, r) - SHOWN_MM;
        // The rim centerline stands at −E: the place is inside where |out + E| < half.
        mark(touches, effectiveOffsetsMm, [-half - at, half - at]);
      }
    }
    return touches;
  }

  /** What a setup would meet in the rough grid: its worst verdict and tightest room can only be worse than that. */
  seen(made: Setup): Seen {
    const { job } = this.#ask;
    const all: Seen = { fails: 0, rank: this.bestRank, share: 0 };
    const fitted = fitCandidate(job.vehicle, this.#axle, made[this.#axle]);
    const solid = solidOf(fitted, allowanceOf(job.brief));
    if (!solid) return all;
    const radiusMm = fitted.overallDiameterMm! / 2;
    for (const { part, out, radius } of this.#reaches) {
      const limit = this.#limitOf(part, radiusMm);
      let least = Infinity;
      for (let i = 0; i < out.length; i++) least = Math.min(least, distanceMm(solid, out[i]!, radius[i]!, 0));
      if (limit.rub || least === Infinity) continue;
      const code = `obstacle:${part.obstacle.id}`;
      // A hair further away: exact minima are found to a few thousandths.
      const clearanceMm = least + SHOWN_MM;
      const verdict = clearanceVerdict(clearanceMm, limit.value);
      if (verdict === 'fail') all.fails |= bitOf(code);
      all.rank = Math.max(all.rank, rankOf(verdict));
      const figure = { code, value: clearanceMm, limit: limit.value, margin: clearanceMm - limit.value, verdict };
      all.share = Math.max(all.share, roomShareOf(figure));
    }
    return all;
  }

  #limitOf({ obstacle, placed }: AxlePart, tireRadiusMm: number) {
    return obstacleLimit({ obstacle, terms: this.#ask.job, axle: this.#axle, placed, tireRadiusMm });
  }
}

/** The outermost and innermost place of each band; places between them block no wheel that these do not. */
function reachOf(part: AxlePart, { out, radius }: PartPath): Reach {
  const lows = new Map<number, number>();
  const highs = new Map<number, number>();
  for (let i = 0; i < out.length; i++) {
    const band = Math.floor(radius[i]! / BAND_MM);
    const [low, high] = [lows.get(band), highs.get(band)];
    if (low === undefined || out[i]! < out[low]!) lows.set(band, i);
    if (high === undefined || out[i]! > out[high]!) highs.set(band, i);
  }
  const places = [...new Set([...lows.values(), ...highs.values()])];
  return {
    part,
    out: Float64Array.from(places, (i) => out[i]!),
    radius: Float64Array.from(places, (i) => radius[i]!),
  };
}

/** Marks what of a rising row lies between two figures. */
function mark(marks: Uint8Array, row: Float64Array, [from, to]: Span): void {
  let [low, high] = [0, row.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (row[middle]! < from) low = middle + 1;
    else high = middle;
  }
  for (let i = low; i < row.length && row[i]! <= to; i++) marks[i] = 1;
}
