import { memo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { AxleName } from '#core/job';
import { Segments } from '../controls/Segments';
import { useDocument } from '../../job/DocumentContext';
import type { SetupOnTable } from '../../job/ReportsContext';
import { useSelection } from '../../job/SelectionContext';
import { useDialog, useSight } from '../../job/useSight';
import { BY_SIGN, WHERE_NOTHING_IS_TYPED } from '../frame/useJobKeys';
import { Ledger } from '../ledger/Ledger';
import { AxleSwitch } from '../parts/AxleSwitch';
import { later } from '../parts/later';
import { useListSwitch } from '../parts/useListSwitch';
import { useAxleFields } from '../sheet/useAxleFields';
import { CandidateSheet } from './CandidateSheet';
import { SetupList } from './SetupList';
import { useStackField } from './useStackField';
import { NUDGES, SHOWN, viewOfKey, VIEWS, type Shown } from './views';

const HardwareView = later(() => import('../hardware/HardwareView').then((module) => module.HardwareView));
const TireView = later(() => import('../tire/TireView').then((module) => module.TireView));
const CarView = later(() => import('../car/CarView').then((module) => module.CarView));
const CostView = later(() => import('../cost/CostView').then((module) => module.CostView));

/** The setup in hand: its sheet in one of five views, every figure beside it. */
export function RaisedSetup({ setup, report }: SetupOnTable) {
  const { axle } = useSelection();
  const { asList, setCrowded, listButton } = useListSwitch();
  const [shows, show] = useSight<Shown>('view', SHOWN);
  const [allOpen, setAllOpen] = useState(false);
  useHotkeys('h,t,c,m', ({ key }) => show(viewOfKey(shows, key)), BY_SIGN, [shows, show]);
  const sizes = useDialog('sizes');
  useHotkeys('s', sizes.open, { ...BY_SIGN, enabled: shows === 'tire' }, [sizes.open]);
  useHotkeys('w', () => setAllOpen(!allOpen), BY_SIGN, [allOpen]);
  const at = `${setup.id}${axle}`;
  return (
    <>
      <section className="setups-sheet" aria-label="Section">
        <header className="sheet-head">
          <h1>
            {shows === 'car' || shows === 'cost' ? 'Whole car' : `${axle === 'front' ? 'Front' : 'Rear'} right`}{' '}
            <span className="soft">{VIEWS[shows].caption}</span>
          </h1>
          <span className="legend" aria-hidden hidden={shows !== 'corner'}>
            <i className="legend-candidate" /> {setup.id.toUpperCase()} <i className="legend-present" /> now
          </span>
          <ViewSwitch shows={shows} show={show} />
          {shows === 'corner' && listButton}
          <AxleSwitch />
        </header>
        <div className="setups-middle">
          <CornerView
            setup={setup}
            report={report}
            axle={axle}
            asList={asList}
            setCrowded={setCrowded}
            isShown={shows === 'corner'}
          />
          {shows === 'hardware' && <HardwareView key={at} setup={setup} axle={axle} report={report} />}
          {shows === 'tire' && <TireView key={at} setup={setup} axle={axle} report={report} />}
          {shows === 'car' && <CarView setup={setup} report={report} />}
          {shows === 'cost' && <CostView setup={setup} report={report} />}
        </div>
      </section>
      <Ledger setup={setup} report={report} axle={axle} first={VIEWS[shows].first} allOpen={allOpen} />
    </>
  );
}

interface CornerViewProps extends SetupOnTable {
  axle: AxleName;
  asList: boolean;
  setCrowded(crowded: boolean): void;
  isShown: boolean;
}

/** The corner in section; its keys move offset and stack whatever is shown. */
function CornerView({ setup, report, axle, asList, setCrowded, isShown }: CornerViewProps) {
  const { job } = useDocument();
  const fields = useAxleFields(['setups', setup.id, axle], setup[axle] ?? {});
  const stack = useStackField(setup, axle);
  useNudgeKeys({ offset: fields.nudge, stack: stack.nudge });
  if (!isShown) return null;
  return (
    <CandidateSheet
      key={`${setup.id}${axle}`}
      job={job}
      axle={axle}
      setup={setup}
      report={report}
      fields={fields}
      stack={stack}
      list={<SetupList setup={setup} axle={axle} fields={fields} stack={stack} />}
      asList={asList}
      setCrowded={setCrowded}
    />
  );
}

function useNudgeKeys(nudge: Record<'offset' | 'stack', (mm: number) => void>): void {
  useHotkeys(
    '*',
    (event) => {
      const found = NUDGES[event.key];
      if (!found || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      nudge[found.part](found.mm);
    },
    WHERE_NOTHING_IS_TYPED,
    [nudge],
  );
}

const VIEW_OPTIONS = SHOWN.map((value) => ({ value, label: VIEWS[value].name, tooltip: VIEWS[value].tooltip }));

/** Drawn again only when another view is shown: a nudge leaves it alone. */
const ViewSwitch = memo(({ shows, show }: { shows: Shown; show(shows: Shown): void }) => (
  <Segments<Shown> aria-label="What the sheet shows" options={VIEW_OPTIONS} value={shows} onChange={show} />
));
ViewSwitch.displayName = 'ViewSwitch';
