import { ruleInForce, winterOn, type AxleName, type Job } from '#core/job';
import { limitKeyOf, mountOf, mayRub, type PlacedPart, type Obstacle } from '#core/sweep';
import { limitInForce, withWinter, type Limit } from '#core/verdict';

/** What a part is held to. */
export interface ObstacleLimit extends Limit {
  /** How far the part may be overlapped, mm, and whether at full lock only; null where it may not be touched. */
  rub: { mostMm: number; lockOnly: boolean } | null;
}

/**
 * The limit a part is held to, mm: its own; or, where the brief accepts a rub of such a part, as much below contact; or
 * that of its kind, and for what moves with the wheel of a driven axle no less than winter traction needs there.
 * @param placed where it stands, and
 * @param tireRadiusMm the tire's radius: beyond it a part lies over the tread, else beside the tire
 */
export function obstacleLimit({
  obstacle,
  terms,
  axle,
  placed = null,
  tireRadiusMm = null,
}: {
  obstacle: Obstacle;
  terms: Pick<Job, 'brief' | 'house' | 'vehicle'>;
  axle: AxleName;
  placed?: PlacedPart | null | undefined;
  tireRadiusMm?: number | null | undefined;
}): ObstacleLimit {
  if (obstacle.limitMm != null) return { value: obstacle.limitMm, origin: 'part', rub: null };
  const rule = ruleInForce('rub', terms);
  if (mayRub(obstacle, rule)) {
    const mostMm = limitInForce('rubMm', terms).value;
    return { value: 0 - mostMm, origin: 'rub', rub: { mostMm, lockOnly: rule === 'full-lock' } };
  }
  const usual = limitInForce(limitKeyOf(obstacle), terms);
  if (mountOf(obstacle) === 'body' || !placed || tireRadiusMm === null)
    return { value: usual.value, origin: usual.origin, rub: null };
  const where = nearestRadiusMm(placed) >= tireRadiusMm ? 'tread' : 'side';
  const { value, origin } = withWinter(usual, winterOn(axle, terms), where);
  return { value, origin, rub: null };
}

function nearestRadiusMm({ xyz }: PlacedPart): number {
  let least = Infinity;
  for (let i = 0; i < xyz.length; i += 3) least = Math.min(least, Math.hypot(xyz[i + 1]!, xyz[i + 2]!));
  return least;
}
