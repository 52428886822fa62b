import { useCallback, useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { axleParts, candidateCase } from '#core/evaluate';
import { ruleInForce, setupTitle } from '#core/job';
import type { Pose } from '#core/kinematics';
import { clearancesAt, type PoseRange, standsOn } from '#core/sweep';
import { travelRange } from '#core/suspension';
import { Button } from '../controls/Button';
import { CaretRightOutlined, PauseOutlined } from '../controls/icons';
import { useDocument } from '../../job/DocumentContext';
import { useReports, type SetupOnTable } from '../../job/ReportsContext';
import { useSelection } from '../../job/SelectionContext';
import { useIsStale, useSweeps } from '../../job/SweepsContext';
import { useSight, useSightPose, useSightText } from '../../job/useSight';
import { BY_SIGN } from '../frame/useJobKeys';
import { Tip } from '../controls/Tip';
import { AxleSwitch } from '../parts/AxleSwitch';
import { SideSwitch } from '../parts/SideSwitch';
import { Swept } from '../parts/Swept';
import { WordSwitch } from '../parts/WordSwitch';
import { RemediesPanel } from '../remedies/RemediesPanel';
import { PoseControls } from '../space/PoseControls';
import { cornerExtent, numbersOf, sceneOf } from '../space/scene';
import { ThreeViews } from '../space/ThreeViews';
import { Allowances } from './Allowances';
import { clearanceMap } from './maps';
import { NothingSwept } from './NothingSwept';
import { PartsTable, SetupsBeside } from './PartsTable';
import { Sensitivity } from './Sensitivity';
import { SweepMap } from './SweepMap';
import { SweepStatus } from './SweepStatus';
import { usePlay } from '../space/usePlay';
import './sweep.css';

type Beside = 'parts' | 'remedies';
const BESIDE: readonly (readonly [Beside, string])[] = [
  ['parts', 'Parts'],
  ['remedies', 'Remedies'],
];

/**
 * One setup in one corner: the map of its clearances, the drawings in the pose of the map, its parts and its
 * neighbours.
 */
export function SweepView({ setup, report }: SetupOnTable) {
  const { job } = useDocument();
  const { setups, present } = useReports();
  const { axle, side, raise } = useSelection();
  const { source: sweeps } = useSweeps();
  const [moved, setAsked] = useSightPose();
  const [chosen, setChosen] = useSightText('part');
  const [beside, setBeside] = useSight<Beside>('beside', ['parts', 'remedies']);
  const staleOf = useIsStale();
  const isStale = staleOf(setup, axle);
  useHotkeys('r', () => setBeside(beside === 'parts' ? 'remedies' : 'parts'), BY_SIGN, [beside, setBeside]);
  const placed = axleParts(job.vehicle, axle);
  const { geometry } = placed.resolved;
  const change = setup.suspensionChange?.[axle] ?? null;
  const one = useMemo(() => candidateCase(job, setup, axle), [job, setup, axle]);
  const swept = sweeps.candidate(job, setup, axle) ?? null;
  const travel = travelRange(geometry ?? { bumpMm: 0, droopMm: 0 }, change);
  const { bodyRiseMm, restMm } = travel;
  // Until somebody moves it, the wheel stands as the setup rests.
  const asked = useMemo(() => moved ?? { steerDeg: 0, travelMm: restMm }, [moved, restMm]);
  // A lock or a stop that has moved takes the pose along.
  const pose = useMemo(() => (swept?.grid ? within(swept.grid, asked) : asked), [swept, asked]);
  // A wheel nobody can move hangs by as much as the change lets it: the body stands higher over it.
  const riseMm = geometry ? bodyRiseMm : travel.restShiftMm;
  const scene = useMemo(
    () => sceneOf({ axleParts: placed, side, pose, bodyRiseMm: riseMm }),
    [placed, side, pose, riseMm],
  );
  const numbers = useMemo(() => numbersOf(scene), [scene]);
  const extent = useMemo(() => cornerExtent(placed, side, [placed.present, one?.solid ?? null]), [placed, side, one]);
  const distances = useMemo(() => (one ? clearancesAt(one, pose) : {}), [one, pose]);
  const here = useMemo(
    () => report[axle].obstacles.filter((part) => standsOn({ side: part.side ?? undefined }, side)),
    [report, axle, side],
  );
  const limitOf = useCallback((id: string) => here.find((part) => part.id === id)?.limitMm ?? 0, [here]);
  // Lines of equal clearance are drawn once a map, not once a pose.
  const { shown, map, worst } = useMemo(() => {
    const shown = (swept?.parts ?? []).filter(
      ({ id }) => here.some((part) => part.id === id) && (chosen === null || id === chosen),
    );
    return {
      shown,
      map: swept?.grid ? clearanceMap(swept.grid, shown, limitOf) : null,
      worst: worstOf(shown, limitOf),
    };
  }, [swept, here, chosen, limitOf]);
  const play = usePlay(swept?.grid ?? null, pose, setAsked);
  useHotkeys('y', play.toggle, BY_SIGN, [play]);
  const moveTo = (next: Pose) => {
    play.stop();
    setAsked(next);
  };
  const steers = !swept?.grid || swept.grid.steer[1] > swept.grid.steer[0];
  const touched = shown.flatMap(({ touched: region }) => region ?? []);
  const name = chosen === null ? 'the worst part' : (here.find(({ id }) => id === chosen)?.label ?? chosen);
  return (
    <div className="sweep-station">
      <header className="sheet-head">
        <h1>
          {axle === 'front' ? 'Front' : 'Rear'} {side}{' '}
          <span className="soft">
            {setup.id.toUpperCase()} {setupTitle(setup, job.vehicle.flangeMm)}
          </span>
        </h1>
        <SweepStatus />
        <AxleSwitch />
        <SideSwitch />
      </header>
      <ThreeViews
        extent={extent}
        scene={scene}
        present={placed.present}
        subject={one?.solid ?? null}
        subjectIs="candidate"
        geometry={geometry}
        groundUp={null}
        chosen={chosen}
        choose={setChosen}
        numbers={numbers}
        verdicts={Object.fromEntries(scene.parts.map(({ id }) => [id, verdictHere(distances[id], limitOf(id))]))}
        touched={touched}
        cover={ruleInForce('cover', job) !== 'none'}
        description={`The ${axle} ${side} corner with setup ${setup.id.toUpperCase()} in the pose of the map`}
        controls={
          <>
            <div className="sweep-head-tools">
              <Tip title="Play it (Y)">
                <Button
                  size="small"
                  icon={play.playing ? <PauseOutlined /> : <CaretRightOutlined />}
                  onClick={play.toggle}
                  disabled={!swept?.grid}
                >
                  {play.playing ? 'Stop' : steers ? 'Lock to lock' : 'Stop to stop'}
                </Button>
              </Tip>
              {chosen !== null && (
                <Button size="small" onClick={() => setChosen(null)}>
                  Worst of all
                </Button>
              )}
            </div>
            <PoseControls
              geometry={geometry}
              pose={pose}
              move={moveTo}
              travel={geometry ? [travel.leastMm, travel.mostMm] : null}
              restMm={restMm}
            />
          </>
        }
      >
        <p className="soft sweep-title">map of {name}</p>
        {swept?.grid && map ? (
          <Swept isStale={isStale}>
            <SweepMap
              grid={swept.grid}
              map={map}
              name={name}
              pose={pose}
              move={moveTo}
              worst={worst}
              restTravelMm={swept.restTravelMm}
            />
            <p className="map-legend" aria-hidden>
              <span>
                <i /> touches
              </span>
              <span>
                <i className="legend-limit" /> its limit
              </span>
              <span>
                <i className="legend-level" /> 10, 20, 40, 80 mm
              </span>
              <span>× smallest</span>
            </p>
          </Swept>
        ) : (
          <NothingSwept
            kind={placed.resolved.missing ? 'still' : here.length === 0 ? 'bare' : one ? 'waiting' : 'wheel'}
          />
        )}
      </ThreeViews>
      <aside className="panel" aria-label="Sweep">
        <WordSwitch<Beside>
          label="Beside the map"
          tip="Parts of this corner, or what would make it fit (R)"
          options={BESIDE}
          value={beside}
          choose={setBeside}
        />
        {beside === 'remedies' && <RemediesPanel setup={setup} axle={axle} report={report} />}
        {beside === 'parts' && (
          <>
            <h2 className="label">Parts of this corner</h2>
            <Swept isStale={isStale}>
              <PartsTable
                parts={here}
                numbers={numbers}
                here={distances}
                chosen={chosen}
                choose={setChosen}
                move={moveTo}
                restMm={geometry ? restMm : 0}
              />
            </Swept>
            <Allowances />
            {geometry && (
              <Sensitivity
                setup={setup}
                axle={axle}
                assumed={placed.resolved.geometry ? placed.resolved.assumed.length : 0}
              />
            )}
            <h2 className="label">Setups side by side</h2>
            <SetupsBeside
              setups={setups}
              present={present}
              axle={axle}
              parts={here}
              numbers={numbers}
              current={setup.id}
              isStale={(one) => staleOf(one, axle)}
              raise={raise}
            />
            <p className="assumed-note">
              Figures are geometry; bushings, tires and bodies give. The test fit on the car decides. Structural cuts go
              to a qualified body shop.
            </p>
          </>
        )}
      </aside>
    </div>
  );
}

/** The pose in which a part is shortest of its limit. */
function worstOf(
  parts: readonly { id: string; clearanceMm: number; pose: Pose; map: unknown }[],
  limit: (id: string) => number,
): Pose | null {
  let worst: { margin: number; pose: Pose } | null = null;
  for (const { id, clearanceMm, pose, map } of parts) {
    const margin = clearanceMm - limit(id);
    if (map !== null && (!worst || margin < worst.margin)) worst = { margin, pose };
  }
  return worst?.pose ?? null;
}

/** A pose held within what the wheel can do. */
const within = ({ steer, travel }: PoseRange, { steerDeg, travelMm }: Pose): Pose => ({
  steerDeg: Math.min(steer[1], Math.max(steer[0], steerDeg)),
  travelMm: Math.min(travel[1], Math.max(travel[0], travelMm)),
});

/** The paper for the present wheel and the setup, straight and at either lock. */
const verdictHere = (mm: number | undefined, limit: number) =>
  mm === undefined ? 'unknown' : mm < 0 ? 'fail' : mm < limit ? 'caution' : 'ok';
