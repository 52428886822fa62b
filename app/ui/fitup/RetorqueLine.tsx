import { isOverdue, JOINT_NAMES, retorqueDue, type Fitting } from '#core/fitting';
import { formatMeasure } from '#core/units';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useDialog } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { Moment } from '../parts/Moment';
import { useOnClient } from '../controls/useOnClient';
import { RetorqueDialog } from './RetorqueDialog';
import './fitup.css';

/** When the torque of a fitting is due again, and what its checks have found. */
export function RetorqueLine({ fitting }: { fitting: Fitting }) {
  const { units: unit } = useLengths();
  const dialog = useDialog('retorque');
  const { id, job } = useDocument();
  const due = retorqueDue(fitting, job.house?.fitUp);
  const isLate = useOnClient<boolean>(() => due !== null && isOverdue(due, new Date()), false);
  const { retorque = [] } = fitting;
  if (!due && retorque.length === 0) return null;
  const distance = (value: number) => formatMeasure({ quantity: 'distance', value, unit });
  return (
    <div className="retorque">
      {retorque.map((one, at) => (
        <p key={at}>
          Torque checked, {JOINT_NAMES[one.joint]}: <Moment at={one.doneAt} format="D MMM YYYY" />
          {one.odometerKm != null && `, ${distance(one.odometerKm)}`};{' '}
          {one.moved?.length ? `moved: ${one.moved.join(', ')}` : 'nothing moved'}.
        </p>
      ))}
      {due && (
        <p className={isLate ? 'is-caution' : undefined}>
          <b>{isLate ? 'Retorque overdue' : 'Retorque due'}</b> by <Moment at={due.byDate} format="D MMM YYYY" />
          {due.byKm === null ? '; the odometer was not read' : ` or at ${distance(due.byKm)}, what comes first`}.
        </p>
      )}
      <Button onClick={dialog.open}>Torque checked …</Button>
      {due && <Button href={`/jobs/${id}/reminders.ics`}>Calendar file</Button>}
      {dialog.isOpen && <RetorqueDialog fitting={fitting} close={dialog.close} />}
    </div>
  );
}
