import { useEffect, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { CORNER_NAMES, placeOfCorner, stepState, type Corner, type Fitting } from '#core/fitting';
import { beginFitting } from '#core/sheet';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { cornerSight } from '../../job/sight';
import { useSelection } from '../../job/SelectionContext';
import { useDialog, useSight } from '../../job/useSight';
import { useRaised } from '../../job/useRaised';
import { useLengths } from '../../preferences/PreferencesContext';
import { BY_SIGN } from '../frame/useJobKeys';
import { WordSwitch } from '../parts/WordSwitch';
import { ToStation } from '../parts/ToStation';
import { BeginDialog } from './BeginDialog';
import { CornerMap } from './CornerMap';
import { doneOf } from './fittingEdits';
import { FittingHead } from './FittingHead';
import { LookFields } from './LookFields';
import { MarksView } from './MarksView';
import { ReadFigures } from './ReadFigures';
import { StepList } from './StepList';
import { TorquePanel } from './TorquePanel';
import { useCorner, useFittings, useReportOf, type FittingInHand } from './useFittings';
import './fitup.css';

/** The job sheet of a setup, done at the car: its steps, its torque, and what the car says to what was predicted. */
export function FitUpView() {
  const { job } = useDocument();
  const { fittings, inHand, take } = useFittings();
  const begin = useDialog('fitting');
  const dialog = begin.isOpen && (
    <BeginDialog
      close={begin.close}
      begun={(id) => {
        begin.close();
        take(id);
      }}
    />
  );
  if (!inHand)
    return (
      <div className="page fitup-empty">
        <h1>Fit-up</h1>
        {job.setups.length === 0 ? (
          <p>
            No setup yet. <ToStation station="setups">Build the first one</ToStation>; here it goes on the car.
          </p>
        ) : (
          <>
            <p>
              A setup goes on the car step by step: dry fit, torque, readings, marks. Each reading is held against what
              was predicted.
            </p>
            <Button kind="primary" onClick={begin.open}>
              Start a fitting
            </Button>
          </>
        )}
        {dialog}
      </div>
    );
  return (
    <>
      <FittingOnTable key={inHand.fitting.id} {...{ fittings, inHand, take }} begin={begin.open} />
      {dialog}
    </>
  );
}

type Shown = 'steps' | 'marks';
const SHOWN: readonly (readonly [Shown, string])[] = [
  ['steps', 'Steps'],
  ['marks', 'Marks'],
];

interface FittingOnTableProps {
  fittings: readonly Fitting[];
  inHand: FittingInHand;
  take(id: string): void;
  begin(): void;
}

function FittingOnTable({ fittings, inHand, take, begin }: FittingOnTableProps) {
  const corner = useCorner();
  const { fitting, steps } = inHand;
  const isClosed = Boolean(fitting.finishedAt);
  const shown = fitting.corners[corner] !== undefined;
  const [shows, show] = useSight<Shown>('view', ['steps', 'marks']);
  useHotkeys('m', () => show(shows === 'steps' ? 'marks' : 'steps'), BY_SIGN, [shows, show]);
  const views = (
    <WordSwitch<Shown> label="What is shown" tip="Steps or marks (M)" options={SHOWN} value={shows} choose={show} />
  );
  if (shows === 'marks')
    return (
      <MarksView key={corner} {...{ fitting, corner, isClosed }} views={views}>
        <CornerMap fitting={fitting} steps={steps} corner={corner} />
      </MarksView>
    );
  return (
    <div className="fitup">
      <div className="fitup-sheet">
        <FittingHead {...{ fittings, inHand, take, begin }} views={views} />
        <NextOpen inHand={inHand} />
        {shown ? (
          <StepList inHand={inHand} corner={corner} isClosed={isClosed} />
        ) : (
          <NotFitted fitting={fitting} corner={corner} isClosed={isClosed} />
        )}
        <p className="caution-note">
          Wheels chocked, car on stands, never the jack alone. Where the maker’s instructions or the local code say
          otherwise, they hold.
        </p>
      </div>
      <aside className="panel fitup-panel" aria-label="Corner">
        <CornerMap fitting={fitting} steps={steps} corner={corner} />
        {shown && (
          <>
            <TorquePanel inHand={inHand} corner={corner} isClosed={isClosed} />
            <ReadFigures inHand={inHand} corner={corner} isClosed={isClosed} />
            <LookFields fitting={fitting} corner={corner} isClosed={isClosed} />
          </>
        )}
      </aside>
    </div>
  );
}

/** A corner that this fitting has left alone. */
function NotFitted({ fitting, corner, isClosed }: { fitting: Fitting; corner: Corner; isClosed: boolean }) {
  const { job, edit } = useDocument();
  const raised = useRaised();
  const reportOf = useReportOf();
  const { units: unit } = useLengths();
  const { axle } = useSelection();
  const can = !isClosed && raised?.[axle] !== undefined;
  const add = () => {
    const corners = { [corner]: raised!.id };
    const { id, kind, startedAt } = fitting;
    const begun = beginFitting(job, { id, kind, startedAt, odometerKm: null, corners }, { unit, reportOf });
    edit({ op: 'set', path: ['fittings', id, 'corners', corner], value: begun.corners[corner] });
  };
  return (
    <div className="fitup-none">
      <p>The {CORNER_NAMES[corner]} stays as it is in this fitting.</p>
      {can && <Button onClick={add}>Put setup {raised.id.toUpperCase()} on it</Button>}
    </div>
  );
}

/** Leads to the first step that is open, at whatever corner it is. */
function NextOpen({ inHand: { fitting, steps } }: { inHand: FittingInHand }) {
  const { change } = useSelection();
  const corner = useCorner();
  const next = steps.find((step) => stepState(doneOf(fitting, step)) === 'open');
  const wanted = useRef(false);
  const goTo = () => {
    if (!next || fitting.finishedAt) return;
    wanted.current = true;
    if (next.corner && next.corner !== corner) change(cornerSight(placeOfCorner(next.corner)));
    else focusNext(wanted);
  };
  // The row is there once the corner is.
  useEffect(() => focusNext(wanted), [corner]);
  useHotkeys('n', goTo, BY_SIGN, [goTo]);
  if (fitting.finishedAt) return null;
  const done = steps.filter((step) => stepState(doneOf(fitting, step)) !== 'open').length;
  return (
    <div className="fitup-next">
      <span className="figure">
        {done} of {steps.length}
      </span>
      <progress value={done} max={steps.length} aria-label="Steps done" />
      {next ? (
        <Button kind="link" onClick={goTo} title="The next open step (N)">
          Next{next.corner && next.corner !== corner ? `: ${CORNER_NAMES[next.corner]}` : ''}
        </Button>
      ) : (
        <span role="status">All steps are done.</span>
      )}
    </div>
  );
}

function focusNext(wanted: { current: boolean }): void {
  const row = wanted.current ? document.querySelector<HTMLElement>('.step[aria-current]') : null;
  if (!row) return;
  wanted.current = false;
  row.querySelector('button')?.focus({ preventScroll: true });
  row.scrollIntoView({ block: 'center' });
}
