import type { Brief, Obstacle } from '#core/job';
import { limitKeyOf } from '#core/sweep';
import { limitInForce, type Limit } from '#core/verdict';

/** The limit a part is held to, mm: its own, or that of its kind. */
export const obstacleLimit = (obstacle: Obstacle, brief: Brief | undefined): Limit =>
  obstacle.limitMm == null ? limitInForce(limitKeyOf(obstacle), brief) : { value: obstacle.limitMm, origin: 'part' };
