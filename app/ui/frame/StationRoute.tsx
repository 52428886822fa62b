import { memo, useCallback, useId, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { LeftOutlined, RightOutlined, UpOutlined } from '../controls/icons';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useShut } from '../parts/useShut';
import { STATIONS, type Station } from './stations';

/**
 * The stations in working order, each with what is still missing; any may be entered at any time. On a phone a bar at
 * the foot names the one in hand and opens the others.
 */
export function StationRoute() {
  const { job } = useDocument();
  const { addressOf } = useSelection();
  const { pathname } = useLocation();
  // Where it was opened: another station finds it shut.
  const [openAt, setOpenAt] = useState<string | null>(null);
  const open = openAt === pathname;
  const shut = useCallback(() => setOpenAt(null), []);
  const ref = useShut<HTMLElement>(open, shut);
  const id = useId();
  const at = STATIONS.findIndex(({ path }) => pathname.endsWith(`/${path}`));
  const here = STATIONS[at];
  const state = here?.state(job);
  return (
    <nav className="route" aria-label="Stations" ref={ref} data-open={open}>
      <div className="route-list" id={id}>
        <ol>
          {STATIONS.map((station) => {
            const { path, name, key, state: stateOf } = station;
            const isHere = station === here;
            return (
              <StationLink key={path} to={addressOf(path)} name={name} digit={key} isHere={isHere} {...stateOf(job)} />
            );
          })}
        </ol>
        <ShopLinks />
      </div>
      {here && (
        <div className="route-bar">
          <Beside station={STATIONS[at - 1]} word="Back to" addressOf={addressOf} />
          <button
            type="button"
            aria-expanded={open}
            aria-controls={id}
            onClick={() => setOpenAt(open ? null : pathname)}
          >
            <span className={`route-dot ${state?.full ? 'route-dot-full' : ''}`} aria-hidden />
            <span className="route-name">{here.name}</span> <span className="route-state">{state?.text}</span>
            <UpOutlined aria-hidden />
          </button>
          <Beside station={STATIONS[at + 1]} word="On to" addressOf={addressOf} />
        </div>
      )}
    </nav>
  );
}

interface BesideProps {
  station: Station | undefined;
  word: 'Back to' | 'On to';
  addressOf(path: string): string;
}

// A link works out its address each time it is drawn: a nudge leaves them alone.

/** The station before or after the one in hand. */
const Beside = memo(({ station, word, addressOf }: BesideProps) =>
  station ? (
    <Link to={addressOf(station.path)} className="route-beside" aria-label={`${word} ${station.name}`}>
      {word === 'Back to' ? <LeftOutlined /> : <RightOutlined />}
    </Link>
  ) : (
    <span />
  ),
);
Beside.displayName = 'Beside';

interface StationLinkProps {
  to: string;
  name: string;
  /** The key that leads there. */
  digit: string;
  isHere: boolean;
  text: string;
  full: boolean;
}

const StationLink = memo(({ to, name, digit, isHere, text, full }: StationLinkProps) => (
  <li>
    <Link
      to={to}
      prefetch="intent"
      title={`${name} (${digit})`}
      aria-keyshortcuts={digit}
      aria-current={isHere ? 'page' : undefined}
    >
      <span className={`route-dot ${full ? 'route-dot-full' : ''}`} aria-hidden />
      <span className="route-name">{name}</span>
      <span className="route-state">{text}</span>
    </Link>
  </li>
));
StationLink.displayName = 'StationLink';

const ShopLinks = memo(() => (
  <>
    <Link to="/shelf" className="route-shelf">
      Shelf
    </Link>
    <Link to="/defaults" className="route-defaults">
      Shop defaults
    </Link>
  </>
));
ShopLinks.displayName = 'ShopLinks';
