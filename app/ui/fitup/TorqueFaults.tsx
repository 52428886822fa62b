import { faultyPulls, type TorqueRow } from '#core/fitting';
import type { CornerTightening } from '#core/sheet';
import { useLengths } from '../../preferences/PreferencesContext';
import { pullFaultText } from './pullWords';
import './fitup.css';

/** Every pull of a joint that something was wrong with. */
export function TorqueFaults({ tightening, rows }: { tightening: CornerTightening; rows: readonly TorqueRow[] }) {
  const { units } = useLengths();
  const faulty = faultyPulls(tightening, rows);
  if (faulty.length === 0) return null;
  return (
    <details className="torque-faults">
      <summary>
        {faulty.length} {faulty.length === 1 ? 'pull' : 'pulls'} to look at
      </summary>
      <ul>
        {faulty.map(({ row, faults }, at) => (
          <li key={at}>
            <span className="soft">stage {row.stage}</span>{' '}
            {faults.map((fault) => pullFaultText(fault, row, units)).join(' ')}
          </li>
        ))}
      </ul>
    </details>
  );
}
