import { useMemo, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import type { FindAsk, FindRow } from '#core/find';
import { presentSetup, priceInForce, type Job, type Setup } from '#core/job';
import { itemName } from '#core/shelf';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useSight } from '../../job/useSight';
import { BY_SIGN } from '../frame/useJobKeys';
import { AskedStatus } from '../parts/AskedStatus';
import { AxleSwitch } from '../parts/AxleSwitch';
import { Swept } from '../parts/Swept';
import { WordSwitch } from '../parts/WordSwitch';
import { Counts, Weights } from './FindPanel';
import { FindSection } from './FindSection';
import { FindTable } from './FindTable';
import { useFind } from './useFind';
import { useOffer } from './useOffer';
import './find.css';

/** How many finds are shown. */
const ROWS = 50;

type Corners = 'all' | 'axle';
const CORNERS: readonly (readonly [Corners, string])[] = [
  ['all', 'all four corners'],
  ['axle', 'this axle'],
];

/** Of everything on the shelf what fits this car best, ranked, each find in its room. */
export function FindView({ setup, views }: { setup: Setup | null; views: ReactNode }) {
  const { job } = useDocument();
  const { axle } = useSelection();
  const [corners, setCorners] = useSight<Corners>('corners', ['all', 'axle']);
  const { format, version, vehicle, brief, house } = job;
  // What was fitted and noted has no part in it, and need not go to the workers.
  const asked = useMemo<Job>(
    () => ({ format, version, vehicle, setups: [], ...(brief && { brief }), ...(house && { house }) }),
    [format, version, vehicle, brief, house],
  );
  const base = useMemo(() => setup ?? presentSetup(asked), [setup, asked]);
  const { offer, lists, failed } = useOffer(priceInForce('currency', asked) ?? null);
  const ask = useMemo<FindAsk | null>(
    () => offer && { job: asked, setup: base, axle: corners === 'all' ? 'both' : axle, shelf: offer, top: ROWS },
    [offer, asked, base, corners, axle],
  );
  const found = useFind(ask);
  const [chosen, setChosen] = useState<FindRow | null>(null);
  const shown = found.rows.find((row) => sameParts(row, chosen)) ?? found.rows[0] ?? null;
  const put = usePutSetup();
  const make = (row: FindRow) =>
    put({
      setup: row.setup,
      label: `${itemName(row.wheel)}, ${itemName(row.tire)}`,
      ...(setup ? { after: setup.id } : {}),
    });
  useHotkeys('n', () => shown && make(shown), BY_SIGN, [shown, put, setup]);
  const lacks = offer && !(['wheel', 'tire'] as const).every((kind) => offer.some((item) => item.kind === kind));
  return (
    <div className="find-station">
      <header className="sheet-head">
        <h1>
          Find <span className="soft">{setup ? `around ${setup.id.toUpperCase()}` : 'for the car as it stands'}</span>
        </h1>
        {found.name === 'died' && <span role="alert">The search broke off.</span>}
        <AskedStatus asked={found} doing="Searching" again="Search again" />
        {views}
        <WordSwitch<Corners>
          label="Corners"
          tip="One wheel all round, or the wheels of this axle"
          options={CORNERS}
          value={corners}
          choose={setCorners}
        />
        <AxleSwitch />
      </header>
      <div className="find-rows" tabIndex={0} role="region" aria-label="Finds">
        {lacks ? (
          <p className="find-empty">
            Wheels and tires are looked for on the <Link to="/shelf">shelf</Link> and in suppliers&apos;{' '}
            <Link to="/price-lists">price lists</Link>; there are none of one kind yet.
          </p>
        ) : found.name === 'done' && found.rows.length === 0 ? (
          <p className="find-empty" role="status">
            Nothing that there is fits. What holds most of it back stands beside.
          </p>
        ) : (
          <Swept isStale={!found.isCurrent && found.rows.length > 0}>
            <FindTable rows={found.rows} shown={shown} show={setChosen} />
          </Swept>
        )}
      </div>
      {shown && <FindSection row={shown} axle={corners === 'all' ? axle : shown.axle} make={() => make(shown)} />}
      <aside className="panel" aria-label="Find">
        <Weights />
        {found.finds && (
          <Swept isStale={!found.isCurrent}>
            <Counts finds={found.finds} />
          </Swept>
        )}
        <p className="soft" role={failed ? 'alert' : undefined}>
          {failed ? 'The price lists did not come: this is the shelf alone.' : amongText(lists)}
        </p>
        <Button size="small" href="/price-lists">
          Price lists
        </Button>
        <p className="assumed-note">
          ◆ no other find is as good in cost, poke and room at once. Every row is judged as a setup of it would be.
          Figures are geometry; the test fit on the car decides.
        </p>
      </aside>
    </div>
  );
}

const amongText = (lists: number): string =>
  lists === 0
    ? 'Looked for on the shelf.'
    : `Looked for on the shelf and in ${lists} price ${lists === 1 ? 'list' : 'lists'}.`;

const sameParts = (one: FindRow, other: FindRow | null): boolean =>
  other !== null && one.order.join() === other.order.join() && itemName(one.wheel) === itemName(other.wheel);
