import { useMemo, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { setupAt, shownOffsetMm, tireFor, windowAround, type FitWindow, type TireRule } from '#core/advice/window';
import { setupTitle, type Edit, type Setup } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { offsetFigure, rimFigure } from '#core/units';
import { Check } from '../controls/Check';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useSelection } from '../../job/SelectionContext';
import { useShelf } from '../../job/ShelfContext';
import { useAsked } from '../../job/useAsked';
import { useSight } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { BY_SIGN } from '../frame/useJobKeys';
import { AskedStatus } from '../parts/AskedStatus';
import { AxleSwitch } from '../parts/AxleSwitch';
import { Swept } from '../parts/Swept';
import { WordSwitch } from '../parts/WordSwitch';
import { rowAt, stockPoints } from './places';
import { useSightPlace } from './useSightPlace';
import { AtPlace, RowTable, ShutNote, StockList } from './WindowPanel';
import type { Place } from './chartScale';
import { WindowChart } from './WindowChart';
import '../sweep/sweep.css';
import './window.css';

const TIRE_RULES = ['fixed', 'same-diameter', 'best-standard'] as const satisfies readonly TireRule[];
const RULES: readonly (readonly [TireRule, string])[] = [
  ['fixed', 'this tire'],
  ['same-diameter', 'same diameter'],
  ['best-standard', 'best standard size'],
];

/** What could work on an axle: width against offset with the raised setup's rim diameter, stack and suspension. */
export function WindowView({ setup, views }: { setup: Setup; views: ReactNode }) {
  const { job, edit } = useDocument();
  const { axle, raise } = useSelection();
  const shelf = useShelf();
  const lengths = useLengths();
  const [rule, setRule] = useSight<TireRule>('tire', TIRE_RULES);
  const [work, setWork] = useSight('work', ['allowed', 'none']);
  const eased = work === 'allowed';
  const [pointed, setPointed] = useState<Place | null>(null);
  const [pinned, setPinned] = useSightPlace();
  const cursor = pointed ?? pinned;
  const ask = useMemo(() => windowAround({ job, setup, axle, rule }), [job, setup, axle, rule]);
  const asked = useAsked<FitWindow>({
    ask: (work, call, progress) =>
      ask ? work.window(call, { job: { ...job, setups: [] }, setup, axle, ask }, progress) : Promise.resolve(null),
    of: `${setup.id} ${axle}`,
    about: [job.vehicle, job.brief, job.house, setup, ask, axle],
    byItself: ask !== null,
  });
  const window = asked.value;
  const isStale = window !== null && !asked.isCurrent;
  const stackMm = stackThicknessMm(setup[axle]?.stack ?? []) ?? 0;
  const stock = useMemo(
    () => (window ? stockPoints({ job, setup, axle, rule, window, shelf }) : []),
    [job, setup, axle, rule, window, shelf],
  );
  const points = job.setups.flatMap((one) => {
    const offsetMm = shownOffsetMm({ job, setup: one, axle, windowStackMm: stackMm });
    const { rimWidthIn, rimDiameterIn } = one[axle]?.wheel ?? {};
    if (offsetMm === null || rimWidthIn == null || rimDiameterIn !== window?.rimDiameterIn) return [];
    return [
      { id: one.id, offsetMm, rimWidthIn, raised: one.id === setup.id, title: setupTitle(one, job.vehicle.flangeMm) },
    ];
  });
  const put = usePutSetup();
  const make = (made: Setup, label: string) => put({ setup: made, label, after: setup.id });
  const makeAt = ({ offsetMm, rimWidthIn }: Place) => {
    const ruled = tireFor({ job, setup, axle, rule, rimWidthIn });
    const tire = rule === 'fixed' ? (setup[axle]?.tire ?? {}) : (ruled?.tire ?? {});
    make(
      setupAt({ setup, axle, at: { offsetMm, rimWidthIn }, tire }),
      `${rimFigure(setup[axle]!.wheel!.rimDiameterIn!)} x ${rimFigure(rimWidthIn)} ${offsetFigure(offsetMm)}`,
    );
  };
  const move = (id: string, { offsetMm, rimWidthIn }: Place) => {
    const one = job.setups.find((other) => other.id === id);
    const wheel = one?.[axle]?.wheel;
    if (!one || !wheel) return;
    const own = offsetMm + (stackThicknessMm(one[axle]?.stack ?? []) ?? 0) - stackMm;
    const at = (key: string) => ['setups', id, axle, 'wheel', key];
    const edits: Edit[] = [
      { op: 'set', path: at('offsetMm'), value: own },
      ...(wheel.backspacingMm == null ? [] : [{ op: 'clear' as const, path: at('backspacingMm') }]),
      ...(wheel.rimWidthIn === rimWidthIn ? [] : [{ op: 'set' as const, path: at('rimWidthIn'), value: rimWidthIn }]),
    ];
    if (wheel.offsetMm !== own || edits.length > 1) edit(...edits);
  };
  useHotkeys('n', () => cursor && makeAt(cursor), BY_SIGN, [cursor, job, setup, rule]);
  const mayBeEased = window?.rows.some((row) => row.eased !== null) ?? false;
  return (
    <div className="window-station">
      <header className="sheet-head">
        <h1>
          Window{' '}
          <span className="soft">
            around {setup.id.toUpperCase()} {setupTitle(setup, job.vehicle.flangeMm)}
          </span>
        </h1>
        {ask && asked.name !== 'done' && <AskedStatus asked={asked} doing="Computing the window" again="Look again" />}
        {views}
        <WordSwitch<TireRule>
          label="Tire"
          tip="Tire on other rim widths"
          options={RULES}
          value={rule}
          choose={setRule}
        />
        <AxleSwitch />
      </header>
      {!ask && (
        <p className="window-empty">
          Rim diameter, width and offset of {setup.id.toUpperCase()} on the {axle} axle are needed first.
        </p>
      )}
      {ask && window && (
        <Swept isStale={isStale}>
          <WindowChart
            window={window}
            eased={eased}
            setups={points}
            stock={stock}
            cursor={cursor}
            point={setPointed}
            pin={setPinned}
            move={move}
            raise={raise}
            make={makeAt}
          />
        </Swept>
      )}
      {ask && !window && (
        <p className="window-empty soft">Checking every width and offset against every part in every wheel position.</p>
      )}
      <aside className="panel" aria-label="Window">
        {window && (
          <Swept isStale={isStale}>
            {window.shut && <ShutNote shut={window.shut} />}
            {window.missing.length > 0 && (
              <p className="window-missing">
                <b>Not known:</b> {window.missing.join('; ')}. Nothing can be shown to clear it until it is measured;
                the Room says how.
              </p>
            )}
            <AtPlace place={cursor} row={cursor ? rowAt(window, cursor.rimWidthIn) : undefined} make={makeAt} />
            <Check
              checked={eased && mayBeEased}
              disabled={!mayBeEased}
              onChange={({ target }) => setWork(target.checked ? 'allowed' : 'none')}
            >
              with the modifications the brief allows
            </Check>
            {!mayBeEased && (
              <p className="soft">
                Brief and shop defaults allow no modification and no lift: there is no wider window to show.
              </p>
            )}
            <RowTable window={window} eased={eased && mayBeEased} point={setPinned} />
            <StockList stock={stock} make={(wheel) => make(wheel.setup, wheel.name)} />
          </Swept>
        )}
        <p className="assumed-note">
          {stackMm > 0
            ? `With a stack of ${lengths.text(stackMm)} behind every wheel; setups with another stack are` +
              ' placed by their own. '
            : ''}
          Edges are only as exact as the readings and tires behind them. Figures are geometry; the test fit on the car
          decides.
        </p>
      </aside>
    </div>
  );
}
