import { keptFor } from '#core/kept';
import { distanceToSectionMm, halfWidthAtRadiusMm, innerEndMm, type Section } from '#core/section';

// Taken out of their object once: these are asked millions of times in a window.
const { abs, ceil, floor, max, min, sqrt } = Math;

/**
 * A section grown by a limit all round, or shrunk by an accepted rub: at each radius the stretch of the axis that it
 * takes up, mm.
 */
export interface Grown {
  section: Section;
  limitMm: number;
  /**
   * Where the stretch begins and ends, by radius in steps from the axis outward; Infinity and -Infinity where there is
   * none.
   */
  low: Float64Array;
  high: Float64Array;
}

/** Which end of the stretch: the inboard or the outboard one. */
export type End = 'low' | 'high';

const STEP_MM = 0.5;

/**
 * The stretches of a section whose every place is to keep `limitMm`: at a radius r from the lowest of lo(r′) − √(L² −
 * (r − r′)²) to the highest of hi(r′) + √(L² − (r − r′)²) over |r − r′| ≤ L; for a rub what all of lo(r′) + √ … hi(r′)
 * − √ have in common. The stretches of neighbouring radii overlap, so what is left is one stretch too. Read in steps,
 * close enough to look by. Mm.
 */
export function grown(section: Section, limitMm: number): Grown {
  const known = keptOf(section);
  const made = known.get(limitMm) ?? worked(section, limitMm);
  known.set(limitMm, made);
  return made;
}
const keptOf = keptFor<Section, Map<number, Grown>>(() => new Map());

function worked(section: Section, limitMm: number): Grown {
  const reach = abs(limitMm);
  const rows = ceil((section.radiusMm + max(0, limitMm)) / STEP_MM) + 2;
  const whole = rows + ceil(reach / STEP_MM) + 1;
  const ownLow = new Float64Array(whole).fill(Infinity);
  const ownHigh = new Float64Array(whole).fill(-Infinity);
  for (let i = 0; i < whole && i * STEP_MM <= section.radiusMm; i++) {
    const [low, high] = [innerEndMm(section, i * STEP_MM), halfWidthAtRadiusMm(section, i * STEP_MM)];
    if (low > high) continue;
    ownLow[i] = low;
    ownHigh[i] = high;
  }
  const span = floor(reach / STEP_MM);
  const rise = Float64Array.from({ length: span + 1 }, (_, i) => sqrt(reach * reach - (i * STEP_MM) ** 2));
  const low = new Float64Array(rows).fill(Infinity);
  const high = new Float64Array(rows).fill(-Infinity);
  for (let i = 0; i < rows; i++) {
    let [from, to] = limitMm < 0 ? [-Infinity, Infinity] : [Infinity, -Infinity];
    for (let j = -span; j <= span; j++) {
      const at = abs(i + j);
      const lift = rise[abs(j)]!;
      if (limitMm < 0) {
        from = max(from, ownLow[at]! + lift);
        to = min(to, ownHigh[at]! - lift);
      } else {
        from = min(from, ownLow[at]! - lift);
        to = max(to, ownHigh[at]! + lift);
      }
    }
    if (from > to) continue;
    low[i] = from;
    high[i] = to;
  }
  return { section, limitMm, low, high };
}

/**
 * An end of the stretch at a radius from the table, mm; Infinity or -Infinity where the grown section does not reach so
 * far out.
 */
export function tableEndMm({ low, high }: Grown, end: End, radiusMm: number): number {
  const table = end === 'low' ? low : high;
  const y = radiusMm * (1 / STEP_MM);
  const i = y | 0;
  const none = end === 'low' ? Infinity : -Infinity;
  if (i + 1 >= table.length) return none;
  const [one, other] = [table[i]!, table[i + 1]!];
  if (one === none || other === none) return end === 'low' ? min(one, other) : max(one, other);
  return one + (other - one) * (y - i);
}

const NARROWINGS = 24;
const CLOSE_MM = 2e-4;
const BESIDE_MM = 0.25;

/**
 * The same exactly: where the distance to the section is the limit, by false position (Illinois) from the table's
 * guess.
 */
export function exactEndMm(of: Grown, end: End, radiusMm: number): number {
  const { section, limitMm } = of;
  const way = end === 'low' ? -1 : 1;
  const none = end === 'low' ? Infinity : -Infinity;
  const [tableLow, tableHigh] = [tableEndMm(of, 'low', radiusMm), tableEndMm(of, 'high', radiusMm)];
  const middle = tableLow <= tableHigh ? (way * (tableLow + tableHigh)) / 2 : 0;
  const guess = tableLow <= tableHigh ? way * (end === 'low' ? tableLow : tableHigh) : 0;
  // Along the way out of the stretch.
  const over = (along: number): number => distanceToSectionMm(section, way * along, radiusMm) - limitMm;
  let low = max(middle, guess - BESIDE_MM);
  let atLow = over(low);
  if (atLow >= 0) [low, atLow] = [middle, over(middle)];
  if (atLow >= 0) return none;
  let high = guess + BESIDE_MM;
  let atHigh = over(high);
  if (atHigh < 0) {
    high = max(section.halfSectionMm, section.halfRimMm) + max(0, limitMm) + 1;
    atHigh = over(high);
  }
  for (let n = 0, side = 0; n < NARROWINGS && high - low > CLOSE_MM; n++) {
    const at = (low * atHigh - high * atLow) / (atHigh - atLow);
    const value = over(at);
    if (abs(value) < CLOSE_MM) return way * at;
    if (value < 0) {
      [low, atLow] = [at, value];
      if (side === -1) atHigh /= 2;
      side = -1;
    } else {
      [high, atHigh] = [at, value];
      if (side === 1) atLow /= 2;
      side = 1;
    }
  }
  return (way * (low + high)) / 2;
}
