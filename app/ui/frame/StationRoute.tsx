import { Link, NavLink } from 'react-router';
import { useJob } from '../../job/JobContext';
import { STATIONS } from './stations';

/** The stations in working order, each with what is still missing; any may be entered at any time. */
export function StationRoute() {
  const { job, state } = useJob();
  return (
    <nav className="route" aria-label="Stations">
      <ol>
        {STATIONS.map((station) => {
          const { text, full } = station.state(job);
          return (
            <li key={station.path}>
              <NavLink to={`/jobs/${state.server.id}/${station.path}`} title={`${station.name} (${station.key})`}>
                <span className={`route-dot ${full ? 'route-dot-full' : ''}`} aria-hidden />
                <span className="route-name">{station.name}</span>
                <span className="route-state">{text}</span>
              </NavLink>
            </li>
          );
        })}
      </ol>
      <Link to="/stores" className="route-stores">
        Stores
      </Link>
      <Link to="/house" className="route-house">
        House
      </Link>
    </nav>
  );
}
