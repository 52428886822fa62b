import { useMemo, useState, type ReactNode } from 'react';
import { axleParts, fitCandidate, solidOf } from '#core/evaluate';
import { DomainError } from '#core/errors';
import { CORNER_NAMES, placeOfCorner, type Corner, type Fitting } from '#core/fitting';
import { setupTitle, type AxleName, type Setup, type Vehicle } from '#core/job';
import { toCorner, type Placement, type Pose } from '#core/kinematics';
import { travelRange } from '#core/suspension';
import { gapPoint, readingPose, type SweptSolid } from '#core/sweep';
import { capital } from '#core/text';
import { useDocument } from '../../job/DocumentContext';
import { useSightText } from '../../job/useSight';
import { PoseControls } from '../space/PoseControls';
import { pointedAt } from '../space/pointedAt';
import { cornerExtent, numbersOf, sceneOf } from '../space/scene';
import { ThreeViews } from '../space/ThreeViews';
import type { Flat, ViewName } from '../space/views';
import { MarkForm } from './MarkForm';
import { MarkList } from './MarkList';
import { setupAt, useMarks, type MarkDraft } from './useMarks';
import './fitup.css';

interface MarksViewProps {
  fitting: Fitting;
  corner: Corner;
  isClosed: boolean;
  views: ReactNode;
  /** What stands above the list. */
  children: ReactNode;
}

/** The wheel of a corner with the marks that were found on it: one is made by a click, from outside and from behind. */
export function MarksView(props: MarksViewProps) {
  const { job } = useDocument();
  const setup = setupAt(job, props.fitting, props.corner);
  if (setup) return <MarksOfSetup {...props} setup={setup} />;
  return (
    <div className="marks">
      <header className="sheet-head">
        <h1>{capital(CORNER_NAMES[props.corner])}</h1>
        {props.views}
      </header>
      <p className="marks-none">Nothing new is on this corner in this fitting.</p>
      <aside className="panel fitup-panel" aria-label="Corner">
        {props.children}
      </aside>
    </div>
  );
}

function MarksOfSetup({ fitting, corner, isClosed, views, children, setup }: MarksViewProps & { setup: Setup }) {
  const { job } = useDocument();
  const { axle, side } = placeOfCorner(corner);
  const marks = useMarks({ fitting, corner, setup });
  const { inHand } = marks;
  const [chosenPart, choosePart] = useSightText('part');
  const [moved, setMoved] = useState<Pose | null>(null);
  const placed = axleParts(job.vehicle, axle);
  const { geometry } = placed.resolved;
  const solid = useSolid(job.vehicle, setup, axle);
  const travel = travelRange(geometry ?? { bumpMm: 0, droopMm: 0 }, setup.suspensionChange?.[axle] ?? null);
  const { steerDeg, travelMm } = poseOf(inHand, moved, travel.restMm);
  const pose = useMemo<Pose>(() => ({ steerDeg, travelMm }), [steerDeg, travelMm]);
  const riseMm = geometry ? travel.bodyRiseMm : travel.restShiftMm;
  const scene = useMemo(
    () => sceneOf({ axleParts: placed, side, pose, bodyRiseMm: riseMm }),
    [placed, side, pose, riseMm],
  );
  const extent = useMemo(() => cornerExtent(placed, side, [solid]), [placed, side, solid]);
  const move = (next: Pose) => {
    setMoved(next);
    if (inHand && !isClosed) marks.change({ ...inHand, ...next });
  };
  const point = (view: ViewName, flat: Flat) => {
    const found = solid && !isClosed && pointedAt({ view, flat, solid, placement: scene.placement });
    if (!found) return;
    // Another click beside a mark in hand moves it; without one it begins one.
    marks.change({ ...(inHand ?? { id: null, ...pose }), ...found });
  };
  const name = `${capital(CORNER_NAMES[corner])}`;
  return (
    <div className="marks">
      <header className="sheet-head">
        <h1>
          {name}{' '}
          <span className="soft">
            {setup.id.toUpperCase()} {setupTitle(setup, job.vehicle.flangeMm)}
          </span>
        </h1>
        {views}
      </header>
      <ThreeViews
        extent={extent}
        scene={scene}
        present={null}
        subject={solid}
        subjectIs="candidate"
        geometry={geometry}
        groundUp={null}
        chosen={chosenPart}
        choose={choosePart}
        numbers={numbersOf(scene)}
        pointer={inHand && solid ? placeOnWheel(inHand, solid, scene.placement) : null}
        point={point}
        pointing={!isClosed}
        description={`The ${CORNER_NAMES[corner]} with setup ${setup.id.toUpperCase()} and ${scene.parts.length} parts`}
        controls={
          <PoseControls
            geometry={geometry}
            pose={pose}
            move={move}
            travel={geometry ? [travel.leastMm, travel.mostMm] : null}
            restMm={travel.restMm}
          />
        }
      >
        {!isClosed && (
          <p className="soft">
            Move the wheel to where it rubbed. Click it from outside for the clock position, from behind for the place.
          </p>
        )}
        {!isClosed && (
          <MarkForm
            key={inHand?.id ?? 'begun'}
            name={`fitting/${fitting.id}/${corner}/mark/${inHand?.id ?? 'begun'}`}
            mark={inHand ?? { id: null, ...pose }}
            marks={marks}
          />
        )}
        {!solid && <p className="soft">The wheel is drawn once tire, rim and offset of the setup are known.</p>}
      </ThreeViews>
      <aside className="panel fitup-panel" aria-label="Corner">
        {children}
        <MarkList marks={marks} isClosed={isClosed} />
      </aside>
    </div>
  );
}

/** The wheel of a setup, made anew only when it or the car is another one. */
const useSolid = (vehicle: Vehicle, setup: Setup, axle: AxleName): SweptSolid | null =>
  useMemo(() => solidOf(fitCandidate(vehicle, axle, setup[axle])), [vehicle, axle, setup]);

/** The pose of the mark in hand, else the one that the wheel was moved to, else how it rests. */
function poseOf(mark: MarkDraft | null, moved: Pose | null, restMm: number): Pose {
  return mark ? readingPose(mark) : (moved ?? { steerDeg: 0, travelMm: restMm });
}

/** The place of a mark in the corner's frame; null while it does not say, or is not on the wheel. */
function placeOnWheel({ surface, clockDeg, axialMm }: MarkDraft, solid: SweptSolid, placement: Placement) {
  if (surface === undefined && clockDeg === undefined) return null;
  try {
    const place = { surface: surface ?? 'outer-shoulder', clockDeg: clockDeg ?? 0, axialMm, gapMm: 0 };
    return toCorner(placement, gapPoint(place, solid));
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}
