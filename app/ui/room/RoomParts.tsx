import { useMemo, useState } from 'react';
import { axleParts, type AxleParts, type VehicleReport } from '#core/evaluate';
import { ruleInForce } from '#core/job';
import { toCorner, type Pose } from '#core/kinematics';
import { measuringPlan } from '#core/advice';
import { DomainError } from '#core/errors';
import { gapPoint, placementIn, type GapReading, standsOn, type Side } from '#core/sweep';
import type { Verdict } from '#core/verdict';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useSelection } from '../../job/SelectionContext';
import { PoseControls } from '../space/PoseControls';
import { cornerExtent, numbersOf, sceneOf } from '../space/scene';
import { ThreeViews } from '../space/ThreeViews';
import type { Flat, ViewName } from '../space/views';
import { Contradictions } from './Contradictions';
import { PartForm } from './PartForm';
import { PlanList } from './PlanList';
import { pointedAt } from '../space/pointedAt';
import { SuspensionFields } from './SuspensionFields';
import { useParts } from './useParts';
import './room.css';

/**
 * The parts near the present wheel in three linked drawings, with what is worth reading, the part in hand and how the
 * wheel moves.
 */
export function RoomParts() {
  const { job } = useDocument();
  const { vehicle } = useReports();
  const { axle, side } = useSelection();
  const parts = useParts(axle);
  const [moved, setMoved] = useState<Pose | null>(null);
  const placed = axleParts(job.vehicle, axle);
  const { geometry } = placed.resolved;
  const { inHand } = parts;
  // The drawings show the pose the reading in hand was taken in, until somebody moves them.
  const { steerDeg, travelMm } = moved ?? {
    steerDeg: inHand?.gap?.steerDeg ?? 0,
    travelMm: inHand?.gap?.travelMm ?? 0,
  };
  const pose = useMemo<Pose>(() => ({ steerDeg, travelMm }), [steerDeg, travelMm]);
  const { scene, extent } = useScene(placed, side, pose);
  const plan = useMemo(() => measuringPlan(job, axle, side), [job, axle, side]);
  const planned = new Set(plan.map(({ readId }) => readId));
  const here = parts.own.filter((part) => standsOn(part, side));
  const numbers = useMemo(() => numbersOf(scene), [scene]);
  const report = vehicle[axle];
  const pointer =
    inHand?.gap && placed.present ? gapPlace({ gap: inHand.gap, present: placed.present, geometry, pose }) : null;
  const point = (view: ViewName, place: Flat) => {
    const found = placed.present && pointedAt({ view, flat: place, solid: placed.present, placement: scene.placement });
    if (found && inHand?.gap) parts.change({ ...inHand, gap: { ...inHand.gap, ...found } });
  };
  const choose = (id: string) => {
    setMoved(null);
    parts.choose(id);
  };
  return (
    <>
      <ThreeViews
        extent={extent}
        scene={scene}
        present={null}
        subject={placed.present}
        subjectIs="present"
        geometry={geometry}
        groundUp={placed.present ? -placed.present.bodies[0]!.section.radiusMm : null}
        chosen={parts.chosen}
        choose={choose}
        numbers={numbers}
        verdicts={verdictsOf(report)}
        pointer={pointer}
        cover={ruleInForce('cover', job) !== 'none'}
        point={point}
        pointing={parts.chosen === null && inHand?.gap !== undefined}
        description={`The ${axle} ${side} corner with its present wheel and ${scene.parts.length} parts around it`}
        controls={
          <PoseControls
            geometry={geometry}
            pose={pose}
            move={setMoved}
            travel={geometry ? [-geometry.droopMm, geometry.bumpMm] : null}
            restMm={0}
          />
        }
      >
        {inHand?.gap && (
          <p className="soft part-hint">
            Click the wheel: from outside for the clock position, from behind for the place on it.
          </p>
        )}
        {inHand && (
          <PartForm
            key={parts.chosen ?? `begun ${inHand.kind}`}
            axle={axle}
            side={side}
            part={inHand}
            parts={parts}
            geometry={geometry}
          />
        )}
        {!inHand && scene.parts.length > 0 && (
          <p className="soft">Choose a part on a drawing or from the list to see its reading.</p>
        )}
        {!placed.present && <p className="soft">The wheel is drawn once tire, rim and offset are known, under Gaps.</p>}
      </ThreeViews>
      <aside className="panel room-panel" aria-label="Parts">
        <Contradictions of={report.contradictions} choose={choose} />
        <PlanList
          plan={plan}
          numbers={numbers}
          others={here.filter(({ id }) => !planned.has(id))}
          chosen={parts.chosen}
          begun={parts.drafts.map(({ kind }) => kind)}
          inHand={parts.chosen === null ? inHand?.kind : undefined}
          choose={choose}
          begin={(draft) => {
            setMoved(null);
            parts.begin(side === 'left' || here.some(({ side: one }) => one) ? { ...draft, side } : draft);
          }}
        />
        <section>
          <h2 className="label">How the wheel moves</h2>
          <SuspensionFields key={axle} axle={axle} />
        </section>
      </aside>
    </>
  );
}

/** What the drawings show in a pose, and their space, the same for every pose. */
const useScene = (placed: AxleParts, side: Side, pose: Pose) => ({
  scene: useMemo(() => sceneOf({ axleParts: placed, side, pose }), [placed, side, pose]),
  extent: useMemo(() => cornerExtent(placed, side, [placed.present]), [placed, side]),
});

/** The place a gap is read from, on the wheel; null while the reading does not say. */
function gapPlace({
  gap,
  present,
  geometry,
  pose,
}: {
  gap: Partial<GapReading>;
  present: Parameters<typeof gapPoint>[1];
  geometry: Parameters<typeof placementIn>[0];
  pose: Pose;
}) {
  if (gap.surface === undefined || gap.clockDeg === undefined) return null;
  try {
    const at = gapPoint({ ...gap, surface: gap.surface, clockDeg: gap.clockDeg, gapMm: gap.gapMm ?? 0 }, present);
    return toCorner(placementIn(geometry, pose), at);
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}

/** A part whose reading cannot be true stands out on the drawings. */
const verdictsOf = ({ contradictions }: VehicleReport): Record<string, Verdict> =>
  Object.fromEntries(
    contradictions.map(({ id, kind }) => [id, kind === 'beyond' || kind === 'nearer' ? 'caution' : 'fail']),
  );
