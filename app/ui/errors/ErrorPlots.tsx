import { extent, scaleLinear, scaleTime, type ScaleContinuousNumeric } from 'd3';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import type { Family } from '#core/calibration';
import { CORNER_NAMES } from '#core/fitting';
import type { ShopError } from '#server/fittingErrors';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
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
}

/** The fitting that an error was made at. */
const addressOf = ({ job, fitting, corner }: ShopError): string => {
  const side = corner.includes('Left') ? '&side=left' : '';
  const axle = corner.startsWith('rear') ? '&axle=rear' : '';
  return `/jobs/${job}/fit-up?fitting=${fitting}${axle}${side}`;
};

const nameOf = (error: ShopError, lengths: Lengths): string =>
  `${error.car || error.number}, ${CORNER_NAMES[error.corner]}: predicted` +
  ` ${familyText(error.family, error.predicted, lengths)} ±${familyText(error.family, error.plusMinus, lengths)},` +
  ` measured ${familyText(error.family, error.measured, lengths)}`;

/** Both ends of some values, a little further apart. */
function padded(values: readonly number[]): [number, number] {
  const [least = 0, most = 0] = extent(values) as [number, number];
  const edge = Math.max(0.5, (most - least) * 0.06);
  return [least - edge, most + edge];
}

/** Predicted against measured: on the line where they agree, each with its ±. */
export function AgreementPlot({ family, errors }: PlotProps) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>(USUAL);
  const { width } = size;
  const values = errors.flatMap(({ predicted, measured, plusMinus }) => [
    predicted - plusMinus,
    predicted + plusMinus,
    measured,
  ]);
  const domain = padded(values);
  const x = scaleLinear(domain, [EDGE.left, width - EDGE.right]);
  const y = scaleLinear(domain, [HEIGHT - EDGE.bottom, EDGE.top]);
  return (
    <figure className="error-plot">
      <figcaption className="label">Predicted against measured</figcaption>
      <div ref={ref}>
        <svg viewBox={`0 0 ${width} ${HEIGHT}`} width={width} height={HEIGHT}>
          <Axes width={width} x={x} y={y} family={family} xName="predicted" yName="measured" />
          <path className="error-same" d={`M${x(domain[0])},${y(domain[0])}L${x(domain[1])},${y(domain[1])}`} />
          {errors.map((error, at) => (
            <ErrorPoint
              key={at}
              error={error}
              at={[x(error.predicted), y(error.measured)]}
              bar={acrossOf(error, x, y)}
              name={nameOf(error, lengths)}
            />
          ))}
        </svg>
      </div>
    </figure>
  );
}

type Scale = ScaleContinuousNumeric<number, number>;

/** The ± of a prediction, drawn across. */
const acrossOf = ({ predicted, plusMinus, measured }: ShopError, x: Scale, y: Scale): string =>
  `M${x(predicted - plusMinus)},${y(measured)}H${x(predicted + plusMinus)}`;

/** Errors in time, each with the ± that it was to stay within. */
export function TimePlot({ family, errors, biasMm }: PlotProps & { biasMm: number }) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>(USUAL);
  const { width } = size;
  const times = errors.map(({ at }) => new Date(at).getTime());
  const [first = 0, last = 0] = extent(times) as [number, number];
  const edge = Math.max(86_400_000, (last - first) * 0.05);
  const x = scaleTime([first - edge, last + edge], [EDGE.left, width - EDGE.right]);
  const y = scaleLinear(padded(errors.flatMap(({ error, plusMinus }) => [error, plusMinus, -plusMinus])), [
    HEIGHT - EDGE.bottom,
    EDGE.top,
  ]);
  return (
    <figure className="error-plot">
      <figcaption className="label">Measured less predicted, in time</figcaption>
      <div ref={ref}>
        <svg viewBox={`0 0 ${width} ${HEIGHT}`} width={width} height={HEIGHT}>
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
          {errors.map((error, at) => (
            <ErrorPoint
              key={at}
              error={error}
              at={[x(times[at]!), y(error.error)]}
              bar={`M${x(times[at]!)},${y(-error.plusMinus)}V${y(error.plusMinus)}`}
              name={nameOf(error, lengths)}
            />
          ))}
        </svg>
      </div>
    </figure>
  );
}

interface ErrorPointProps {
  error: ShopError;
  at: readonly [number, number];
  bar: string;
  name: string;
}

/** A point that leads to its fitting; one beyond its ± is a square. */
function ErrorPoint({ error, at: [x, y], bar, name }: ErrorPointProps) {
  const isWithin = Math.abs(error.error) <= error.plusMinus;
  return (
    <Link to={addressOf(error)} aria-label={name} className={isWithin ? 'error-point' : 'error-point is-beyond'}>
      <title>{name}</title>
      <path d={bar} />
      <circle className="error-target" cx={x} cy={y} r={12} />
      {isWithin ? <circle cx={x} cy={y} r={4} /> : <rect x={x - 4} y={y - 4} width={8} height={8} />}
    </Link>
  );
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
