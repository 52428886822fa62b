import { useEffect, useRef, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { useSweepState } from '../../job/SweepsContext';
import { InstrumentsProvider } from '../../instruments/InstrumentsContext';
import { FieldProvider } from '../instruments/FieldProvider';
import { OpenInstruments } from '../instruments/InstrumentButton';
import { NotePadProvider } from '../notes/NotePad';
import { later } from '../parts/later';
import { ConflictDialog } from './ConflictDialog';
import { Guide } from './Guide';
import { StationRoute } from './StationRoute';
import { placeName } from './stations';
import { TopStrip } from './TopStrip';
import { useFetchedAhead } from './useFetchedAhead';
import { useJobKeys } from './useJobKeys';
import { useKeptKeys } from './useKeptKeys';
import { usePaper } from './usePaper';

const KeyHelp = later(() => import('./KeyHelp').then((module) => module.KeyHelp));

/** What stands around every station of a job: the strip with the job's state above, the route on the left. */
export function JobFrame({ children }: { children: ReactNode }) {
  const { isOnTheWay, leave } = useKeptKeys();
  const help = useJobKeys(leave);
  const { waiting } = useSweepState();
  const { pathname, search } = useLocation();
  const station = useRef<HTMLElement>(null);
  const name = placeName(pathname);
  usePaper();
  useFetchedAhead();
  const stood = useRef(pathname);
  useEffect(() => {
    // A page that was just opened begins where pages begin.
    if (stood.current === pathname) return;
    stood.current = pathname;
    // What had the focus went with its station: the next one has it, and is said.
    const { activeElement } = document;
    if (activeElement === null || activeElement === document.body) station.current?.focus({ preventScroll: true });
    station.current?.scrollTo({ top: 0 });
  }, [pathname]);
  return (
    <InstrumentsProvider>
      <FieldProvider>
        <NotePadProvider>
          <div className="frame" data-at={pathname + search} data-swept={waiting === 0} data-going={isOnTheWay}>
            <a className="skip-link" href="#station">
              To the station
            </a>
            <TopStrip openHelp={help.open} />
            <Guide />
            <StationRoute />
            <main className="station" id="station" aria-label={name} tabIndex={-1} ref={station}>
              {children}
            </main>
            <OpenInstruments />
            <ConflictDialog />
            {help.isOpen && <KeyHelp close={help.close} />}
          </div>
        </NotePadProvider>
      </FieldProvider>
    </InstrumentsProvider>
  );
}
