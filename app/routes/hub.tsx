import { hubPatternOf } from '#core/evaluate';
import { Segments } from '../ui/controls/Segments';
import { useDocument } from '../job/DocumentContext';
import { useSelection } from '../job/SelectionContext';
import { useSight } from '../job/useSight';
import { useLengths } from '../preferences/PreferencesContext';
import { NextStep } from '../ui/frame/NextStep';
import { LikeOther } from '../ui/parts/LikeOther';
import { ToStation } from '../ui/parts/ToStation';
import { ReadingStation } from '../ui/help/ReadingStation';
import { useTool } from '../ui/help/useTool';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { useEditAt } from '../ui/parts/useEditAt';
import { GaugeCardButton } from '../ui/hub/GaugeCard';
import type { Face } from '../ui/hub/HubFace';
import { PatternFinder } from '../ui/hub/PatternFinder';
import { HubFields } from '../ui/hub/HubFields';
import { JobFields } from '../ui/hub/JobFields';
import { Tightening } from '../ui/hub/Tightening';
import '../ui/hub/hub.css';

type Shown = 'pattern' | 'tightening';

/** What the wheel bolts to, and the car it belongs to. */
export default function HubPage() {
  const { job } = useDocument();
  const { axle } = useSelection();
  const lengths = useLengths();
  const editAt = useEditAt();
  const tool = useTool('caliper');
  const { taken } = tool;
  const { vehicle } = job;
  const hub = vehicle[axle]?.hub;
  const fastener = hub?.fastener;
  const at = (...keys: string[]) => ['vehicle', axle, 'hub', ...keys];
  const length = (mm: number | null | undefined) => (mm == null ? null : lengths.text(mm));
  const items = [
    { key: 'hub.lugCount', shown: hub?.lugCount == null ? null : String(hub.lugCount) },
    { key: 'hub.boltCircleMm', shown: length(hub?.boltCircleMm) },
    { key: 'hub.boreMm', shown: length(hub?.boreMm) },
    { key: 'hub.lipHeightMm', shown: length(hub?.lipHeightMm) },
    { key: 'hub.fastener.lengthMm', shown: length(fastener?.lengthMm) },
  ];
  const [shows, show] = useSight<Shown>('view', ['pattern', 'tightening']);
  const found = hub ? hubPatternOf(hub) : null;
  const read = found?.origin === 'read' ? found.pattern.boltCircleMm! : null;
  const face: Face = {
    lugCount: hub?.lugCount ?? null,
    boltCircleMm: hub?.boltCircleMm ?? read ?? found?.circle?.boltCircleMm ?? null,
    boreMm: hub?.boreMm ?? null,
    kind: fastener?.kind === 'bolt' ? 'hole' : 'stud',
    thread: fastener?.thread,
  };
  return (
    <ReadingStation axle={axle} items={items} otherwise="hub.boltCircleMm" tool={tool}>
      <section className="hub-station" aria-label="Hub">
        <header className="sheet-head">
          <h1>
            {axle === 'front' ? 'Front' : 'Rear'} hub, face on <span className="soft">to scale</span>
          </h1>
          <Segments<Shown>
            aria-label="Hub drawing"
            options={[
              { value: 'pattern', label: 'Pattern' },
              { value: 'tightening', label: 'Tightening' },
            ]}
            value={shows}
            onChange={show}
          />
          <GaugeCardButton hub={hub} />
          <AxleSwitch />
        </header>
        <div className="sheet-next">
          <NextStep station="hub" />
          <LikeOther />
          <ToStation station="measure">Measure one by one</ToStation>
        </div>
        <div className="hub-middle">
          <div className="hub-left" data-reading="hub.boltCircleMm">
            {shows === 'tightening' ? (
              <Tightening face={face} torqueNm={fastener?.torqueNm ?? null} />
            ) : (
              <PatternFinder
                key={axle}
                name={at('patternReadings').join('/')}
                of="Hub"
                face={face}
                readings={hub?.patternReadings ?? []}
                setReadings={(readings) => editAt(at('patternReadings'), readings.length > 0 ? readings : null)}
                setLugCount={(count) => editAt(at('lugCount'), count)}
                takenMm={hub?.boltCircleMm ?? null}
                take={(circleMm) => editAt(at('boltCircleMm'), circleMm, taken)}
                tool={tool}
              />
            )}
          </div>
          <HubFields key={axle} axle={axle} of={vehicle[axle]} taken={taken} readMm={read} />
        </div>
        <JobFields />
        <p className="caution-note station-note">
          Fasteners are safety parts. Torque is the maker&apos;s figure, set with a torque wrench in stages, never by
          feel.
        </p>
      </section>
    </ReadingStation>
  );
}
