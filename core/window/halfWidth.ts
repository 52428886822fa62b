import { distanceToSectionMm, halfWidthAtRadiusMm, type Section } from '#core/section';

// Taken out of their object once: these are asked millions of times in a window.
const { abs, ceil, floor, max, min, sqrt } = Math;

/** A section grown by a limit all round, or shrunk by an accepted rub: half its width at a radius, mm. */
export interface HalfWidths {
  section: Section;
  limitMm: number;
  /** Half widths by radius in steps, from the axis outward; negative beyond it. */
  table: Float64Array;
}

const STEP_MM = 0.5;
const BEYOND_MM = -1;

/**
 * The half widths of a section whose every place is to keep `limitMm`: at a radius r the widest of w(r′) + √(L² − (r − r′)²) over
 * |r − r′| ≤ L; for a rub the narrowest of w(r′) − √(L² − (r − r′)²). Read in steps, close enough to look by. Mm.
 */
export function halfWidths(section: Section, limitMm: number): HalfWidths {
  const known = kept.get(section) ?? new Map<number, HalfWidths>();
  kept.set(section, known);
  const made = known.get(limitMm) ?? worked(section, limitMm);
  known.set(limitMm, made);
  return made;
}
const kept = new WeakMap<Section, Map<number, HalfWidths>>();

function worked(section: Section, limitMm: number): HalfWidths {
  const reach = abs(limitMm);
  const rows = ceil((section.radiusMm + max(0, limitMm)) / STEP_MM) + 2;
  const own = Float64Array.from({ length: rows + ceil(reach / STEP_MM) + 1 }, (_, i) =>
    i * STEP_MM > section.radiusMm ? BEYOND_MM : halfWidthAtRadiusMm(section, i * STEP_MM),
  );
  const span = floor(reach / STEP_MM);
  const rise = Float64Array.from({ length: span + 1 }, (_, i) => sqrt(reach * reach - (i * STEP_MM) ** 2));
  const table = new Float64Array(rows);
  for (let i = 0; i < rows; i++) {
    let best = limitMm < 0 ? Infinity : BEYOND_MM;
    for (let j = -span; j <= span; j++) {
      const width = own[abs(i + j)]!;
      const lift = rise[abs(j)]!;
      if (limitMm < 0) best = min(best, width < 0 ? BEYOND_MM : width - lift);
      else if (width >= 0) best = max(best, width + lift);
    }
    table[i] = best;
  }
  return { section, limitMm, table };
}

/** Half width at a radius from the table, mm; negative where the grown section does not reach so far out. */
export function tableHalfWidthMm({ table }: HalfWidths, radiusMm: number): number {
  const y = radiusMm * (1 / STEP_MM);
  const i = y | 0;
  if (i + 1 >= table.length) return BEYOND_MM;
  const [one, other] = [table[i]!, table[i + 1]!];
  return one < 0 || other < 0 ? max(one, other) : one + (other - one) * (y - i);
}

const NARROWINGS = 24;
const CLOSE_MM = 2e-4;

/** The same exactly: where the distance to the section is the limit, by false position (Illinois) from the table's guess. */
export function exactHalfWidthMm(widths: HalfWidths, radiusMm: number): number {
  const { section, limitMm } = widths;
  const over = (a: number): number => distanceToSectionMm(section, a, radiusMm) - limitMm;
  const guess = max(0, tableHalfWidthMm(widths, radiusMm));
  let low = max(0, guess - 0.25);
  let atLow = over(low);
  if (atLow >= 0) [low, atLow] = [0, over(0)];
  if (atLow >= 0) return BEYOND_MM;
  let high = guess + 0.25;
  let atHigh = over(high);
  if (atHigh < 0) {
    high = max(section.halfSectionMm, section.halfRimMm) + max(0, limitMm) + 1;
    atHigh = over(high);
  }
  for (let n = 0, side = 0; n < NARROWINGS && high - low > CLOSE_MM; n++) {
    const at = (low * atHigh - high * atLow) / (atHigh - atLow);
    const value = over(at);
    if (abs(value) < CLOSE_MM) return at;
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
  return (low + high) / 2;
}
