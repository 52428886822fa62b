import { extent, least, scaleLinear, scaleTime, type ScaleContinuousNumeric } from 'd3';
import dayjs from 'dayjs';
import type { MouseEvent, ReactNode } from 'react';
import type { Family } from '#core/fitting';
import type { ShopError } from '#server/fittingErrors';
import { useLengths } from '../../preferences/PreferencesContext';
import { useSize } from '../drawing/useSize';
import { familyText } from './families';
import './errors.css';

const HEIGHT = 340;
/** A plot is as wide as its place; until that is known, so wide. */
const USUAL = { width: 520, height: HEIGHT };
/** Less wide than this, fewer figures stand along the foot, px. */
const NARROW = 360;
const EDGE = { left: 64, right: 16, top: 16, bottom: 44 };

interface PlotProps {
  family: Family;
  errors: readonly ShopError[];
  /** The one that was pressed. */
  picked: ShopError | null;
  pick(error: ShopError | null): void;
}

/** Both ends of some values, a little further apart. */
function padded(values: readonly number[]): [number, number] {
  const [first = 0, last = 0] = extent(values) as [number, number];
  const edge = Math.max(0.5, (last - first) * 0.06);
  return [first - edge, last + edge];
}

/** Predicted against measured: on the line where they agree, each with its ±. */
export function AgreementPlot({ family, errors, picked, pick }: PlotProps) {
  const place = useSize<HTMLDivElement>(USUAL);
  const { width } = place.size;
  const values = errors.flatMap(({ predicted, measured, plusMinus }) => [
    predicted - plusMinus,
    predicted + plusMinus,
    measured,
  ]);
  const domain = padded(values);
  const x = scaleLinear(domain, [EDGE.left, width - EDGE.right]);
  const y = scaleLinear(domain, [HEIGHT - EDGE.bottom, EDGE.top]);
  const points = errors.map((error) => ({
    error,
    x: x(error.predicted),
    y: y(error.measured),
    bar: acrossOf(error, x, y),
  }));
  return (
    <Plot title="Predicted against measured" place={place} points={points} picked={picked} pick={pick}>
      <Axes width={width} x={x} y={y} family={family} xName="predicted" yName="measured" />
      <path className="error-same" d={`M${x(domain[0])},${y(domain[0])}L${x(domain[1])},${y(domain[1])}`} />
    </Plot>
  );
}

type Scale = ScaleContinuousNumeric<number, number>;

/** The ± of a prediction, drawn across. */
const acrossOf = ({ predicted, plusMinus, measured }: ShopError, x: Scale, y: Scale): string =>
  `M${x(predicted - plusMinus)},${y(measured)}H${x(predicted + plusMinus)}`;

/** Errors in time, each with the ± that it was to stay within. */
export function TimePlot({ family, errors, picked, pick, biasMm }: PlotProps & { biasMm: number }) {
  const place = useSize<HTMLDivElement>(USUAL);
  const { width } = place.size;
  const times = errors.map(({ at }) => new Date(at).getTime());
  const [first = 0, last = 0] = extent(times) as [number, number];
  const edge = Math.max(86_400_000, (last - first) * 0.05);
  const x = scaleTime([first - edge, last + edge], [EDGE.left, width - EDGE.right]);
  const y = scaleLinear(padded(errors.flatMap(({ error, plusMinus }) => [error, plusMinus, -plusMinus])), [
    HEIGHT - EDGE.bottom,
    EDGE.top,
  ]);
  const points = errors.map((error, at) => ({
    error,
    x: x(times[at]!),
    y: y(error.error),
    bar: `M${x(times[at]!)},${y(-error.plusMinus)}V${y(error.plusMinus)}`,
  }));
  return (
    <Plot title="Measured less predicted, in time" place={place} points={points} picked={picked} pick={pick}>
      <g className="error-axis">
        <Levels width={width} y={y} family={family} />
        {x.ticks(width < NARROW ? 2 : 4).map((tick) => (
          <text key={tick.getTime()} x={x(tick)} y={HEIGHT - EDGE.bottom + 18} textAnchor="middle">
            {dayjs(tick).format('D MMM YY')}
          </text>
        ))}
      </g>
      <path className="error-same" d={`M${EDGE.left},${y(0)}H${width - EDGE.right}`} />
      <path className="error-bias" d={`M${EDGE.left},${y(biasMm)}H${width - EDGE.right}`} />
    </Plot>
  );
}

/** An error where it stands on a plot, with its ±. */
interface Drawn {
  error: ShopError;
  x: number;
  y: number;
  bar: string;
}

interface FrameProps extends PointsProps {
  title: string;
  /** How wide it is drawn. */
  place: ReturnType<typeof useSize<HTMLDivElement>>;
  pick(error: ShopError | null): void;
  children: ReactNode;
}

/** A plot as wide as its place: a press picks the point that it is nearest to. */
function Plot({ title, place: { ref, size }, points, picked, pick, children }: FrameProps) {
  return (
    <figure className="error-plot">
      <figcaption className="label">{title}</figcaption>
      <div ref={ref}>
        <svg
          viewBox={`0 0 ${size.width} ${HEIGHT}`}
          width={size.width}
          height={HEIGHT}
          aria-hidden
          onClick={(event) => pick(nearestTo(points, event))}
        >
          {children}
          <Points points={points} picked={picked} />
        </svg>
      </div>
    </figure>
  );
}

interface PointsProps {
  points: readonly Drawn[];
  picked: ShopError | null;
}

/** One beyond its ± is a square; the one that was pressed has a ring. */
const Points = ({ points, picked }: PointsProps) =>
  points.map(({ error, x, y, bar }, at) => {
    const isWithin = Math.abs(error.error) <= error.plusMinus;
    return (
      <g key={at} className={isWithin ? 'error-point' : 'error-point is-beyond'}>
        <path d={bar} />
        {isWithin ? <circle cx={x} cy={y} r={4} /> : <rect x={x - 4} y={y - 4} width={8} height={8} />}
        {error === picked && <circle className="error-picked" cx={x} cy={y} r={9} />}
      </g>
    );
  });

/** The point of a plot that a press is nearest to. */
function nearestTo(points: readonly Drawn[], { currentTarget, clientX, clientY }: MouseEvent<SVGSVGElement>) {
  const { left, top, width } = currentTarget.getBoundingClientRect();
  const scale = currentTarget.viewBox.baseVal.width / width;
  const [x, y] = [(clientX - left) * scale, (clientY - top) * scale];
  return least(points, (one) => Math.hypot(one.x - x, one.y - y))?.error ?? null;
}

interface AxesProps {
  width: number;
  x: Scale;
  y: Scale;
  family: Family;
  xName: string;
  yName: string;
}

/** Lines across, each with its figure. */
function Levels({ width, y, family }: { width: number; y: Scale; family: Family }) {
  const lengths = useLengths();
  return y.ticks(6).map((tick) => (
    <g key={tick}>
      <path d={`M${EDGE.left},${y(tick)}H${width - EDGE.right}`} />
      <text x={EDGE.left - 8} y={y(tick)} dy="0.35em" textAnchor="end">
        {familyText(family, tick, lengths).split(' ')[0]}
      </text>
    </g>
  ));
}

function Axes({ width, x, y, family, xName, yName }: AxesProps) {
  const lengths = useLengths();
  const bare = (value: number) => familyText(family, value, lengths).split(' ')[0];
  return (
    <g className="error-axis">
      <Levels width={width} y={y} family={family} />
      {x.ticks(width < NARROW ? 4 : 6).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - EDGE.bottom + 18} textAnchor="middle">
          {bare(tick)}
        </text>
      ))}
      <text x={width - EDGE.right} y={HEIGHT - 6} textAnchor="end">
        {xName}
      </text>
      <text x={EDGE.left + 4} y={EDGE.top + 2}>
        {yName}
      </text>
    </g>
  );
}
