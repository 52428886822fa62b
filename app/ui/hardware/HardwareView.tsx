import { stackRange } from '#core/advice';
import { useMemo } from 'react';
import { type SetupReport } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { itemName } from '#core/shelf';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useDialog } from '../../job/useSight';
import { useShelf, useShelfState } from '../../job/ShelfContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { FastenerAdvice } from './FastenerAdvice';
import { spacersFor, type SpacersFor } from './spacersFor';
import { StackList } from './StackList';
import { StackSection } from './StackSection';
import { TrialDialog } from './TrialDialog';
import { OptionsDialog } from './OptionsDialog';
import { WheelFields } from './WheelFields';
import './hardware.css';

interface HardwareViewProps {
  setup: Setup;
  axle: AxleName;
  report: SetupReport;
}

/**
 * Everything between hub face and wheel face of a setup: drawn in section, piece by piece, with what is on the shelf.
 */
export function HardwareView({ setup, axle, report }: HardwareViewProps) {
  const { job } = useDocument();
  const shelf = useShelf();
  const options = useDialog('options');
  const trial = useDialog('trial');
  const { boltPattern } = report[axle];
  const differs = boltPattern.verdict === 'fail' || boltPattern.verdict === 'caution';
  return (
    <div className="inner-view">
      <StackSection job={job} axle={axle} setup={setup} report={report[axle]} />
      <form
        className="inner-fields"
        aria-label={`Hardware of setup ${setup.id.toUpperCase()}, ${axle}`}
        onSubmit={(event) => event.preventDefault()}
      >
        {differs && (
          <div className={`hardware-notice is-${boltPattern.verdict}`}>
            <span>Wheel and hub have different bolt patterns.</span>
            <Button size="small" onClick={options.open}>
              Options
            </Button>
          </div>
        )}
        <StackList setup={setup} axle={axle} shelf={shelf} />
        <SpacerAdvice setup={setup} axle={axle} report={report} />
        <div>
          <Button size="small" onClick={trial.open}>
            Spacer to wheel …
          </Button>
        </div>
        <FastenerAdvice setup={setup} axle={axle} report={report[axle]} />
        <WheelFields setup={setup} axle={axle} shelf={shelf} />
        <p className="caution-note">
          Fasteners are safety parts. Adapters have their own torque; retorque after 50 to 100 km. Front and rear bolts
          of different length must not be mixed.
        </p>
      </form>
      {options.isOpen && <OptionsDialog setup={setup} axle={axle} close={options.close} />}
      {trial.isOpen && <TrialDialog setup={setup} axle={axle} close={trial.close} />}
    </div>
  );
}

const NONE: SpacersFor = { item: null, thinner: null, stack: null };

/** How thick the stack may be by the room, and the thinnest spacer of the shelf that does it. */
function SpacerAdvice({ setup, axle, report }: HardwareViewProps) {
  const { job, edit } = useDocument();
  const { items: shelf, come } = useShelfState();
  const lengths = useLengths();
  const stack = useMemo(() => setup[axle]?.stack ?? [], [setup, axle]);
  const range = stackRange({ job, report, axle, stackMm: stackThicknessMm(stack) });
  if (!range) return <p className="soft">For the stack range, measure the inner clearance and every thickness.</p>;
  const most = range.mostMm;
  const shut = most !== null && most < range.leastMm - 1e-6;
  const othersMm = stackThicknessMm(stack.filter(({ kind }) => kind !== 'slip-on')) ?? 0;
  const now = (stackThicknessMm(stack) ?? 0) - othersMm;
  const wanted = !shut && range.leastMm > othersMm;
  const {
    item,
    thinner,
    stack: thicker,
  } = wanted ? spacersFor({ job, setup, axle, shelf, leastMm: range.leastMm, mostMm: most }) : NONE;
  const use = () => edit({ op: 'set', path: ['setups', setup.id, axle, 'stack'], value: thicker });
  return (
    <div className="advice" aria-live="polite">
      <p>
        {shut ? (
          <>
            No stack does both: inner clearance needs <b className="figure">{lengths.text(range.leastMm)}</b>, poke
            allows <b className="figure">{lengths.text(most)}</b>.
          </>
        ) : (
          <>
            The room allows a stack of <b className="figure">{lengths.figure(range.leastMm)}</b> to{' '}
            <b className="figure">{most === null ? 'any' : lengths.text(most)}</b>
            {range.leastMm === 0 && ': none is needed'}.
          </>
        )}
      </p>
      {item && (
        <p>
          Thinnest on the shelf that works: <b>{itemName(item)}</b>{' '}
          {item.thicknessMm === now ? (
            <span className="soft">in use</span>
          ) : (
            <Button size="small" onClick={use}>
              Use it
            </Button>
          )}
        </p>
      )}
      {thinner && <p className="soft">{itemName(thinner)} is thinner, but leaves the wheel short of lip or thread.</p>}
      {wanted && come && !item && !thinner && <p className="soft">Nothing on the shelf in this range fits this hub.</p>}
    </div>
  );
}
