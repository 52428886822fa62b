import { line, range, ticks } from 'd3';
import { trueBandKmh } from '#core/gearing';
import type { SetupReport } from '#core/evaluate';
import { formatNumber, inReadersUnit, measureSign } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { linearScale } from '../drawing/linearScale';
import { drawingFrame } from '../drawing/measures';
import { useSize } from '../drawing/useSize';
import './car.css';

export interface SpeedLine {
  id: string;
  report: SetupReport;
}

/** Where the whole name of the upright scale has room. */
const LONG_PX = 400;
const EDGE = { left: 52, right: 64, top: 30, bottom: 40 };
/** Least distance between the names at the lines' ends, px. */
const NAME_GAP = 15;

/**
 * True against shown speed for every setup: how far the true speed lies above or below the one shown, with the band a
 * speedometer must keep. The differences are drawn, since the speeds themselves would lie on one another.
 */
export function SpeedChart({ lines, current }: { lines: readonly SpeedLine[]; current: string | null }) {
  const { units: unit } = useLengths();
  const { ref, size } = useSize<HTMLDivElement>({ width: 452, height: 250 });
  const kmhEach = 1 / inReadersUnit('speed', 1, unit);
  const sign = measureSign('speed', unit);
  const known = lines.flatMap(({ id, report }) => {
    const [first] = report.speedometer.points;
    const slope = first?.trueKmh == null ? null : first.trueKmh / first.shownKmh - 1;
    return slope === null ? [] : [{ id, slope }];
  });
  const most = Math.max(
    120,
    ...lines.flatMap(({ report }) => report.speedometer.points.map(({ shownKmh }) => shownKmh)),
  );
  const shown = Math.ceil(most / kmhEach / 10) * 10;
  const steps = range(0, shown + 1, shown / 20);
  const band = steps.map((at) => ({ at, ...bandAt(at, kmhEach) }));
  const ends = known.map(({ slope }) => slope * shown);
  const low = Math.min(-6, ...band.map(({ least, at }) => least - at), ...ends) * 1.06;
  const high = Math.max(4, ...ends) * 1.15;
  const x = linearScale([0, shown], [EDGE.left, size.width - EDGE.right]);
  const y = linearScale([low, high], [size.height - EDGE.bottom, EDGE.top]);
  const edge = line<(typeof band)[number]>(
    ({ at }) => x(at),
    ({ least, at }) => y(least - at),
  );
  const names = spread(known.map(({ id, slope }) => ({ id, y: y(slope * shown) })));
  const text = known
    .map(({ id, slope }) => `${nameOf(id)} ${formatNumber(100 * (1 + slope), 1)} at 100 shown`)
    .join('; ');
  return (
    <div className="speed-chart" ref={ref}>
      <svg {...drawingFrame(size)} role="img" aria-label={`True against shown speed: ${text || 'no tires known yet'}`}>
        <path className="speed-band" d={`${edge(band)}L${x(shown)},${y(0)}L${x(0)},${y(0)}Z`} />
        <g className="speed-axes" aria-hidden>
          {ticks(0, shown, 6).map((at) => (
            <g key={at}>
              <line x1={x(at)} x2={x(at)} y1={EDGE.top} y2={size.height - EDGE.bottom} />
              <text x={x(at)} y={size.height - EDGE.bottom + 15} textAnchor="middle">
                {at}
              </text>
            </g>
          ))}
          {ticks(low, high, 6).map((at) => (
            <g key={at}>
              <line
                x1={EDGE.left}
                x2={size.width - EDGE.right}
                y1={y(at)}
                y2={y(at)}
                className={at === 0 ? 'is-zero' : ''}
              />
              <text x={EDGE.left - 7} y={y(at) + 4} textAnchor="end">
                {formatNumber(at, 0, true)}
              </text>
            </g>
          ))}
          <text x={(EDGE.left + size.width - EDGE.right) / 2} y={size.height - 7} textAnchor="middle">
            speed shown, {sign}
          </text>
          <text x={16} y={14}>
            true less shown, {sign}
            {size.width > LONG_PX && ': above 0 the speedometer reads low'}
          </text>
          <text
            className="speed-band-name"
            x={x(shown * 0.04)}
            y={y(bandAt(shown * 0.04, kmhEach).least - shown * 0.04) + 16}
          >
            tinted: allowed, UNECE R39
          </text>
        </g>
        {known.map(({ id, slope }) => (
          <line
            key={id}
            className={`speed-line ${id === 'now' ? 'is-now' : id === current ? 'is-current' : ''}`}
            x1={x(0)}
            y1={y(0)}
            x2={x(shown)}
            y2={y(slope * shown)}
          />
        ))}
        {names.map(({ ids, y: at }) => (
          <text
            key={ids.join()}
            className={`speed-name ${current !== null && ids.includes(current) ? 'is-current' : ''}`}
            x={x(shown) + 6}
            y={at + 4}
          >
            {ids.map(nameOf).join(' ')}
          </text>
        ))}
      </svg>
    </div>
  );
}

const nameOf = (id: string): string => (id === 'now' ? 'now' : id.toUpperCase());

/** The band at a shown speed, all in the reader's unit. */
function bandAt(shown: number, size: number): { least: number } {
  return { least: trueBandKmh(shown * size).least / size };
}

/** Names at the ends of lines: those of one place stand together, those too near are moved apart. */
function spread(ends: readonly { id: string; y: number }[]): { ids: string[]; y: number }[] {
  const sorted = [...ends].sort((one, other) => one.y - other.y);
  const groups: { ids: string[]; y: number }[] = [];
  for (const { id, y } of sorted) {
    const last = groups.at(-1);
    if (last && Math.abs(y - last.y) < 2) last.ids.push(id);
    else groups.push({ ids: [id], y });
  }
  for (let at = 1; at < groups.length; at++) groups[at]!.y = Math.max(groups[at]!.y, groups[at - 1]!.y + NAME_GAP);
  return groups;
}
