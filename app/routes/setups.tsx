import { Button, Segmented } from 'antd';
import { PlusOutlined } from '@ant-design/icons';
import { memo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Setup } from '#core/job';
import type { SetupReport } from '#core/evaluate';
import { useJob } from '../job/JobContext';
import { HardwareView } from '../ui/hardware/HardwareView';
import { BY_SIGN, WHERE_NOTHING_IS_TYPED } from '../ui/frame/useJobKeys';
import { Ledger } from '../ui/ledger/Ledger';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { useListSwitch } from '../ui/parts/useListSwitch';
import { CarView } from '../ui/car/CarView';
import { TireView } from '../ui/tire/TireView';
import { CandidateSheet } from '../ui/stations/CandidateSheet';
import { SetupList } from '../ui/stations/SetupList';
import { useAxleFields } from '../ui/stations/useAxleFields';
import { useStackField } from '../ui/stations/useStackField';
import { Tray } from '../ui/tray/Tray';
import { useSetupActions } from '../ui/tray/useSetupActions';

/** Builds candidates: the section with the present car behind it, every figure beside it, the setups below. */
export default function SetupsPage() {
  const { setups, current } = useJob();
  const actions = useSetupActions();
  useHotkeys('n', actions.add, BY_SIGN, [actions]);
  useHotkeys('d', actions.double, BY_SIGN, [actions]);
  useHotkeys('j', () => actions.step(1), BY_SIGN, [actions]);
  useHotkeys('k', () => actions.step(-1), BY_SIGN, [actions]);
  const raised = setups.find(({ setup }) => setup.id === current?.id);
  return (
    <div className="setups-station">
      {raised ? (
        <Raised setup={raised.setup} report={raised.report} />
      ) : (
        <div className="empty-station">
          <h1>No setup yet</h1>
          <p>
            A setup is a wheel, a tire and what stands between them and the hub, front and rear. It starts from what is
            on the car now; change it from there.
          </p>
          <Button type="primary" icon={<PlusOutlined />} onClick={actions.add}>
            First setup
          </Button>
        </div>
      )}
      <Tray actions={actions} />
    </div>
  );
}

/** Offset and stack by a millimeter at a key, five with Shift. */
const NUDGES: Record<string, { part: 'offset' | 'stack'; mm: number }> = {
  '[': { part: 'offset', mm: -1 },
  ']': { part: 'offset', mm: 1 },
  '{': { part: 'offset', mm: -5 },
  '}': { part: 'offset', mm: 5 },
  '-': { part: 'stack', mm: -1 },
  '=': { part: 'stack', mm: 1 },
  _: { part: 'stack', mm: -5 },
  '+': { part: 'stack', mm: 5 },
};

type Shows = 'corner' | 'hardware' | 'tire' | 'car';

/** What the sheet may show of a setup, and what the ledger then begins with. */
const VIEWS = {
  corner: { name: 'Corner', caption: 'from behind, at rest', tooltip: 'the wheel in its room', first: 'room' },
  hardware: {
    name: 'Hardware',
    caption: 'section through hub and one fastener',
    tooltip: 'what stands between hub and wheel (H)',
    first: 'hub',
  },
  tire: { name: 'Tire', caption: 'on its rim', tooltip: 'section, load, makes and other sizes (T)', first: 'tire' },
  car: {
    name: 'Car',
    caption: 'speeds, spare, sensors',
    tooltip: 'speedometer, gearing, spare, sensors (C)',
    first: 'car',
  },
} as const;

const VIEW_KEYS: Readonly<Record<string, Shows>> = { h: 'hardware', t: 'tire', c: 'car' };

/** The key of a view shows it, and pressed again the corner. */
const swapped = (now: Shows, asked: Shows): Shows => (now === asked ? 'corner' : asked);

const VIEW_OPTIONS = (Object.keys(VIEWS) as Shows[]).map((value) => ({
  value,
  label: VIEWS[value].name,
  tooltip: VIEWS[value].tooltip,
}));

/** Drawn again only when another view is shown: a nudge leaves it alone. */
const ViewSwitch = memo(({ shows, show }: { shows: Shows; show(shows: Shows): void }) => (
  <Segmented<Shows> aria-label="What the sheet shows" options={VIEW_OPTIONS} value={shows} onChange={show} />
));
ViewSwitch.displayName = 'ViewSwitch';

function Raised({ setup, report }: { setup: Setup; report: SetupReport }) {
  const { axle, job } = useJob();
  const { asList, listButton } = useListSwitch();
  const [shows, setShows] = useState<Shows>('corner');
  const [allOpen, setAllOpen] = useState(false);
  const fields = useAxleFields(['setups', setup.id, axle], setup[axle] ?? {});
  const stack = useStackField(setup, axle);
  useHotkeys(
    '*',
    (event) => {
      const nudge = NUDGES[event.key];
      if (!nudge || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      if (nudge.part === 'offset') fields.nudge(nudge.mm);
      else stack.nudge(nudge.mm);
    },
    WHERE_NOTHING_IS_TYPED,
    [fields, stack],
  );
  useHotkeys('h,t,c', ({ key }) => setShows((now) => swapped(now, VIEW_KEYS[key.toLowerCase()]!)), BY_SIGN);
  useHotkeys('w', () => setAllOpen(!allOpen), BY_SIGN, [allOpen]);
  return (
    <>
      <section className="setups-sheet" aria-label="Section">
        <header className="sheet-head">
          <h1>
            {shows === 'car' ? 'Whole car' : `${axle === 'front' ? 'Front' : 'Rear'} right`}{' '}
            <span className="soft">{VIEWS[shows].caption}</span>
          </h1>
          <span className="legend" aria-hidden hidden={shows !== 'corner'}>
            <i className="legend-candidate" /> {setup.id.toUpperCase()} <i className="legend-present" /> on the car now
          </span>
          <ViewSwitch shows={shows} show={setShows} />
          {shows === 'corner' && listButton}
          <AxleSwitch />
        </header>
        <div className="setups-middle">
          {shows === 'hardware' && (
            <HardwareView key={`${setup.id}${axle}`} setup={setup} axle={axle} report={report} />
          )}
          {shows === 'tire' && <TireView key={`${setup.id}${axle}`} setup={setup} axle={axle} report={report} />}
          {shows === 'car' && <CarView setup={setup} report={report} />}
          {shows === 'corner' && asList && <SetupList setup={setup} axle={axle} fields={fields} stack={stack} />}
          {shows === 'corner' && (
            <CandidateSheet
              key={`${setup.id}${axle}`}
              job={job}
              axle={axle}
              setup={setup}
              report={report}
              fields={fields}
              stack={stack}
              asList={asList}
            />
          )}
        </div>
      </section>
      <Ledger setup={setup} report={report} axle={axle} first={VIEWS[shows].first} allOpen={allOpen} />
    </>
  );
}
