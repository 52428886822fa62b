import { dueAfter, isOverdue, type FitUpTerms, type RetorqueDue as Due } from '#core/fitting';
import type { Standing } from '#core/standing';
import { formatMeasure } from '#core/units';
import type { JobListItem } from '#server/bench';
import { useLengths } from '../../preferences/PreferencesContext';
import { Moment } from '../parts/Moment';
import { useOnClient } from '../controls/useOnClient';
import { countedVerdict } from '../words';
import './bench.css';

const NOT_JUDGED = {
  judging: 'checking …',
  'too long': 'not checked: it takes too long. Use fewer points or setups.',
  damaged: 'record damaged: restore a backup',
} as const;

const BEST_FIRST = ['ok', 'caution', 'fail', 'unknown'] as const;

/** What a job waits for, or why that is not known. */
export function WaitsFor({ standing, terms }: { standing: JobListItem['standing']; terms: FitUpTerms }) {
  return typeof standing === 'string' ? (
    <span className="soft">{NOT_JUDGED[standing]}</span>
  ) : (
    <Judged standing={standing} terms={terms} />
  );
}

/** By when torque is to be checked; overdue by the reader's clock. */
function RetorqueDue({ due }: { due: Due }) {
  const { units: unit } = useLengths();
  const isLate = useOnClient<boolean>(() => isOverdue(due, new Date()), false);
  return (
    <span>
      <b className={isLate ? 'waits is-caution' : 'waits'}>{isLate ? 'retorque, overdue' : 'retorque'}</b>{' '}
      <span className="soft">
        by <Moment at={due.byDate} format="D MMM" />
        {due.byKm !== null && ` or ${formatMeasure({ quantity: 'distance', value: due.byKm, unit })}`}
      </span>
    </span>
  );
}

interface JudgedProps {
  standing: Standing;
  terms: FitUpTerms;
}

function Judged({ standing: { waitsFor, missing, verdicts, retorque }, terms }: JudgedProps) {
  if (waitsFor === 'readings') {
    const [first] = missing;
    return (
      <span>
        <b className="waits">{missing.length === 1 ? '1 reading' : `${missing.length} readings`}</b>
        <span className="soft">
          {' '}
          next: {first?.name}, {first?.axle}
        </span>
      </span>
    );
  }
  if (waitsFor === 'setups') return <b className="waits">a first setup</b>;
  if (waitsFor === 'parts') return <b className="waits">its parts, then fit-up</b>;
  if (waitsFor === 'fitting') return <b className="waits">the end of its fit-up</b>;
  if (waitsFor === 'nothing') return <span className="soft">nothing: fitted and torqued</span>;
  if (waitsFor === 'retorque' && retorque) return <RetorqueDue due={dueAfter(retorque, terms)} />;
  const some = BEST_FIRST.filter((verdict) => verdicts[verdict] > 0);
  return (
    <span>
      <b className="waits">a decision</b>{' '}
      {some.map((verdict, index) => (
        <span key={verdict}>
          {index > 0 && <span className="soft">, </span>}
          <span className={`is-${verdict}`}>{countedVerdict(verdict, verdicts[verdict])}</span>
        </span>
      ))}
    </span>
  );
}
