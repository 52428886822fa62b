import { hasPokeTarget, missingReadings } from '#core/standing';
import type { AxleName, Job } from '#core/job';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { ToStation } from '../parts/ToStation';

type Asking = 'hub' | 'room' | 'brakes' | 'brief';

/** What comes after a station once nothing is left to do there. */
const AFTER = { hub: 'room', room: 'brief', brakes: 'brief', brief: 'setups' } as const;
const DONE = { hub: 'All measured', room: 'All measured', brakes: 'Outlined', brief: 'Target set' } as const;
const NAMES = { room: 'the room', brief: 'the brief', setups: 'the setups' } as const;

/** What is to do at a station for an axle, in the order of the work. */
function leftAt(job: Job, station: Asking, axle: AxleName): string[] {
  switch (station) {
    case 'hub':
    case 'room':
      return missingReadings(job, station, axle);
    case 'brakes':
      return job.vehicle[axle]?.caliper?.outline ? [] : [`outline of the ${axle} brake`];
    case 'brief':
      return hasPokeTarget(job) ? [] : ['poke target'];
  }
}

/** Says the one next thing of a station, or leads on where nothing is left. */
export function NextStep({ station }: { station: Asking }) {
  const { job } = useDocument();
  const { axle, setAxle } = useSelection();
  const other = axle === 'front' ? 'rear' : 'front';
  const left = leftAt(job, station, axle);
  const isElsewhere = station !== 'brief' && leftAt(job, station, other).length > 0;
  const isReading = station === 'hub' || station === 'room';
  return (
    <span className="next-step" role="status">
      {left.length > 0 ? (
        <>
          {isReading && `${left.length} ${left.length === 1 ? 'reading' : 'readings'} to go, `}next: <b>{left[0]}</b>
        </>
      ) : isElsewhere ? (
        <Button size="small" onClick={() => setAxle(other)}>
          Next: {other} axle
        </Button>
      ) : (
        <ToStation station={AFTER[station]}>
          {DONE[station]}: go to {NAMES[AFTER[station]]}
        </ToStation>
      )}
    </span>
  );
}
