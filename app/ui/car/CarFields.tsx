import type { Tire } from '#core/tire';
import type { SetupReport } from '#core/evaluate';
import type { Setup, Spare, Wheel } from '#core/job';
import { Check } from '../controls/Check';
import { useDocument } from '../../job/DocumentContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField, OffsetField } from '../fields/LengthField';
import { MeasureField } from '../fields/MeasureField';
import { NumberField, RimField } from '../fields/NumberField';
import { ThreadField, TireSizeField } from '../fields/TextField';
import { useEditAt } from '../parts/useEditAt';
import { useFieldOver } from '../parts/useFieldOver';
import { SuspensionChangeFields } from './SuspensionChangeFields';
import {
  LIES,
  RELEARNS,
  SENSOR_BODIES,
  SENSOR_SEATS,
  SENSORS_FROM,
  SPARES,
  SPEED_FROM,
  YES_NO,
} from '../fields/choices';
import { SpeedsField } from './SpeedsField';
import './car.css';

/** What belongs to the whole car and to a setup as a whole: speedometer and gearing, spare, sensors. */
export function CarFields({ setup, report }: { setup: Setup; report: SetupReport }) {
  const { job } = useDocument();
  const editAt = useEditAt();
  const { vehicle } = job;
  const over = useFieldOver();
  const ofCar = <T,>(path: string[], value: T | null | undefined) => over(['vehicle', ...path], value);
  const ofSetup = <T,>(path: string[], value: T | null | undefined) => over(['setups', setup.id, ...path], value);
  return (
    <>
      <SuspensionChangeFields setup={setup} report={report} />
      <section className="field-group" aria-label="Speedometer and gearing">
        <h2 className="label">Speedometer and gearing of the car</h2>
        <div className="field-wrap">
          <MeasureField
            {...ofCar(['speedometer', 'indicatedKmh'], vehicle.speedometer?.indicatedKmh)}
            label="Speedometer shows"
            quantity="speed"
            range="speedKmh"
            width={5}
          />
          <MeasureField
            {...ofCar(['speedometer', 'trueKmh'], vehicle.speedometer?.trueKmh)}
            label="True speed"
            quantity="speed"
            range="speedKmh"
            width={5}
          />
          <MeasureField
            {...ofCar(['topSpeedKmh'], vehicle.topSpeedKmh)}
            label="Top speed"
            quantity="speed"
            range="speedKmh"
            width={5}
          />
          <ChoiceField
            label="Speed is taken from"
            choices={SPEED_FROM}
            width={224}
            placeholder="the driven wheels (assumed)"
            {...ofCar(['speedFrom'], vehicle.speedFrom)}
          />
          <ChoiceField
            label="Stability control"
            choices={YES_NO}
            width={136}
            placeholder="yes (assumed)"
            value={vehicle.stabilityControl === undefined ? null : vehicle.stabilityControl ? 'yes' : 'no'}
            commit={(has) => editAt(['vehicle', 'stabilityControl'], has === null ? null : has === 'yes')}
          />
          <NumberField
            {...ofCar(['gearing', 'axleRatio'], vehicle.gearing?.axleRatio)}
            label="Axle ratio"
            range="axleRatio"
            width={5}
          />
          <NumberField
            {...ofCar(['gearing', 'gearRatio'], vehicle.gearing?.gearRatio)}
            label="Gear ratio"
            range="gearRatio"
            width={5}
            placeholder="1"
            assumed={report.speedometer.gearAssumed ? 'direct' : undefined}
          />
          <SpeedsField />
        </div>
        <p className="soft">Both on the present tires, against a GPS receiver on a straight road.</p>
        <Check
          checked={setup.speedometerSet ?? false}
          onChange={({ target }) => editAt(['setups', setup.id, 'speedometerSet'], target.checked ? true : null)}
        >
          Speedometer recalibrated for this setup
        </Check>
      </section>
      <SpareFields setup={setup} ofCar={ofCar} ofSetup={ofSetup} />
      <section className="field-group" aria-label="Tire-pressure sensors">
        <h2 className="label">Tire-pressure sensors</h2>
        <div className="field-wrap">
          <NumberField
            {...ofCar(['tpms', 'frequencyMHz'], vehicle.tpms?.frequencyMHz)}
            label="Sensor frequency"
            range="frequencyMHz"
            unit="MHz"
            width={6}
          />
          <ChoiceField
            label="Its sensors"
            choices={SENSOR_BODIES}
            width={176}
            {...ofCar(['tpms', 'body'], vehicle.tpms?.body)}
          />
          <ChoiceField label="It learns" choices={RELEARNS} {...ofCar(['tpms', 'relearn'], vehicle.tpms?.relearn)} />
          <ChoiceField
            label="For this setup"
            choices={SENSORS_FROM}
            width={176}
            {...ofSetup(['sensors', 'from'], setup.sensors?.from)}
          />
          {setup.sensors?.from === 'order' && (
            <>
              <NumberField
                {...ofSetup(['sensors', 'frequencyMHz'], setup.sensors.frequencyMHz)}
                label="Ordered frequency"
                range="frequencyMHz"
                unit="MHz"
                width={6}
              />
              <ChoiceField
                label="Ordered body"
                choices={SENSOR_BODIES}
                width={176}
                {...ofSetup(['sensors', 'body'], setup.sensors.body)}
              />
            </>
          )}
          <SeatFields setup={setup} ofSetup={ofSetup} />
        </div>
        {report.tpms && report.tpms.steps.length > 0 && (
          <ol className="car-steps">
            {report.tpms.steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        )}
      </section>
      <p className="caution-note">
        Figures are geometry and arithmetic; what is lawful on the road differs: check your local code. Try the spare in
        its well before the car leaves.
      </p>
    </>
  );
}

type Over = <T>(
  path: string[],
  value: T | null | undefined,
) => {
  name: string;
  value: NonNullable<T> | null;
  commit(next: NonNullable<T> | null): void;
};

/** Where each axle's wheels take a sensor. */
function SeatFields({ setup, ofSetup }: { setup: Setup; ofSetup: Over }) {
  return (['front', 'rear'] as const).map((axle) => {
    const wheel: Wheel = setup[axle]?.wheel ?? {};
    return (
      <div key={axle} className="field-thickness">
        <ChoiceField
          label={`${axle === 'front' ? 'Front' : 'Rear'} wheel takes`}
          choices={SENSOR_SEATS}
          width={176}
          {...ofSetup([axle, 'wheel', 'sensorBody'], wheel.sensorBody)}
        />
        <LengthField
          {...ofSetup([axle, 'wheel', 'valveHoleMm'], wheel.valveHoleMm)}
          label={`Valve hole ⌀, ${axle}`}
          range="valveHoleMm"
          width={5}
        />
      </div>
    );
  });
}

function SpareFields({ setup, ofCar, ofSetup }: { setup: Setup; ofCar: Over; ofSetup: Over }) {
  const { job } = useDocument();
  const spare: Spare = job.vehicle.spare ?? {};
  const tire: Tire = spare.tire ?? {};
  const wheel: Wheel = spare.wheel ?? {};
  const well = (key: 'wellDiameterMm' | 'wellFloorDiameterMm' | 'wellDepthMm' | 'holdDownMm') =>
    ofCar(['spare', key], spare[key]);
  return (
    <section className="field-group" aria-label="Spare">
      <h2 className="label">Spare and its well</h2>
      <div className="field-wrap">
        <ChoiceField
          label="Carried with this setup"
          choices={SPARES}
          width={176}
          {...ofSetup(['spare'], setup.spare)}
        />
        <ChoiceField label="It lies" choices={LIES} {...ofCar(['spare', 'lies'], spare.lies)} />
        <LengthField {...well('wellDiameterMm')} label="Well ⌀ at its rim" range="wellDiameterMm" width={6} />
        <LengthField
          {...well('wellFloorDiameterMm')}
          label="Well ⌀ at its floor"
          range="wellDiameterMm"
          width={6}
          placeholder="the same"
          check={(mm) => (spare.wellDiameterMm != null && mm > spare.wellDiameterMm ? 'is wider than its rim' : null)}
        />
        <LengthField {...well('wellDepthMm')} label="Well depth" range="wellDepthMm" width={6} />
        <LengthField
          {...ofCar(['spare', 'roomAboveMm'], spare.roomAboveMm)}
          label="Room above"
          range="limitMm"
          width={5}
        />
        <LengthField {...well('holdDownMm')} label="Hold-down reaches" range="holdDownMm" width={6} />
        <ThreadField {...ofCar(['spare', 'holdDownThread'], spare.holdDownThread || null)} label="Hold-down thread" />
      </div>
      <details className="field-more">
        <summary>Spare carried</summary>
        <div className="field-wrap">
          <TireSizeField {...ofCar(['spare', 'tire', 'size'], tire.size)} label="Its tire" width={12} />
          <RimField
            {...ofCar(['spare', 'wheel', 'rimDiameterIn'], wheel.rimDiameterIn)}
            label="Its rim ⌀"
            range="rimDiameterIn"
            width={3}
          />
          <RimField
            {...ofCar(['spare', 'wheel', 'rimWidthIn'], wheel.rimWidthIn)}
            label="Its rim width"
            range="rimWidthIn"
            width={4}
          />
          <OffsetField {...ofCar(['spare', 'wheel', 'offsetMm'], wheel.offsetMm)} label="Its offset" width={5} />
        </div>
      </details>
    </section>
  );
}
