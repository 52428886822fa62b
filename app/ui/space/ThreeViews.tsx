import { line } from 'd3';
import { useMemo, type ReactNode } from 'react';
import type { SuspensionGeometry } from '#core/suspension';
import type { SweptSolid, TouchedRegion } from '#core/sweep';
import type { Verdict } from '#core/verdict';
import { useLengths } from '../../preferences/PreferencesContext';
import { useNarrow } from '../parts/useNarrow';
import { placeLabels, type LabelPlace } from './labels';
import { Hatch } from '../sheet/layers';
import { Drawing } from '../drawing/Drawing';
import { drawingLength, placeOn } from '../drawing/measures';
import { useZoom } from '../drawing/useZoom';
import { useSize } from '../drawing/useSize';
import { CoverArc, Pointer, SteeringAxis } from './marks';
import { partAt, type Extent, type Scene, type ScenePart } from './scene';
import { PROJECT, hollowCuts, rimEdges, silhouettes, touchedPatch, type Flat, type ViewName } from './views';
import { middleOf, viewWords } from './viewWords';
import './space.css';

interface ThreeViewsProps {
  extent: Extent;
  scene: Scene;
  /** What is on the car now, drawn behind; and what is looked at. */
  present: SweptSolid | null;
  subject: SweptSolid | null;
  subjectIs: 'candidate' | 'present';
  geometry: SuspensionGeometry | null;
  /** Where the present wheel touches the ground at rest, mm under the hub. */
  groundUp: number | null;
  chosen: string | null;
  choose(id: string): void;
  /** The number each part bears on the drawings and in the list. */
  numbers: Readonly<Record<string, number>>;
  /** How each part fares, for its color and sign. */
  verdicts?: Readonly<Record<string, Verdict>>;
  touched?: readonly TouchedRegion[];
  /** A place on the wheel that is being pointed out, in the corner's frame. */
  pointer?: { out: number; fwd: number; up: number } | null;
  /** Takes a place somebody pointed at that is no part. */
  point?(view: ViewName, place: Flat): void;
  /** A place is asked for: a click is one, even next to a part. */
  pointing?: boolean;
  /** The arc that a fender must cover is asked for, and is shown from outside. */
  cover?: boolean;
  description: string;
  /** What moves the drawings; beside them where there is room. */
  controls: ReactNode;
  /** What stands in the fourth quarter. */
  children: ReactNode;
}

const NAMES: Record<ViewName, string> = { behind: 'from behind', side: 'from outside', above: 'from above' };
const TITLES: Record<ViewName, string> = { ...NAMES, side: `${NAMES.side} · clock: 0° top, +90° front →` };
const GAP_PX = 10;
/** Height of a drawing's caption, and the least room beside the drawings that takes their controls. */
const CAPTION_PX = 17;
const CONTROLS_PX = 150;

/**
 * Three drawings of a corner to one scale, side by side as a draughtsman lays them: behind and side share the height,
 * behind and above the place across.
 */
export function ThreeViews(props: ThreeViewsProps) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 824, height: 640 });
  const { extent } = props;
  const [across, along, high] = [extent.out, extent.fwd, extent.up].map(([from, to]) => to - from) as [
    number,
    number,
    number,
  ];
  const narrow = useNarrow();
  const byWidth = (size.width - 3 * GAP_PX) / (across + along);
  // In a column that scrolls the drawings are as high as they need.
  const byHeight = narrow ? byWidth : (size.height - 3 * GAP_PX - 2 * CAPTION_PX) / (high + along);
  const k = Math.max(0.05, Math.min(byWidth, byHeight));
  const beside = !narrow && size.width - 3 * GAP_PX - (across + along) * k >= CONTROLS_PX;
  const columnOf = (mm: number) => drawingLength(Math.round(mm * k));
  const style = {
    gridTemplateColumns: `${columnOf(across)} ${columnOf(along)} minmax(0, 1fr)`,
    gridTemplateRows: narrow ? 'none' : 'max-content minmax(0, 1fr)',
  };
  return (
    <div className="three-views" ref={ref}>
      <div className="three-grid" style={style} role="group" aria-label={props.description}>
        <View {...props} view="behind" k={k} x={extent.out} y={extent.up} />
        <View {...props} view="side" k={k} x={extent.fwd} y={extent.up} />
        <div className="three-beside">{beside && props.controls}</div>
        <View {...props} view="above" k={k} x={extent.out} y={extent.fwd} />
        <div className="three-fourth">
          {props.children}
          {!beside && props.controls}
        </div>
      </div>
    </div>
  );
}

const draw = line<Flat>();

/** Points closer together than this are one, px: a wheel seen from its edge has most of its points in a few places. */
const ONE_POINT_PX = 0.05;

/** A closed outline; points of it that nobody could tell from the one before are left out. */
function closed(points: Flat[], place: (flat: Flat) => Flat): string {
  let last: Flat = [Infinity, Infinity];
  const drawn = points.map(place).filter((point) => {
    const isApart = Math.hypot(point[0] - last[0], point[1] - last[1]) > ONE_POINT_PX;
    if (isApart) last = point;
    return isApart;
  });
  return drawn.length === 0 ? '' : `${draw(drawn)}Z`;
}

interface ViewProps extends ThreeViewsProps {
  view: ViewName;
  k: number;
  x: [number, number];
  y: [number, number];
}

function View({ view, k, x, y, ...props }: ViewProps) {
  const lengths = useLengths();
  const { scene, present, subject, subjectIs, geometry, groundUp, chosen, choose, verdicts = {}, touched = [] } = props;
  const width = Math.round((x[1] - x[0]) * k);
  const height = Math.round((y[1] - y[0]) * k);
  const zoom = useZoom({ width, height });
  const at = ([right, up]: Flat): Flat => [(right - x[0]) * k, (y[1] - up) * k];
  const hull = (solid: SweptSolid) => silhouettes(solid, scene.placement, view).map((points) => closed(points, at));
  const wheel = useMemo(
    () => ({
      present: present ? hull(present) : [],
      subject: subject ? hull(subject) : [],
      rim: subject ? rimEdges(subject, scene.placement, view).map((points) => closed(points, at)) : [],
      hollow: subject ? hollowCuts(subject, scene.placement, view).map((points) => draw(points.map(at)) ?? '') : [],
    }),
    // The scene's placement is filled anew for each pose.
    [present, subject, scene, view, k, x[0], x[1], y[0], y[1]], // eslint-disable-line react-hooks/exhaustive-deps
  );
  const [originX, originY] = at([0, 0]);
  const labels = labelsOf({ parts: scene.parts, numbers: props.numbers, chosen, view, at, size: { width, height } });
  const ids = { hatch: `touched-${view}` };
  return (
    <figure className={`view view-${view}`}>
      <figcaption style={{ maxWidth: drawingLength(width) }} title={TITLES[view]}>
        {TITLES[view]}
      </figcaption>
      <Drawing
        zoom={zoom}
        role="img"
        aria-label={`The corner ${NAMES[view]}`}
        aria-description={viewWords({ view, parts: scene.parts, verdicts, text: lengths.text })}
        onClick={(event) => {
          const on = placeOn(event.currentTarget, event);
          const place: Flat = [x[0] + on.x / k, y[1] - on.y / k];
          const part = props.pointing ? null : partAt({ scene, view, place, within: 12 / k });
          if (part) choose(part);
          else props.point?.(view, place);
        }}
      >
        <defs>
          <Hatch id={ids.hatch} className="hatch-touched" gap={5} />
        </defs>
        <path className="view-axes" d={`M${originX},0V${height}M0,${originY}H${width}`} />
        {groundUp !== null && view !== 'above' && (
          <line className="view-ground" x1={0} x2={width} y1={at([0, groundUp])[1]} y2={at([0, groundUp])[1]} />
        )}
        {geometry && <SteeringAxis geometry={geometry} view={view} at={at} />}
        {subjectIs === 'candidate' &&
          wheel.present.map((d, i) => <path key={i} className="view-wheel view-ghost" d={d} />)}
        {wheel.subject.map((d, i) => (
          <path key={i} className={`view-wheel view-${subjectIs}`} d={d} />
        ))}
        {wheel.hollow.map((d, i) => (
          <path key={i} className={`view-hollow ${assumedInside(subject) ? 'is-assumed' : ''}`} d={d} />
        ))}
        {wheel.rim.map((d, i) => (
          <path key={i} className={`view-rim view-${subjectIs}`} d={d} />
        ))}
        {subject &&
          touched.map((region, i) => (
            <path
              key={i}
              className="view-touched"
              d={closed(touchedPatch({ solid: subject, region, placement: scene.placement, view }), at)}
              fill={`url(#${ids.hatch})`}
            />
          ))}
        {scene.parts.map((part) => (
          <Part
            key={part.id}
            part={part}
            view={view}
            at={at}
            label={labels.get(part.id)}
            chosen={part.id === chosen}
            verdict={verdicts[part.id] ?? 'unknown'}
          />
        ))}
        {props.cover && view === 'side' && <CoverArc radiusMm={Math.min(y[1], -x[0], x[1])} at={at} />}
        {props.pointer && <Pointer at={at(PROJECT[view](props.pointer))} />}
      </Drawing>
    </figure>
  );
}

/** Whether nobody measured the inside of a wheel. */
const assumedInside = (solid: SweptSolid | null): boolean => solid?.bodies[0]?.section.hollow?.assumed ?? false;

interface Label {
  text: string;
  place: LabelPlace;
}

/** About how wide a sign of a label is, px. */
const SIGN_PX = 7;

/** The numbers of parts, and the name of the chosen one, each where it lies over no other; the chosen one first. */
function labelsOf({ parts, numbers, chosen, view, at, size }: LabelsOf): ReadonlyMap<string, Label> {
  const named = parts
    .filter(({ id }) => numbers[id] !== undefined)
    .sort((one, other) => Number(other.id === chosen) - Number(one.id === chosen))
    .map((part) => ({
      part,
      text: `${numbers[part.id]}${part.id === chosen ? ` ${part.label}` : ''}`,
    }));
  const places = placeLabels(
    named.map(({ part, text }) => {
      const [x, y] = middleOf(part.points.map((point) => at(PROJECT[view](point))));
      return { x, y, width: text.length * SIGN_PX };
    }),
    size,
  );
  return new Map(named.map(({ part, text }, index) => [part.id, { text, place: places[index]! }]));
}

interface LabelsOf {
  parts: readonly ScenePart[];
  numbers: Readonly<Record<string, number>>;
  chosen: string | null | undefined;
  view: ViewName;
  at(flat: Flat): Flat;
  size: { width: number; height: number };
}

interface PartProps {
  part: ScenePart;
  view: ViewName;
  at(flat: Flat): Flat;
  label: Label | undefined;
  chosen: boolean;
  verdict: Verdict;
}

function Part({ part, view, at, label, chosen, verdict }: PartProps) {
  const points = part.points.map((point) => at(PROJECT[view](point)));
  const [x, y] = middleOf(points);
  return (
    <g className={`view-part is-${verdict} ${chosen ? 'view-chosen' : ''} ${part.assumed ? 'view-assumed' : ''}`}>
      {part.edge && <path d={draw(points) ?? ''} />}
      {/* A cross where it touches, a square where it does not: color is not the only sign. */}
      {!part.edge &&
        (verdict === 'fail' ? (
          <path d={`M${x - 5},${y - 5}l10,10m0,-10l-10,10`} />
        ) : (
          <rect x={x - 3.5} y={y - 3.5} width={7} height={7} />
        ))}
      {label && (
        <text x={label.place[0]} y={label.place[1] + 4}>
          {label.text}
        </text>
      )}
      <title>{part.label}</title>
    </g>
  );
}
