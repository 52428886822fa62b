import { memo } from 'react';
import { Link, NavLink } from 'react-router';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { STATIONS } from './stations';

/** The stations in working order, each with what is still missing; any may be entered at any time. */
export function StationRoute() {
  const { job } = useDocument();
  const { addressOf } = useSelection();
  return (
    <nav className="route" aria-label="Stations">
      <ol>
        {STATIONS.map(({ path, name, key, state: stateOf }) => (
          <StationLink key={path} to={addressOf(path)} name={name} digit={key} {...stateOf(job)} />
        ))}
      </ol>
      <ShopLinks />
    </nav>
  );
}

interface StationLinkProps {
  to: string;
  name: string;
  /** The key that leads there. */
  digit: string;
  text: string;
  full: boolean;
}

// A link works out its address each time it is drawn: a nudge leaves them alone.
const StationLink = memo(({ to, name, digit, text, full }: StationLinkProps) => (
  <li>
    <NavLink to={to} title={`${name} (${digit})`}>
      <span className={`route-dot ${full ? 'route-dot-full' : ''}`} aria-hidden />
      <span className="route-name">{name}</span>
      <span className="route-state">{text}</span>
    </NavLink>
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
