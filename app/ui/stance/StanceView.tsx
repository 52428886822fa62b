import { Checkbox, Select } from 'antd';
import { useCallback, useId, useMemo, useState, type ReactNode } from 'react';
import type { SetupReport } from '#core/evaluate';
import { setupTitle, type Setup } from '#core/job';
import { capital } from '#core/text';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useSight } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { drawingLength } from '../drawing/measures';
import { AxleSwitch } from '../parts/AxleSwitch';
import { SideSwitch } from '../parts/SideSwitch';
import { useOnClient } from '../parts/useOnClient';
import { WordSwitch } from '../parts/WordSwitch';
import { AssumedList } from './AssumedList';
import { Corners } from './Corners';
import { hasWebGL } from './hasWebGL';
import { HeldControls } from './HeldControls';
import { NoPicture } from './NoPicture';
import {
  BODY_LOOKS,
  BODY_NAMES,
  FIGURE_NAMES,
  FIGURES,
  PAIRING_NAMES,
  PAIRINGS,
  STANCE_VIEWS,
  VIEW_NAMES,
  VIEW_WORDS,
  type BodyLook,
  type Figures,
  type Pairing,
  type StanceView as View,
} from './sights';
import { StancePicture } from './StancePicture';
import { TakeAlong } from './TakeAlong';
import { useBeside } from './useBeside';
import { useHeldPose } from './useHeldPose';
import { axleOver, useHeld, useStanceScene } from './useStanceScene';
import './stance.css';

type Png = (words: readonly string[]) => Promise<Blob>;

interface StanceViewProps {
  /** The setup in hand; null for the car as it is. */
  setup: Setup | null;
  now: Setup;
  report: SetupReport;
}

/** The car in three dimensions with a setup on it, alone or beside another, and its figures. */
export function StanceView({ setup, now, report }: StanceViewProps) {
  const { job } = useDocument();
  const { axle, side } = useSelection();
  const lengths = useLengths();
  const [view, setView] = useSight<View>('view', STANCE_VIEWS);
  const [body, setBody] = useSight<BodyLook>('body', BODY_LOOKS);
  const [pairing, setPairing] = useSight<Pairing>('pairing', PAIRINGS);
  const [flush, setFlush] = useSight<'off' | 'on'>('flush', ['off', 'on']);
  const [figures, setFigures] = useSight<Figures>('figures', FIGURES);
  const [reset, setReset] = useState(0);
  const [png, setPng] = useState<Png | null>(null);
  const sentences = useId();
  const subject = setup ?? now;
  const beside = useBeside(subject, now, axle);
  const held = useHeldPose(job, subject, axle);
  const { pose, restMm } = held;
  const stance = useHeld(axle, side, pose);
  const scene = useStanceScene(subject, stance)!;
  const besideScene = useStanceScene(beside.setup, stance);
  const isDivided = pairing === 'divided' && !beside.isAxle;
  const seenBeside = useMemo(() => {
    if (!besideScene || beside.name === null) return null;
    return { bodies: beside.isAxle ? axleOver(besideScene, axle) : besideScene.bodies, name: beside.name, isDivided };
  }, [besideScene, beside.isAxle, beside.name, axle, isDivided]);
  const besideReport = useMemo(
    () => (beside.report && beside.name ? { report: beside.report, name: beside.name } : null),
    [beside.report, beside.name],
  );
  const putBack = useCallback(() => setReset((count) => count + 1), []);
  const take = useCallback((made: Png | null) => setPng(() => made), []);
  const canDraw = useOnClient(hasWebGL, true);
  const name = setup ? setup.id.toUpperCase() : 'now';
  const title = setup ? `${name} ${setupTitle(setup, job.vehicle.flangeMm)}` : 'as it stands';
  const words = [
    `${capital(axle)} ${side}, ${title}`,
    beside.name && `${isDivided ? 'beside' : 'under'} ${beside.name}`,
    VIEW_WORDS[view],
    pose.steerDeg === 0 ? null : `steered ${Math.round(pose.steerDeg)}°`,
    pose.travelMm === restMm ? null : `${lengths.text(pose.travelMm - restMm, true)} of travel`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <div className="stance-station">
      <header className="sheet-head">
        <h1>
          Stance <span className="soft">{title}</span>
        </h1>
        <AxleSwitch />
        <SideSwitch />
      </header>
      <div className="stance-tools">
        <WordSwitch<View>
          label="Seen from"
          tip="Where the car is looked at from"
          options={VIEW_NAMES}
          value={view}
          choose={(next) => {
            setView(next);
            putBack();
          }}
        />
        <label className="stance-beside">
          <span className="label">Beside</span>
          <Select
            value={beside.value}
            options={beside.options}
            onChange={beside.choose}
            style={{ width: drawingLength(190) }}
            popupMatchSelectWidth={false}
          />
        </label>
      </div>
      {canDraw ? (
        <StancePicture
          scene={scene}
          report={report}
          view={view}
          body={body}
          figures={figures}
          isFlush={flush === 'on'}
          beside={seenBeside}
          besideReport={besideReport}
          name={name}
          words={words}
          describedBy={sentences}
          reset={reset}
          putBack={putBack}
          take={take}
        />
      ) : (
        <NoPicture setup={subject} pose={pose} />
      )}
      <div className="stance-pose">
        <HeldControls held={held} axle={axle} />
      </div>
      <aside className="panel" aria-label="Stance">
        <Corners id={sentences} scene={scene} report={report} beside={besideReport} />
        {canDraw && (
          <section aria-label="What is shown">
            <h2 className="label">What is shown</h2>
            <div className="stance-shown">
              {seenBeside && !beside.isAxle && (
                <Shown name="Both">
                  <WordSwitch<Pairing>
                    label="Both"
                    tip="On either side of a divider, or laid over each other"
                    options={PAIRING_NAMES}
                    value={pairing}
                    choose={setPairing}
                  />
                </Shown>
              )}
              <Shown name="Body">
                <WordSwitch<BodyLook>
                  label="Body"
                  tip="See-through or off shows the measured parts behind it too"
                  options={BODY_NAMES}
                  value={body}
                  choose={setBody}
                />
              </Shown>
              <Shown name="Figures">
                <WordSwitch<Figures>
                  label="Figures"
                  tip="What is written on the picture"
                  options={FIGURE_NAMES}
                  value={figures}
                  choose={setFigures}
                />
              </Shown>
              <Checkbox checked={flush === 'on'} onChange={({ target }) => setFlush(target.checked ? 'on' : 'off')}>
                Flush plane through the fender lips
              </Checkbox>
            </div>
          </section>
        )}
        <TakeAlong
          setup={setup}
          held={stance}
          words={words}
          picture={
            png &&
            (() => png([job.vehicle.label, capital(words), assumedLine(scene.assumed)].flatMap((line) => line || [])))
          }
        />
        <AssumedList setup={setup} assumed={scene.assumed} />
        <p className="assumed-note">
          The picture is geometry from the readings, with a plain body around it; bushings, tires and bodies give. The
          test fit on the car decides.
        </p>
      </aside>
    </div>
  );
}

/** A choice of what is shown, under its name. */
const Shown = ({ name, children }: { name: string; children: ReactNode }) => (
  <div>
    <span className="label" aria-hidden>
      {name}
    </span>
    {children}
  </div>
);

const assumedLine = (assumed: readonly { text: string }[]): string =>
  assumed.length === 0 ? '' : `Assumed: ${assumed.map(({ text }) => text).join(', ')}`;
