import { line } from 'd3';
import { useMemo, type KeyboardEvent, type PointerEvent } from 'react';
import type { Pose } from '#core/kinematics';
import type { PoseGrid } from '#core/sweep';
import { formatNumber } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { drawingFrame, placeOn } from '../drawing/measures';
import { isNamed } from '../drawing/ticks';
import { useSize } from '../drawing/useSize';
import { regionBelow, type ClearanceMap, type Region } from './maps';
import './sweep.css';

interface SweepMapProps {
  grid: PoseGrid;
  map: ClearanceMap;
  /** What it is a map of, for its name. */
  name: string;
  pose: Pose;
  move(pose: Pose): void;
  /** Where the least is. */
  worst: Pose | null;
  /** Where the setup rests: travel is told from there. */
  restTravelMm: number;
}

const MARGIN = { left: 46, right: 12, top: 8, bottom: 34 };
/** Further lines of equal clearance, mm. */
const LEVELS = [10, 20, 40, 80];
const STEP = { steerDeg: 1, travelMm: 2 };

/**
 * Travel against steer: where the wheel touches, where it comes under the limit, and lines of equal clearance; a press
 * of the pointer and arrow keys move the pose.
 */
export function SweepMap({ grid, map, name, pose, move, worst, restTravelMm }: SweepMapProps) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>({ width: 420, height: 280 });
  const [width, height] = [
    Math.max(40, size.width - MARGIN.left - MARGIN.right),
    Math.max(40, size.height - MARGIN.top - MARGIN.bottom),
  ];
  const regions = useMemo(
    () => ({
      touch: regionBelow(map, map.clearance, 0),
      tight: regionBelow(map, map.margin, 0),
      levels: LEVELS.map((level) => regionBelow(map, map.clearance, level)),
    }),
    [map],
  );
  const paths = useMemo(() => {
    const path = (region: Region) =>
      region
        .map((ring) => `${line()(ring.map(([x, y]) => [x * width, (1 - y) * height] as [number, number]))}Z`)
        .join('');
    return { touch: path(regions.touch), tight: path(regions.tight), levels: regions.levels.map(path) };
  }, [regions, width, height]);
  const span = ([from, to]: readonly [number, number]) => to - from || 1;
  // An axle that does not steer has its one steer in the middle.
  const x = (steerDeg: number) =>
    (grid.steer[1] > grid.steer[0] ? (steerDeg - grid.steer[0]) / span(grid.steer) : 0.5) * width;
  const y = (travelMm: number) => (1 - (travelMm - grid.travel[0]) / span(grid.travel)) * height;
  const within = ([least, most]: readonly [number, number], value: number) => Math.min(most, Math.max(least, value));
  const to = (steerDeg: number, travelMm: number) =>
    move({ steerDeg: within(grid.steer, steerDeg), travelMm: within(grid.travel, travelMm) });
  const follow = (event: PointerEvent<SVGSVGElement>) => {
    const on = placeOn(event.currentTarget, event);
    const [right, down] = [on.x - MARGIN.left, on.y - MARGIN.top];
    to(
      grid.steer[0] + (right / width) * (grid.steer[1] - grid.steer[0]),
      grid.travel[1] - (down / height) * (grid.travel[1] - grid.travel[0]),
    );
  };
  const walk = (event: KeyboardEvent) => {
    const times = event.shiftKey ? 5 : 1;
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (event.key === 'Home' && worst) move(worst);
    else if (by) to(pose.steerDeg + by[0]! * times * STEP.steerDeg, pose.travelMm + by[1]! * times * STEP.travelMm);
    else return;
    event.preventDefault();
  };
  const ticks = (range: readonly [number, number], step: number) => {
    const found: number[] = [];
    for (let at = Math.ceil(range[0] / step) * step; at <= range[1]; at += step) found.push(at);
    return found;
  };
  const [px, py] = [x(pose.steerDeg), y(pose.travelMm)];
  const steers = isNamed({ step: 10, unitPx: width / span(grid.steer) });
  const travels = isNamed({ step: 20, unitPx: height / span(grid.travel), leastPx: 18 });
  return (
    <div className="sweep-map" ref={ref}>
      <svg
        {...drawingFrame(size)}
        role="application"
        tabIndex={0}
        aria-label={`Clearance of ${name} over steer and travel; arrow keys move the pose, Home goes to the least`}
        aria-description={
          `steer ${formatNumber(pose.steerDeg, 1)} degrees,` + ` travel ${lengths.text(pose.travelMm - restTravelMm)}`
        }
        onPointerMove={(event) => event.buttons > 0 && follow(event)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          follow(event);
        }}
        onKeyDown={walk}
      >
        <g transform={`translate(${MARGIN.left} ${MARGIN.top})`}>
          <rect className="map-clear" width={width} height={height} />
          <path className="map-tight" d={paths.tight} />
          <path className="map-touch" d={paths.touch} />
          {paths.levels.map((path, i) => (
            <path key={LEVELS[i]} className="map-level" d={path} />
          ))}
          <path className="map-limit" d={paths.tight} />
          <path className="map-zero" d={paths.touch} />
          {grid.steer[0] < 0 && <line className="map-axis" x1={x(0)} x2={x(0)} y1={0} y2={height} />}
          {restTravelMm >= grid.travel[0] && restTravelMm <= grid.travel[1] && (
            <line className="map-axis" x1={0} x2={width} y1={y(restTravelMm)} y2={y(restTravelMm)} />
          )}
          <rect className="map-frame" width={width} height={height} />
          {grid.steer[1] > grid.steer[0] &&
            ticks(grid.steer, 10)
              .filter(steers)
              .map((at) => (
                <text key={at} x={x(at)} y={height + 14} textAnchor="middle">
                  {formatNumber(at, 0, at !== 0)}
                </text>
              ))}
          {grid.travel[1] > grid.travel[0] &&
            ticks(grid.travel.map((mm) => mm - restTravelMm) as [number, number], 20)
              .filter(travels)
              .map((at) => (
                <text key={at} x={-6} y={y(at + restTravelMm) + 4} textAnchor="end">
                  {lengths.unit === 'mm' ? formatNumber(at, 0, at !== 0) : lengths.figure(at, at !== 0)}
                </text>
              ))}
          <text className="map-name" x={width / 2} y={height + 29} textAnchor="middle">
            {grid.steer[1] > grid.steer[0] ? 'steer, °: leading edge in − out +' : 'does not steer'}
          </text>
          {worst && (
            <path className="map-worst" d={`M${x(worst.steerDeg) - 5},${y(worst.travelMm) - 5}l10,10m0,-10l-10,10`} />
          )}
          <path className="map-pose" d={`M${px},0V${height}M0,${py}H${width}`} />
          <circle className="map-pose" cx={px} cy={py} r={5} />
        </g>
      </svg>
    </div>
  );
}
