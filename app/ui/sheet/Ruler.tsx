import { memo } from 'react';
import { range } from 'd3';
import { MM_PER_INCH } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { level, upright } from '../drawing/strokes';
import { isNamed } from '../drawing/ticks';
import type { SheetScale } from './scale';

/** Ticks of a ruler in a unit: small and large steps in mm, and what stands at a large one. */
const RULES = {
  mm: { small: 10, large: 50, name: (mm: number) => String(Math.round(mm)) },
  in: { small: MM_PER_INCH / 4, large: MM_PER_INCH * 2, name: (mm: number) => String(Math.round(mm / MM_PER_INCH)) },
};

/** Half of the widest name of a tick: one that would leave the paper is left out. */
const HALF_NAME_PX = 16;

const minus = (text: string): string => text.replace('-', '−');

interface RulerProps {
  scale: SheetScale;
  y: number;
  grid?: boolean;
}

/** A ruler along the foot of a sheet, 0 at the hub face, with the sheet's faint grid above it. */
export const Ruler = memo(({ scale, y, grid = true }: RulerProps) => {
  const { sign } = useLengths();
  const rule = RULES[sign];
  const places = (step: number) =>
    range(Math.ceil(scale.leftMm / step), Math.floor(scale.rightMm / step) + 1).map((n) => n * step);
  const large = places(rule.large);
  const named = isNamed({ step: rule.large, unitPx: scale.k });
  const isOn = (mm: number) => named(mm) && scale.x(mm) >= HALF_NAME_PX && scale.x(mm) <= scale.width - HALF_NAME_PX;
  return (
    <g className="ruler" aria-hidden>
      {grid && <Grid scale={scale} bottom={y} step={rule.large} />}
      <path d={upright(places(rule.small).map(scale.x), [y, y + 4])} />
      <path d={level([y], [0, scale.width]) + upright(large.map(scale.x), [y, y + 8])} className="ruler-large" />
      {large.filter(isOn).map((mm) => (
        <text key={mm} x={scale.x(mm)} y={y + 20} textAnchor="middle">
          {minus(rule.name(mm))}
        </text>
      ))}
      <text x={scale.width - 8} y={y + 34} textAnchor="end" className="ruler-name">
        {sign} outboard of the hub face
      </text>
    </g>
  );
});
Ruler.displayName = 'Ruler';

function Grid({ scale, bottom, step }: { scale: SheetScale; bottom: number; step: number }) {
  const across = range(Math.ceil(scale.leftMm / step), Math.floor(scale.rightMm / step) + 1);
  const zero = scale.y(0);
  const up = range(1, Math.floor(zero / (step * scale.k)) + 1);
  const lines =
    upright(
      across.map((n) => scale.x(n * step)),
      [0, bottom],
    ) +
    level(
      up.map((n) => scale.y(n * step)),
      [0, scale.width],
    );
  return <path d={lines} className="ruler-grid" />;
}
