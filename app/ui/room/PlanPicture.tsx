import type { PlanItem } from '#core/advice';
import './room.css';

/**
 * A little picture of where a reading goes: the wheel from outside with its clock, or from behind, and the rule on it.
 */
export function PlanPicture({ item: { surface, clockDeg, steerDeg } }: { item: PlanItem }) {
  const clock = (clockDeg * Math.PI) / 180;
  const fromOutside = surface === 'tread' || surface.startsWith('outer');
  if (fromOutside) {
    const [x, y] = [Math.sin(clock), -Math.cos(clock)];
    return (
      <svg className="plan-picture" width={44} height={44} viewBox="-22 -22 44 44" aria-hidden>
        <circle r={14} className="pic-tire" />
        <circle r={8.5} className="pic-part" />
        <path d={`M${14 * x},${14 * y}L${20 * x},${20 * y}`} className="plan-rule" />
        <circle cx={20 * x} cy={20 * y} r={1.8} className="pic-solid" />
        {steerDeg !== 0 && (
          <text x={0} y={4} textAnchor="middle">
            {steerDeg > 0 ? 'out' : 'in'}
          </text>
        )}
      </svg>
    );
  }
  const low = Math.abs(clockDeg) > 90;
  const at = { 'inner-rim-flange': [-9, low ? 9 : -9], 'inner-shoulder': [-8, -15], 'inner-sidewall': [-9, -12] }[
    surface as 'inner-rim-flange' | 'inner-shoulder' | 'inner-sidewall'
  ] as [number, number];
  return (
    <svg className="plan-picture" width={44} height={44} viewBox="-22 -22 44 44" aria-hidden>
      <path className="pic-tire" d="M-9,-9q-2,-8 9,-8t9,8v18q2,8 -9,8t-9,-8z" />
      <path className="pic-part" d="M-9,-9h18v18h-18z" />
      <path d={`M${at[0]},${at[1]}h-8`} className="plan-rule" />
      <circle cx={at[0] - 8} cy={at[1]} r={1.8} className="pic-solid" />
    </svg>
  );
}
