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

const HALVINGS = 40;

/** The same exactly: where the distance to the section is the limit, by halving. */
export function exactHalfWidthMm({ section, limitMm }: HalfWidths, radiusMm: number): number {
  if (distanceToSectionMm(section, 0, radiusMm) >= limitMm) return BEYOND_MM;
  let low = 0;
  let high = max(section.halfSectionMm, section.halfRimMm) + max(0, limitMm) + 1;
  for (let n = 0; n < HALVINGS && high - low > 1e-5; n++) {
    const middle = (low + high) / 2;
    if (distanceToSectionMm(section, middle, radiusMm) < limitMm) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
