import { rankByBrakeRoom } from '#core/advice';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { brakeChecks, brakeOf, fitPresent, usualFace } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { wordsIn } from '#core/units';
import { DEFAULT_FLANGE_MM, backspacingMm, wheelOffsetMm } from '#core/wheel';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { PrinterOutlined } from '../controls/icons';
import { ToStation } from '../parts/ToStation';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { wordIn } from '../../job/sight';
import { useRaised } from '../../job/useRaised';
import { useDialog, useSight, useSightText } from '../../job/useSight';
import { useShelf } from '../../job/ShelfContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { BY_SIGN, WHERE_NOTHING_IS_TYPED } from '../frame/useJobKeys';
import { AxleSwitch } from '../parts/AxleSwitch';
import { later } from '../parts/later';
import { WordSwitch } from '../parts/WordSwitch';
import { BrakeSheet } from './BrakeSheet';
import { CaliperPanel } from './CaliperPanel';
import { FacePanel } from './FacePanel';
import { NextStep } from '../frame/NextStep';
import { RoomPanel } from './RoomPanel';
import { brakeScene } from './scene';
import { setupKey, subjectsOf } from './subjects';
import { TemplateDialog } from './TemplateDialog';
import './brakes.css';

const RankTable = later(() => import('./RankTable').then((module) => module.RankTable));

type Shown = 'section' | 'ranking';
const SHOWS: readonly (readonly [Shown, string])[] = [
  ['section', 'Section'],
  ['ranking', 'Wheels by clearance'],
];
type Panel = 'room' | 'brake' | 'face';
const PANELS: readonly (readonly [Panel, string])[] = [
  ['room', 'Clearance'],
  ['brake', 'Brake'],
  ['face', 'Wheel face'],
];
const PANEL_NAMES = PANELS.map(([name]) => name);
/** The thickest stack on trial, mm. */
const MOST_TRIAL_MM = 60;
const NUDGES: Record<string, number> = { '-': -1, '=': 1, _: -5, '+': 5 };

/**
 * One axle's brake: in section with a wheel, or every wheel at hand by its room; outline, inner face and templates
 * beside it.
 */
export function BrakesView({ axle }: { axle: AxleName }) {
  const { id, job } = useDocument();
  const raised = useRaised();
  const { change } = useSelection();
  const shelf = useShelf();
  const lengths = useLengths();
  const [shows, setShows] = useSight<Shown>('view', ['section', 'ranking']);
  const caliper = job.vehicle[axle]?.caliper;
  const [asked, setPanel] = useSightText('panel');
  // What the panel begins with stays, even where an outline comes meanwhile.
  const [first] = useState<Panel>(caliper?.outline ? 'room' : 'brake');
  const panel = wordIn(PANEL_NAMES, asked) ?? first;
  const [chosen] = useSightText('wheel');
  const [trialMm, setTrialMm] = useState<number | null>(null);
  const template = useDialog('template');
  const subjects = useMemo(() => subjectsOf(job, axle, shelf), [job, axle, shelf]);
  const wanted = chosen ?? (raised ? setupKey(raised.id) : null);
  const subject = subjects.find(({ key }) => key === wanted) ?? subjects[0] ?? null;
  const ownMm = subject ? stackThicknessMm(subject.stack) : null;
  const stackMm = trialMm ?? ownMm;
  const flangeMm = job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM;
  const wheel = subject?.wheel ?? {};
  const offsetMm = wheelOffsetMm(wheel, flangeMm);
  const present = fitPresent(job.vehicle, axle);
  const one = brakeOf({ caliper, fitted: { wheel, offsetMm, stackMm }, terms: job, present });
  const usual = one.face ? null : usualFace(wheel, offsetMm, flangeMm);
  const scene = brakeScene({
    outline: caliper?.outline,
    face: one.face ?? usual ?? undefined,
    stackMm: stackMm ?? 0,
    backspacingMm:
      wheel.rimWidthIn == null || offsetMm === null
        ? null
        : backspacingMm({ rimWidthIn: wheel.rimWidthIn, offsetMm, flangeMm, convention: 'overall' }),
  });
  const checks = brakeChecks(axle, one, wordsIn(lengths.units));
  const move = (mm: number) => setTrialMm(Math.min(MOST_TRIAL_MM, Math.max(0, mm)));
  const choose = (key: string) => {
    change({ wheel: key, view: null });
    setTrialMm(null);
  };
  useHotkeys(
    '*',
    (event) => {
      const by = NUDGES[event.key];
      if (by === undefined || stackMm === null || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      move(stackMm + by);
    },
    WHERE_NOTHING_IS_TYPED,
    [stackMm],
  );
  useHotkeys('r', () => setShows(shows === 'section' ? 'ranking' : 'section'), BY_SIGN, [shows, setShows]);
  const files = `/jobs/${id}/outline?axle=${axle}`;
  return (
    <div className="brakes-station">
      <header className="sheet-head">
        <h1>
          {axle === 'front' ? 'Front' : 'Rear'} brake <span className="soft">half section, to scale</span>
        </h1>
        <Choice
          aria-label="Wheel over the brake"
          value={subject?.key ?? null}
          onChange={choose}
          options={subjects.map(({ key, name }) => ({ value: key, label: name }))}
          placeholder="no wheel yet"
          style={{ width: '14.75rem' }}
        />
        <WordSwitch<Shown>
          label="What the sheet shows"
          tip="One wheel in section, or all wheels by clearance (R)"
          options={SHOWS}
          value={shows}
          choose={setShows}
        />
        <Button icon={<PrinterOutlined />} onClick={template.open}>
          Template
        </Button>
        <AxleSwitch />
      </header>
      <div className="sheet-next">
        <NextStep station="brakes" />
        <ToStation station="measure" sight={{ card: `${axle}.caliper.back` }}>
          Measure one by one
        </ToStation>
      </div>
      {shows === 'section' ? (
        <div className="brake-middle">
          <BrakeSheet
            scene={scene}
            room={one.room}
            limits={{ spokeMm: one.spokeLimit.value, barrelMm: one.barrelLimit.value }}
            boreMm={job.vehicle[axle]?.hub?.boreMm ?? null}
            assumed={usual !== null || one.face?.origin === 'family'}
            move={one.room ? move : undefined}
            description={
              `The ${axle} brake in the wheel ${subject?.name ?? 'not chosen'}:` +
              ` ${checks.map(({ label, value }) => `${label} ${lengths.text(value)}`).join(', ')}`
            }
          />
          {one.missing !== null && (
            <div className="brake-missing">
              <p>Not known: {one.missing}.</p>
              {usual && (
                <p>
                  <em className="assumed">assumed</em>: the inside of this wheel, dashed, is assumed as usual for its
                  size.
                </p>
              )}
              {!caliper?.outline ? (
                <Button size="small" kind="primary" onClick={() => setPanel('brake')}>
                  Give the brake an outline
                </Button>
              ) : (
                <Button size="small" kind="primary" onClick={() => setPanel('face')}>
                  Give the wheel its inner face
                </Button>
              )}
            </div>
          )}
        </div>
      ) : (
        <RankTable
          ranked={rankByBrakeRoom(
            job,
            axle,
            subjects.map((of) => ({ of, wheel: of.wheel, stack: of.stack })),
          )}
          choose={choose}
        />
      )}
      <aside className="panel brake-panel" hidden={shows === 'ranking'} aria-label="Brake room">
        <WordSwitch<Panel>
          label="What the panel shows"
          tip="Distances and stack, the brake's outline, or the wheel's inside"
          options={PANELS}
          value={panel}
          choose={setPanel}
        />
        {panel === 'room' && (
          <RoomPanel
            axle={axle}
            subject={subject}
            one={one}
            checks={checks}
            ownMm={ownMm}
            trialMm={trialMm}
            setTrialMm={setTrialMm}
            mostMm={MOST_TRIAL_MM}
          />
        )}
        {panel === 'brake' && <CaliperPanel axle={axle} files={files} />}
        {panel === 'face' &&
          (subject ? (
            <FacePanel key={subject.key} axle={axle} subject={subject} files={files} />
          ) : (
            <p className="soft">No wheel to check: build a setup, or add a wheel to the shelf.</p>
          ))}
      </aside>
      <p className="caution-note station-note">
        Car on stands, wheels chocked, before a wheel comes off. Never file a caliper or a spoke. Figures are geometry;
        the wheel turned by hand on the car decides.
      </p>
      {template.isOpen && <TemplateDialog axle={axle} subject={subject} close={template.close} />}
    </div>
  );
}
