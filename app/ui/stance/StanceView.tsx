import { useCallback, useId, useMemo, useState } from 'react';
import type { SetupReport } from '#core/evaluate';
import { setupTitle, type Setup } from '#core/job';
import { capital } from '#core/text';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useSight } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { AxleSwitch } from '../parts/AxleSwitch';
import { SideSwitch } from '../parts/SideSwitch';
import { useOnClient } from '../controls/useOnClient';
import { AssumedList } from './AssumedList';
import { Corners } from './Corners';
import { hasWebGL } from './hasWebGL';
import { HeldControls } from './HeldControls';
import { NoPicture } from './NoPicture';
import {
  BODY_LOOKS,
  FIGURES,
  FLUSH,
  PAIRINGS,
  STANCE_VIEWS,
  VIEW_WORDS,
  type BodyLook,
  type Figures,
  type Flush,
  type Pairing,
  type StanceView as View,
} from './sights';
import { StancePicture } from './StancePicture';
import { TakeAlong } from './TakeAlong';
import { useBeside } from './useBeside';
import { useHeldPose } from './useHeldPose';
import { axleOver, useHeld, useStanceScene } from './useStanceScene';
import { ViewTools } from './ViewTools';
import { WhatIsShown } from './WhatIsShown';
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
  const [view] = useSight<View>('view', STANCE_VIEWS);
  const [body] = useSight<BodyLook>('body', BODY_LOOKS);
  const [pairing] = useSight<Pairing>('pairing', PAIRINGS);
  const [flush] = useSight<Flush>('flush', FLUSH);
  const [figures] = useSight<Figures>('figures', FIGURES);
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
    beside.name && `${beside.name} ${isDivided ? 'beside' : 'laid over'}`,
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
      <ViewTools beside={beside.value} options={beside.options} chooseBeside={beside.choose} putBack={putBack} />
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
        {canDraw && <WhatIsShown isPair={seenBeside !== null && !beside.isAxle} />}
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

const assumedLine = (assumed: readonly { text: string }[]): string =>
  assumed.length === 0 ? '' : `Assumed: ${assumed.map(({ text }) => text).join(', ')}`;
