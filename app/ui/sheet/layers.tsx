import type { Hub } from '#core/hub';
import type { Caliper } from '#core/brake';
import { memo, useId } from 'react';
import { insideOf, type CornerSection, type WheelSection } from '#core/evaluate';
import type { PokeTarget } from '#core/verdict';
import type { SheetScale } from './scale';
import { brakePath, discPath, facePath, flangesPath, rimPath, tirePath } from './shapes';

/** Hatching at 45°, for what is solid or kept free. */
export function Hatch({ id, className, gap = 7 }: { id: string; className: string; gap?: number }) {
  return (
    <pattern id={id} width={gap} height={gap} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <line x1={0} y1={0} x2={0} y2={gap} className={className} />
    </pattern>
  );
}

// Each of these is drawn again only when it is another: under a nudge that is the candidate alone.

interface BodyProps {
  scale: SheetScale;
  corner: CornerSection;
  riseMm: number;
  target: PokeTarget;
  inboardLimitMm: number;
}

const INNER_PART_MM = 20;

/** The car's own parts: fender lip with its plumb line and the target, nearest inboard part with the room to keep. */
export const Body = memo(({ scale, corner, riseMm, target, inboardLimitMm }: BodyProps) => {
  const id = useId();
  const { x, y } = scale;
  const { fenderOut, innerPartOut, lipUp } = corner;
  const foot = y(0);
  const lip = lipUp === null ? null : y(lipUp + riseMm);
  const innerTop = 6;
  const innerFoot = y(70);
  return (
    <g className="body">
      <defs>
        <Hatch id={`${id}keep`} className="hatch-keep" gap={6} />
      </defs>
      {innerPartOut !== null && (
        <g>
          <rect
            className="body-part"
            x={x(innerPartOut - INNER_PART_MM)}
            width={INNER_PART_MM * scale.k}
            y={innerTop}
            height={innerFoot - innerTop}
          />
          <rect
            x={x(innerPartOut)}
            width={inboardLimitMm * scale.k}
            y={innerTop}
            height={innerFoot - innerTop}
            fill={`url(#${id}keep)`}
          />
        </g>
      )}
      {fenderOut !== null && target.min !== null && (
        <rect
          className="target"
          x={x(fenderOut + target.min)}
          width={Math.max(0, ((target.max ?? 0) - target.min) * scale.k)}
          y={lip ?? 6}
          height={foot - (lip ?? 6)}
        />
      )}
      {fenderOut !== null && (
        <g>
          <line className="plumb" x1={x(fenderOut)} x2={x(fenderOut)} y1={lip ?? 6} y2={foot} />
          {lip !== null && (
            <path
              className="body-part"
              d={
                `M${x(fenderOut)},${lip}v${-Math.min(lip, 26 * scale.k)}h${5 * scale.k}V${lip + 3 * scale.k}` +
                `h${-17 * scale.k}v${-3 * scale.k}Z`
              }
            />
          )}
        </g>
      )}
    </g>
  );
});
Body.displayName = 'Body';

interface WheelProps {
  drawn: WheelSection;
  scale: SheetScale;
  as: 'candidate' | 'present' | 'ghost';
}

/** A wheel with its tire: the candidate, what is on the car now, or that as a ghost behind a candidate. */
export const Wheel = memo(({ drawn, scale, as }: WheelProps) => {
  const { fitted, section } = drawn;
  const rimWidthIn = fitted.wheel.rimWidthIn;
  if (!section || fitted.effectiveOffsetMm === null || rimWidthIn == null) return null;
  const center = -fitted.effectiveOffsetMm;
  const inside = as === 'ghost' ? null : insideOf(fitted);
  const outer = fitted.dual?.spacingMm == null ? null : center + fitted.dual.spacingMm;
  const foot = scale.y(0);
  return (
    <g className={`wheel wheel-${as}`}>
      <path className="tire" d={tirePath(section, scale, center)} />
      <path
        className="rim"
        d={(inside && !inside.assumed ? flangesPath : rimPath)({ section, rimWidthIn, scale, centerOut: center })}
      />
      {outer !== null && (
        <>
          <path className="tire" d={tirePath(section, scale, outer)} />
          <path className="rim" d={rimPath({ section, rimWidthIn, scale, centerOut: outer })} />
          {as !== 'ghost' && (
            <path
              className="disc"
              d={discPath({
                section,
                rimWidthIn,
                scale,
                centerOut: outer,
                padOut: (fitted.stackMm ?? 0) + (fitted.wheel.padThicknessMm ?? 0),
                turned: true,
              })}
            />
          )}
        </>
      )}
      {as !== 'ghost' && (
        <>
          {inside && !inside.assumed ? (
            <path className="face" d={facePath(inside, scale, center)} />
          ) : (
            <path
              className="disc"
              d={discPath({ section, rimWidthIn, scale, centerOut: center, padOut: fitted.stackMm ?? 0 })}
            />
          )}
          <line
            className="centerline"
            x1={scale.x(center)}
            x2={scale.x(center)}
            y1={scale.y(section.rimRadiusMm - 34)}
            y2={foot}
          />
        </>
      )}
    </g>
  );
});
Wheel.displayName = 'Wheel';

/** The brake behind the wheel, as far as somebody traced it. */
export const Brake = memo(({ scale, caliper }: { scale: SheetScale; caliper: Caliper | undefined }) =>
  caliper?.outline ? <path className="section-brake" d={brakePath(caliper.outline, scale)} /> : null,
);
Brake.displayName = 'Brake';

const HUB_RADIUS_MM = 76;

interface HubAndStackProps {
  scale: SheetScale;
  hub: Hub | undefined;
  stackMm: number | null;
  as: 'candidate' | 'present';
}

/** The hub with its face and lip, and the stack between hub face and wheel. */
export const HubAndStack = memo(({ scale, hub, stackMm, as }: HubAndStackProps) => {
  const id = useId();
  const { x, y, k } = scale;
  const foot = y(0);
  const top = y(HUB_RADIUS_MM);
  return (
    <g className="hub">
      <defs>
        <Hatch id={`${id}stack`} className={`hatch-stack-${as}`} gap={5} />
      </defs>
      <path className="hub-body" d={`M${x(0)},${top}h${-14 * k}V${y(34)}h${-60 * k}V${foot}H${x(0)}Z`} />
      {hub?.boreMm != null && hub.lipHeightMm != null && (
        <rect
          className="hub-body"
          x={x(0)}
          width={hub.lipHeightMm * k}
          y={y(hub.boreMm / 2)}
          height={foot - y(hub.boreMm / 2)}
        />
      )}
      {stackMm !== null && stackMm > 0 && (
        <rect
          className={`stack stack-${as}`}
          x={x(0)}
          width={stackMm * k}
          y={top}
          height={foot - top}
          fill={`url(#${id}stack)`}
        />
      )}
      <line className="hub-face" x1={x(0)} x2={x(0)} y1={y(HUB_RADIUS_MM + 14)} y2={foot} />
    </g>
  );
});
HubAndStack.displayName = 'HubAndStack';
