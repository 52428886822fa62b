import type { AxialPoint } from './records';
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
