import type { ReactNode } from 'react';
import { useSweepState } from '../../job/SweepsContext';
import { ConflictDialog } from './ConflictDialog';
import { Guide } from './Guide';
import { KeyHelp } from './KeyHelp';
import { StationRoute } from './StationRoute';
import { TopStrip } from './TopStrip';
import { useJobKeys } from './useJobKeys';

/** What stands around every station of a job: the strip with the job's state above, the route on the left. */
export function JobFrame({ children }: { children: ReactNode }) {
  const help = useJobKeys();
  const { waiting } = useSweepState();
  return (
    <div className="frame" data-swept={waiting === 0}>
      <a className="skip-link" href="#station">
        To the station
      </a>
      <TopStrip openHelp={help.open} />
      <Guide />
      <StationRoute />
      <main className="station" id="station" tabIndex={-1}>
        {children}
      </main>
      <ConflictDialog />
      <KeyHelp open={help.isOpen} close={help.close} />
    </div>
  );
}
