import type { Pose } from '#core/kinematics';
import { formatNumber, type Words } from '#core/units';
import type { ObstacleReport } from '../report';

/** A part's name with its side, and whether it was made up from the readings at rest. */
export const obstacleLabel = ({ label, side, assumed }: Pick<ObstacleReport, 'label' | 'side' | 'assumed'>): string =>
  `${label}${side ? `, ${side}` : ''}${assumed ? ' (assumed)' : ''}`;

/**
 * A pose in words: straight ahead or so many degrees of lock, at rest or so far up or down.
 * @param restMm where the wheel rests: not where it did before a suspension change
 */
export function poseWords({ steerDeg, travelMm }: Pose, words: Words, restMm = 0): string {
  const moved = travelMm - restMm;
  const degrees = formatNumber(Math.abs(steerDeg), Number.isInteger(steerDeg) ? 0 : 1);
  const steer =
    Math.abs(steerDeg) < 0.05 ? 'straight ahead' : `steered ${degrees}° leading edge ${steerDeg > 0 ? 'out' : 'in'}`;
  const travel =
    Math.abs(moved) < 0.05 ? 'at rest' : `${words.length(Math.abs(moved))} ${moved > 0 ? 'up (bump)' : 'down (droop)'}`;
  return `${steer}, ${travel}`;
}
