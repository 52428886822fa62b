import type { AxialPoint, Caliper, ReachReadings } from './records';
import { DomainError } from '#core/errors';

/** How far a brake reaches outboard of the hub face at a radius; mm, negative behind the face. */
export interface ReachRow {
  radiusMm: number;
  reachMm: number;
}

/**
 * A closed outline from readings on the car: a straightedge across the hub face, the reach of the brake at radii from
 * the hub's axis, and how far inboard its back stands. The outermost radius read is its outer edge. Common practice, no
 * source.
 * @param backMm the place of its back, from the hub face; inboard of every reach
 * @throws DomainError with the row that goes the wrong way
 */
export function outlineFromReach(rows: readonly ReachRow[], backMm: number): AxialPoint[] {
  if (rows.length < 2) throw new DomainError('needs the reach at two radii or more', 'reach');
  rows.forEach(({ radiusMm, reachMm }, index) => {
    if (index > 0 && radiusMm <= rows[index - 1]!.radiusMm)
      throw new DomainError(
        'radii grow from the hub outward: this one is not larger than the one before',
        `reach.${index}.radiusMm`,
      );
    if (reachMm <= backMm) throw new DomainError('is behind the back of the brake', `reach.${index}.reachMm`);
  });
  return [
    { a: backMm, r: rows[0]!.radiusMm },
    ...rows.map(({ radiusMm, reachMm }) => ({ a: reachMm, r: radiusMm })),
    { a: backMm, r: rows.at(-1)!.radiusMm },
  ];
}

/** What readings of a brake come to: its outline, or why there is none yet, and in which row. */
export interface JudgedReach {
  outline: AxialPoint[] | null;
  fault: string | null;
  row: number | null;
}

/** The outline that readings give, or what keeps them from being one. */
export function judgeReach({ rows = [], backMm }: ReachReadings): JudgedReach {
  const whole = rows.flatMap(({ radiusMm, reachMm }) =>
    radiusMm == null || reachMm == null ? [] : [{ radiusMm, reachMm }],
  );
  if (whole.length < rows.length) return { outline: null, fault: 'enter both figures', row: null };
  if (backMm == null) return { outline: null, fault: 'enter the back of the brake', row: null };
  try {
    return { outline: outlineFromReach(whole, backMm), fault: null, row: null };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    const row = /^reach\.(\d+)/.exec(error.path)?.[1];
    return { outline: null, fault: error.message, row: row === undefined ? null : Number(row) };
  }
}

/** What was read of a brake: as it is kept, else as an outline that was traced gives it. */
export function reachOf({ reach, outline, origin }: Caliper): ReachReadings {
  if (reach) return reach;
  return outline && origin === 'traced' && outline.length >= 4
    ? { backMm: outline[0]!.a, rows: outline.slice(1, -1).map(({ a, r }) => ({ radiusMm: r, reachMm: a })) }
    : {};
}

/** A brake with what was read of it; its outline follows as soon as the readings give one, and stands until then. */
export function withReach({ reach: _, ...caliper }: Caliper, reach: ReachReadings): Caliper {
  const isEmpty = reach.backMm == null && (reach.rows ?? []).length === 0;
  const { outline } = judgeReach(reach);
  return {
    ...caliper,
    ...(isEmpty ? {} : { reach }),
    ...(outline ? { outline, origin: 'traced' as const } : {}),
  };
}
