import type { Placement } from '#core/kinematics';
import { contourOf } from '#core/section';
import type { SweptSolid } from './solid';

/**
 * How far out a wheel stands, mm from the hub face at rest in the corner's frame: the outermost place of its tire, or
 * of the flange's top where the rim is wider, at a clock angle of the wheel (0 the top, + toward the front), as a
 * placement leans it.
 */
export function bulgeOutMm({ bodies }: SweptSolid, placement: Placement, clockDeg = 0): number {
  const body = bodies.at(-1)!;
  const { alike } = contourOf(body.section);
  const clock = (clockDeg * Math.PI) / 180;
  const [fwd, up] = [Math.sin(clock), Math.cos(clock)];
  let most = -Infinity;
  for (let i = 0; i < alike.a.length; i++) {
    const r = alike.r[i]!;
    if (r < body.section.flangeRadiusMm - 1e-9) continue;
    const out =
      placement[0]! * (body.centerOut + alike.a[i]!) + (placement[1]! * fwd + placement[2]! * up) * r + placement[3]!;
    if (out > most) most = out;
  }
  return most;
}
