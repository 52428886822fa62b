import { range } from 'd3';
import { formatNumber, MM_PER_INCH } from '#core/units';
import { linearScale } from '../drawing/linearScale';
import { drawingFrame } from '../drawing/measures';
import { isNamed } from '../drawing/ticks';
import { useSize } from '../drawing/useSize';
import { useLengths } from '../../preferences/PreferencesContext';
import './brief.css';

const HEIGHT = 86;

/** The target as a band on a scale around the fender's lip. */
export function TargetScale({ min, max }: { min: number | null; max: number | null }) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>({ width: 520, height: HEIGHT });
  const { width } = size;
  const outer = max ?? 0;
  const reach = Math.max(30, Math.abs(min ?? 0) + 10, Math.abs(outer) + 10);
  const x = linearScale([-reach, reach], [20, width - 20]);
  const step = lengths.sign === 'mm' ? (reach > 60 ? 20 : 5) : MM_PER_INCH / (reach > 60 ? 1 : 4);
  const reachSteps = Math.floor(reach / step);
  const named = isNamed({ step, unitPx: x(1) - x(0) });
  const name = (mm: number) => (lengths.sign === 'mm' ? formatNumber(mm, 0, true) : lengths.figure(mm, true));
  const from = min === null ? 'any tuck' : lengths.text(min, true);
  return (
    <div className="target-scale" ref={ref}>
      <svg
        {...drawingFrame({ width, height: HEIGHT })}
        role="img"
        aria-label={`Target from ${from} to ${lengths.text(outer, true)}`}
      >
        <rect
          x={min === null ? 0 : x(min)}
          width={Math.max(2, x(outer) - (min === null ? 0 : x(min)))}
          y={18}
          height={34}
          className="target"
        />
        <line x1={0} x2={width} y1={52} y2={52} className="target-edge" />
        {range(-reachSteps, reachSteps + 1)
          .map((n) => n * step)
          .map((mm) => (
            <g key={mm} transform={`translate(${x(mm)},52)`}>
              <line y2={mm === 0 ? 8 : 5} className="target-edge" />
              {named(mm) && (
                <text y={22} textAnchor="middle">
                  {name(mm)}
                </text>
              )}
            </g>
          ))}
        <line x1={x(0)} x2={x(0)} y1={8} y2={52} className="target-fender" />
        <text x={x(0) + 6} y={14}>
          fender
        </text>
        <text x={4} y={14}>
          tuck
        </text>
        <text x={width - 4} y={14} textAnchor="end">
          poke
        </text>
      </svg>
    </div>
  );
}
