import { range } from 'd3';
import {
  cornerSection,
  fitCandidate,
  fitPresent,
  innerGapLimit,
  limitedBy,
  verdictOf,
  type AxleReport,
  type CheckCode,
  type Fitted,
  type SetupReport,
} from '#core/evaluate';
import { pokeTargetOf, setupTitle, wheelCode, type AxleName, type Job } from '#core/job';
import { formatNumber, inchesFromMm, MM_PER_INCH, mmFromInches } from '#core/units';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { Ring } from '../parts/Ring';

import { costText } from '#core/cost';
import { linearScale } from '../drawing/linearScale';
import { drawingFrame, drawingLength } from '../drawing/measures';
import { upright } from '../drawing/strokes';
import { isNamed } from '../drawing/ticks';
import { useSize } from '../drawing/useSize';
import { faceText, stackLine, tireLine } from '../words';
import { chanceText, contactChance, type Rung } from './rungs';
import './ladder.css';

interface LadderProps {
  job: Job;
  axle: AxleName;
  rungs: readonly Rung[];
  current: string | null;
  raise(id: string): void;
}

const ROW = 84;
const HEAD = 34;
/** The least width at which the scale can be read; a narrower place scrolls. */
const LEAST_PX = 400;
/** A place that scrolls is reached by the keyboard as well. */
const SCROLLED = { tabIndex: 0, role: 'group', 'aria-label': 'Scale' };
const INNER_PX = 84;
const OUTER_PX = 118;
/** How thick the nearest inboard part is drawn. */
const INNER_PART_MM = 20;

/**
 * Every setup and the present car on one lateral scale: hub face at 0, inner part and fender as fixed bands, the target
 * as a tint.
 */
export function Ladder({ job, axle, rungs, current, raise }: LadderProps) {
  const lengths = useLengths();
  const { ref, size } = useSize<HTMLDivElement>({ width: 640, height: 400 });
  const width = Math.max(size.width, LEAST_PX);
  const corner = cornerSection(job.vehicle, axle);
  const fitted = rungs.map(({ setup }) =>
    setup ? fitCandidate(job.vehicle, axle, setup[axle]) : fitPresent(job.vehicle, axle),
  );
  const places = fitted.flatMap(({ place }) => (place ? [place.innerMm, place.outerMm] : []));
  const seen = (value: number | null) => (value === null ? [] : [value]);
  const innerPart = seen(corner.innerPartOut).map((edge) => edge - INNER_PART_MM);
  const low = Math.min(-120, ...places, ...innerPart) - 14;
  const high = Math.max(60, ...places, ...seen(corner.fenderOut)) + 14;
  const x = linearScale([low, high], [INNER_PX, width - OUTER_PX]);
  const foot = HEAD + ROW * rungs.length;
  const target = pokeTargetOf(job.brief, axle);
  const keep = innerGapLimit(job, axle).value;
  const said = rungs.map(({ id, report }) => rungText(id, report[axle], lengths));
  return (
    <div className="ladder">
      <ul className="ladder-names" style={{ paddingTop: drawingLength(HEAD) }}>
        {rungs.map((rung) => (
          <li key={rung.id} style={{ height: drawingLength(ROW) }}>
            <RungName rung={rung} job={job} axle={axle} lengths={lengths} pressed={rung.id === current} raise={raise} />
          </li>
        ))}
      </ul>
      <div className="ladder-scale" ref={ref} {...(size.width < LEAST_PX && SCROLLED)}>
        <svg
          {...drawingFrame({ width, height: foot + 26 })}
          role="img"
          aria-label={`Ladder of the ${axle} axle: ${said.join('; ')}`}
        >
          <LadderRule x={x} lengths={lengths} low={low} high={high} foot={foot} />
          {corner.innerPartOut !== null && (
            <>
              <rect
                className="body-part"
                x={x(corner.innerPartOut - INNER_PART_MM)}
                width={x(INNER_PART_MM) - x(0)}
                y={HEAD}
                height={foot - HEAD}
              />
              <rect
                className="ladder-keep"
                x={x(corner.innerPartOut)}
                width={x(keep) - x(0)}
                y={HEAD}
                height={foot - HEAD}
              />
              <text x={x(corner.innerPartOut - INNER_PART_MM / 2)} y={foot + 17} textAnchor="middle">
                inner part
              </text>
            </>
          )}
          {corner.fenderOut !== null && target.min !== null && (
            <rect
              className="target"
              x={x(corner.fenderOut + target.min)}
              width={Math.max(0, x((target.max ?? 0) - target.min) - x(0))}
              y={HEAD}
              height={foot - HEAD}
            />
          )}
          {fitted.map((fit, index) => (
            <Bar
              key={rungs[index]!.id}
              fitted={fit}
              x={x}
              y={HEAD + ROW * index + ROW / 2}
              present={rungs[index]!.setup === null}
            />
          ))}
          <line className="ladder-face" x1={x(0)} x2={x(0)} y1={HEAD - 6} y2={foot} />
          <text x={x(0) + 3} y={foot + 17} textAnchor="end">
            hub face
          </text>
          {corner.fenderOut !== null && (
            <>
              <line
                className="ladder-fender"
                x1={x(corner.fenderOut)}
                x2={x(corner.fenderOut)}
                y1={HEAD - 6}
                y2={foot}
              />
              <text x={x(corner.fenderOut) - 3} y={foot + 17}>
                fender
              </text>
            </>
          )}
          {rungs.map(({ id, report }, index) => (
            <Ends
              key={id}
              report={report}
              axle={axle}
              lengths={lengths}
              width={width}
              y={HEAD + ROW * index + ROW / 2 + 5}
            />
          ))}
        </svg>
      </div>
      <ul className="ladder-change" style={{ paddingTop: drawingLength(HEAD) }}>
        {rungs.map((rung) => (
          <li key={rung.id} style={{ height: drawingLength(ROW) }} className="figure">
            <RungFigures rung={rung} axle={axle} lengths={lengths} />
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Beside a rung: its diameter and track against now, what it costs, and how likely it touches somewhere. */
function RungFigures({ rung: { setup, report }, axle, lengths }: { rung: Rung; axle: AxleName; lengths: Lengths }) {
  const { tire, diameterChangePct, trackChangeMm } = report[axle];
  const chance = contactChance(report);
  return (
    <>
      <span>⌀ {lengths.text(tire.overallDiameterMm)}</span>
      {setup ? (
        <>
          <span className="soft">
            {diameterChangePct === null ? '—' : `${formatNumber(diameterChangePct, 1, true)} %`}, track{' '}
            {lengths.figure(trackChangeMm, true)}
          </span>
          <span>{costText(report.cost)}</span>
        </>
      ) : (
        <span className="soft">on the car</span>
      )}
      <span className="soft">{chance === null ? 'contact not known' : `contact ${chanceText(chance)}`}</span>
    </>
  );
}

function RungName({
  rung,
  job,
  axle,
  lengths,
  pressed,
  raise,
}: {
  rung: Rung;
  job: Job;
  axle: AxleName;
  lengths: Lengths;
  pressed: boolean;
  raise(id: string): void;
}) {
  const { setup, report, id } = rung;
  const baseline = job.vehicle[axle]?.baseline;
  const held = limitedBy(report);
  const name = setup ? setupTitle(setup, job.vehicle.flangeMm) : wheelCode(baseline, job.vehicle.flangeMm);
  const title = (
    <>
      {setup ? <Ring check={held} /> : <span className="ladder-now-mark" aria-hidden />}
      <span className="ladder-title" title={`${setup ? id.toUpperCase() : 'now'} ${name}`}>
        <b className="figure">{setup ? id.toUpperCase() : 'now'}</b> <span>{name}</span>
      </span>
      <span className="soft figure ladder-sub">
        {setup
          ? `${tireLine(setup[axle])} · ${stackLine(setup[axle], lengths)}`
          : `${baseline?.tire?.size ?? 'tire not known'} · on the car`}
      </span>
    </>
  );
  if (!setup) return <div className="ladder-name">{title}</div>;
  return (
    <button type="button" className="ladder-name" aria-pressed={pressed} onClick={() => raise(id)}>
      {title}
    </button>
  );
}

/**
 * A wheel and tire as a bar: the tire rounded, the rim's flanges as ticks, its centerline, the stack as a block at the
 * face.
 */
function Bar({ fitted, x, y, present }: { fitted: Fitted; x: (mm: number) => number; y: number; present: boolean }) {
  const { effectiveOffsetMm: offset, sectionWidthMm: section, stackMm, wheel, flangeMm } = fitted;
  if (offset === null || section === null || wheel.rimWidthIn == null) return null;
  const center = -offset;
  const rim = mmFromInches(wheel.rimWidthIn) / 2 + flangeMm;
  const wide = (mm: number) => x(mm) - x(0);
  return (
    <g className={`bar ${present ? 'bar-present' : ''}`}>
      <rect className="bar-tire" x={x(center - section / 2)} width={wide(section)} y={y - 24} height={48} rx={14} />
      <line x1={x(center - rim)} x2={x(center + rim)} y1={y} y2={y} />
      <line x1={x(center - rim)} x2={x(center - rim)} y1={y - 15} y2={y + 15} />
      <line x1={x(center + rim)} x2={x(center + rim)} y1={y - 15} y2={y + 15} />
      <line className="bar-center" x1={x(center)} x2={x(center)} y1={y - 7} y2={y + 7} />
      {stackMm !== null && stackMm > 0 && (
        <rect className="bar-stack" x={x(0)} width={wide(stackMm)} y={y - 17} height={34} />
      )}
      <line className="bar-pad" x1={x(stackMm ?? 0)} x2={x(stackMm ?? 0)} y1={y - 17} y2={y + 17} />
    </g>
  );
}

/** The gaps, written at both ends of a rung. */
function Ends({
  report,
  axle,
  lengths,
  width,
  y,
}: {
  report: SetupReport;
  axle: AxleName;
  lengths: Lengths;
  width: number;
  y: number;
}) {
  const verdict = (code: CheckCode) => verdictOf(report[axle].checks, code);
  return (
    <g className="ends">
      <text x={INNER_PX - 10} y={y} textAnchor="end" className={`is-${verdict('inboard')}`}>
        {lengths.figure(report[axle].inboardGapMm)}
      </text>
      <text x={width - OUTER_PX + 8} y={y} className={`is-${verdict('fender')}`}>
        {faceText(report[axle].pokeMm, lengths)}
      </text>
    </g>
  );
}

function LadderRule({
  x,
  lengths,
  low,
  high,
  foot,
}: {
  x: (mm: number) => number;
  lengths: Lengths;
  low: number;
  high: number;
  foot: number;
}) {
  const [small, large] = lengths.sign === 'mm' ? [10, 50] : [MM_PER_INCH / 2, MM_PER_INCH * 2];
  const places = (step: number) => range(Math.ceil(low / step), Math.floor(high / step) + 1).map((n) => n * step);
  const tall = places(large);
  const named = isNamed({ step: large, unitPx: x(1) - x(0) });
  const name = (mm: number) => formatNumber(lengths.sign === 'mm' ? mm : inchesFromMm(mm), 0);
  return (
    <g className="ruler" aria-hidden>
      <path d={upright(places(small).map(x), [HEAD - 9, HEAD - 4])} />
      <path d={upright(tall.map(x), [HEAD - 9, foot])} className="ladder-grid" />
      {tall.filter(named).map((mm) => (
        <text key={mm} x={x(mm)} y={HEAD - 15} textAnchor="middle">
          {name(mm)}
        </text>
      ))}
    </g>
  );
}

const rungText = (id: string, { pokeMm, inboardGapMm }: AxleReport, lengths: Lengths): string =>
  `${id} ${faceText(pokeMm, lengths)}, inner clearance ${lengths.text(inboardGapMm)}`;
