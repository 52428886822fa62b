import { useId, useState } from 'react';
import { cornersOf, JOINT_NAMES, JOINTS, placeOfCorner, type Fitting, type Joint, type Retorque } from '#core/fitting';
import { capital } from '#core/text';
import { Check } from '../controls/Check';
import { useDocument } from '../../job/DocumentContext';
import { Dialog } from '../controls/Dialog';
import { Segments } from '../controls/Segments';
import { OdometerField } from './OdometerField';
import { useHand } from './useHand';

/** A check of torque after the first distance: the odometer, and which fasteners moved. */
export function RetorqueDialog({ fitting, close }: { fitting: Fitting; close(): void }) {
  const { job } = useDocument();
  const hand = useHand();
  const id = useId();
  const axles = [...new Set(cornersOf(fitting).map((corner) => placeOfCorner(corner).axle))];
  const setups = job.setups.filter((setup) => Object.values(fitting.corners).some((one) => one.setup === setup.id));
  const hasAdapter = setups.some((setup) =>
    axles.some((axle) => setup[axle]?.stack?.some(({ kind }) => kind === 'bolt-on')),
  );
  const most = Math.max(4, ...axles.map((axle) => job.vehicle[axle]?.hub?.lugCount ?? 0));
  const [joint, setJoint] = useState<Joint>('wheel');
  const [odometerKm, setOdometer] = useState<number | null>(null);
  const [moved, setMoved] = useState<number[]>([]);
  const done = () => {
    const value: Retorque = {
      joint,
      doneAt: hand.now(fitting),
      ...(odometerKm === null ? {} : { odometerKm }),
      moved: [...moved].sort((a, b) => a - b),
    };
    hand.edit([{ op: 'add', path: ['fittings', fitting.id, 'retorque'], value }]);
    close();
  };
  return (
    <Dialog title="Torque checked" width={460} onCancel={close} okText="Keep it" onOk={done}>
      <div className="dialog-form">
        {hasAdapter && (
          <div className="field">
            <span className="label" id={`${id}-joint`}>
              Joint
            </span>
            <Segments<Joint>
              aria-labelledby={`${id}-joint`}
              options={JOINTS.map((value) => ({ value, label: capital(JOINT_NAMES[value]) }))}
              value={joint}
              onChange={setJoint}
            />
          </div>
        )}
        <OdometerField name={`fitting/${fitting.id}/retorque`} value={odometerKm} commit={setOdometer} />
        <div className="field">
          <span className="label" id={`${id}-moved`}>
            Fasteners that moved
          </span>
          <div role="group" aria-labelledby={`${id}-moved`} className="moved-fasteners">
            {Array.from({ length: most }, (_, at) => at + 1).map((one) => (
              <Check
                key={one}
                checked={moved.includes(one)}
                onChange={({ target }) =>
                  setMoved(
                    target.checked ? [...moved, one].toSorted((a, b) => a - b) : moved.filter((other) => other !== one),
                  )
                }
              >
                {one}
              </Check>
            ))}
          </div>
          <p className="soft">Any that moved asks for one more check after the same distance.</p>
        </div>
      </div>
    </Dialog>
  );
}
