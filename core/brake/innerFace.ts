import type { AxialPoint, InnerFace, WeightZone } from './records';
import { DomainError } from '#core/errors';
import { firstCrossing } from './crossings';

/** A depth read from a straightedge across the back flange, at a radius from the hub's axis; mm. */
export interface DepthRow {
  radiusMm: number;
  depthMm: number;
}

/** What is wrong with a barrel: from its first point on it must run one way along the axis. */
export function barrelFault(barrel: readonly AxialPoint[]): string | null {
  if (barrel.length < 2) return 'needs at least two points';
  const way = Math.sign(barrel.at(-1)!.a - barrel[0]!.a);
  const turn = barrel.findIndex(({ a }, index) => index > 0 && Math.sign(a - barrel[index - 1]!.a) !== way);
  if (way === 0 || turn > 0) return `turns back at point ${Math.max(turn, 1) + 1}: a must run one way`;
  return null;
}

/** What is wrong with the back of the spokes: it must run one way from rim to hub, and not cross itself. */
export function spokeFault(spoke: readonly AxialPoint[]): string | null {
  if (spoke.length < 2) return 'needs at least two points';
  const crossed = firstCrossing(spoke, false);
  if (crossed) return `crosses itself behind points ${crossed[0] + 1} and ${crossed[1] + 1}`;
  const way = Math.sign(spoke.at(-1)!.r - spoke[0]!.r);
  const turn = spoke.findIndex(({ r }, index) => index > 0 && Math.sign(r - spoke[index - 1]!.r) === -way);
  if (way === 0 || turn > 0) return `turns back at point ${turn + 1}: r must run one way`;
  return null;
}

/** What is wrong with where weights stick: they need a barrel under them. */
export function weightsFault(weights: readonly WeightZone[], barrel: readonly AxialPoint[] | undefined): string | null {
  if (weights.length === 0) return null;
  if (!barrel) return 'need a barrel first';
  const [least, most] = [Math.min(...barrel.map(({ a }) => a)), Math.max(...barrel.map(({ a }) => a))];
  const wrong = weights.findIndex(
    ({ fromMm, toMm }) => !(fromMm < toMm) || fromMm < least - 1e-6 || toMm > most + 1e-6,
  );
  return wrong < 0 ? null : `zone ${wrong + 1} must run outward, on the barrel`;
}

/**
 * An inner face from depths under a straightedge across the back flange: a = depth − backspacing (overall), at the
 * radii they were read at. Common practice, no source.
 * @param backspacingOverallMm of the wheel; the straightedge lies that far inboard of its mounting face
 * @param barrel radii at growing depths, from the back flange outward
 * @param spoke depths of the spokes' back at shrinking radii, from the rim toward the hub
 * @throws DomainError with the row where depths or radii go the wrong way
 */
export function faceFromDepths(
  backspacingOverallMm: number,
  barrel: readonly DepthRow[],
  spoke: readonly DepthRow[],
): Pick<InnerFace, 'barrel' | 'spoke'> {
  barrel.forEach(({ depthMm }, index) => {
    if (index > 0 && depthMm <= barrel[index - 1]!.depthMm)
      throw new DomainError(
        'the barrel is read deeper and deeper: this depth is not below the one before',
        `barrel.${index}.depthMm`,
      );
  });
  spoke.forEach(({ radiusMm }, index) => {
    if (index > 0 && radiusMm >= spoke[index - 1]!.radiusMm)
      throw new DomainError(
        'spokes are read from the rim toward the hub: this radius is not smaller than the one before',
        `spoke.${index}.radiusMm`,
      );
  });
  const deepest = barrel.at(-1)?.depthMm;
  spoke.forEach(({ radiusMm, depthMm }, index) => {
    if (depthMm <= 0) throw new DomainError('is above the straightedge', `spoke.${index}.depthMm`);
    if (deepest !== undefined && index === 0 && depthMm < deepest - 1e-6 && radiusMm >= barrel.at(-1)!.radiusMm)
      throw new DomainError('the barrel goes deeper than the spoke there', `spoke.${index}.depthMm`);
  });
  const placed = ({ radiusMm, depthMm }: DepthRow): AxialPoint => ({ a: depthMm - backspacingOverallMm, r: radiusMm });
  return {
    ...(barrel.length > 1 ? { barrel: barrel.map(placed) } : {}),
    ...(spoke.length > 1 ? { spoke: spoke.map(placed) } : {}),
  };
}

/** Whether a face was read on a wheel like this one; null where nobody wrote down on which. */
export function faceIsOf(face: InnerFace, rimWidthIn: number | null, offsetMm: number | null): boolean | null {
  if (!face.readOn || rimWidthIn === null || offsetMm === null) return null;
  return Math.abs(face.readOn.rimWidthIn - rimWidthIn) < 1e-6 && Math.abs(face.readOn.offsetMm - offsetMm) < 0.05;
}
