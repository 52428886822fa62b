import type { Standing } from '#core/standing';
import type { JobListItem } from '#server/bench';
import { countedVerdict } from '../words';
import './bench.css';

const NOT_JUDGED = {
  judging: 'checking …',
  'too long': 'not checked: it takes too long. Use fewer points or setups.',
  damaged: 'record damaged: restore a backup',
} as const;

const BEST_FIRST = ['ok', 'caution', 'fail', 'unknown'] as const;

/** What a job waits for, or why that is not known. */
export function WaitsFor({ standing }: { standing: JobListItem['standing'] }) {
  return typeof standing === 'string' ? (
    <span className="soft">{NOT_JUDGED[standing]}</span>
  ) : (
    <Judged standing={standing} />
  );
}

function Judged({ standing: { waitsFor, missing, verdicts } }: { standing: Standing }) {
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
