import type { ReactNode } from 'react';
import { clampedAsOne, hardwareOf, type AxleReport, verdictOf, type CheckCode } from '#core/evaluate';
import type { SetupOnAxle } from '#core/job';
import { diameterFigure } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { Dimension } from '../sheet/Dimension';
import { Ruler } from '../sheet/Ruler';
import { fitScale } from '../sheet/scale';
import { Drawing } from '../drawing/Drawing';
import { useZoom } from '../drawing/useZoom';
import { useSize } from '../drawing/useSize';
import { stackLayout, type Layout } from './layout';
import './hardware.css';

interface StackSectionProps extends SetupOnAxle {
  report: AxleReport;
}

const MARGINS = { left: 26, right: 30, top: 34, bottom: 56 };

/**
 * Hub, stack, wheel pad and one fastener in section, to scale: what is short, sticks out or is off center can be seen.
 */
export function StackSection({ job, axle, setup, report }: StackSectionProps) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>({ width: 430, height: 520 });
  const zoom = useZoom(size);
  const candidate = clampedAsOne(setup[axle] ?? {}, job.vehicle[axle]?.dual ?? false);
  const hub = job.vehicle[axle]?.hub ?? {};
  const hardware = hardwareOf(hub, candidate, job);
  const layout = stackLayout(hub, candidate, hardware.hubPattern.pattern.boltCircleMm ?? null);
  const scale = fitScale(layout.range, size, MARGINS);
  const { x, y } = scale;
  const verdict = (code: CheckCode) => verdictOf(report.checks, code);
  const { fastening } = report;
  const engaged = layout.engaged;
  return (
    <div className="sheet stack-sheet" ref={ref}>
      <Drawing
        zoom={zoom}
        role="img"
        aria-label={
          `Section through hub and stack of setup ${setup.id.toUpperCase()}, ${axle}: stack` +
          ` ${lengths.text(layout.stackMm)}, engagement ${lengths.text(fastening.engagementMm)}`
        }
      >
        <Ruler scale={scale} y={size.height - MARGINS.bottom} grid={false} />
        <line className="hub-face" x1={x(0)} x2={x(0)} y1={y(layout.range.top) + 4} y2={size.height - MARGINS.bottom} />
        <Parts layout={layout} x={x} y={y} k={scale.k} />
        {engaged && (
          <>
            <line
              className={`stack-engaged is-${verdict('fastening')}`}
              x1={x(engaged.from)}
              x2={x(engaged.to)}
              y1={y(engaged.up)}
              y2={y(engaged.up)}
            />
            <g className={`stack-dimension is-${verdict('fastening')}`}>
              <Dimension
                from={[x(engaged.from), y(engaged.up + 15)]}
                to={[x(engaged.to), y(engaged.up + 15)]}
                tone={`is-${verdict('fastening')}`}
              />
              <Label x={x((engaged.from + engaged.to) / 2)} y={y(engaged.up + 15) - 8}>
                thread {lengths.figure(fastening.engagementMm)}
              </Label>
            </g>
          </>
        )}
        {layout.proud && (
          <Label
            x={x(layout.proud.to) + 6}
            y={y(layout.proud.up) + 4}
            anchor="start"
            tone={`is-${verdict('fastening')}`}
          >
            sticks out {lengths.figure(fastening.studProudMm)}
          </Label>
        )}
        {layout.marks.map((mark) => (
          <Label
            key={`${mark.name}${mark.out}`}
            x={x(mark.out)}
            y={y(mark.up) + (mark.below ? 14 : -4 - 14 * (mark.row ?? 0))}
            {...(mark.anchor ? { anchor: mark.anchor } : {})}
            tone={mark.code ? `is-${verdict(mark.code)}` : ''}
          >
            {mark.name} {mark.bore && mark.mm !== null ? diameterFigure(mark.mm) : lengths.figure(mark.mm)}
          </Label>
        ))}
        <Label x={x(0)} y={y(layout.range.top) - 4}>
          hub face
        </Label>
      </Drawing>
      {layout.guessed.length > 0 && (
        <p className="stack-guessed soft">
          <span className="assumed">Assumed in the drawing:</span> {layout.guessed.join(', ')}.
        </p>
      )}
    </div>
  );
}

function Label({
  x,
  y,
  anchor = 'middle',
  tone = '',
  children,
}: {
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  tone?: string;
  children: ReactNode;
}) {
  return (
    <text x={x} y={y} textAnchor={anchor} className={`stack-label ${tone}`}>
      {children}
    </text>
  );
}

/** Everything solid, as rectangles in the plane of one fastener. */
function Parts({ layout, x, y, k }: { layout: Layout; x(mm: number): number; y(mm: number): number; k: number }) {
  return (
    <g className="stack-parts">
      {layout.solids.map(({ as, from, to, low, high }, index) => (
        <rect
          key={index}
          className={`stack-${as}`}
          x={x(from)}
          y={y(high)}
          width={Math.max(0, (to - from) * k)}
          height={Math.max(0, (high - low) * k)}
        />
      ))}
      {layout.seats.map(({ out, up, half, depth, round, as }, index) => {
        const [x1, x2] = [x(out), x(out + depth)];
        const [low, high, tipLow, tipHigh] = [y(up - half), y(up + half), y(up - half * 0.55), y(up + half * 0.55)];
        // A ball seat bulges towards the wheel, a cone runs straight.
        const side = (from: string, to: string, mid: number) =>
          round ? `${from}Q${x1},${mid} ${to}` : `${from}L${to}`;
        return (
          <path
            key={index}
            className={`stack-${as}`}
            d={`${side(`M${x1},${tipHigh}`, `${x2},${high}`, high)}V${low}${side('', `${x1},${tipLow}`, low)}Z`}
          />
        );
      })}
    </g>
  );
}
