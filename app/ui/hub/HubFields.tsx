import { boreFault, countFault } from '#core/hub';
import type { AxleName, Taken, VehicleAxle } from '#core/job';
import { Check } from '../controls/Check';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { FASTENERS, LIP_FORMS, NUTS, SEATS } from '../fields/choices';
import { LengthField } from '../fields/LengthField';
import { MeasureField } from '../fields/MeasureField';
import { NumberField } from '../fields/NumberField';
import { ThreadField } from '../fields/TextField';
import { Reading } from '../help/Reading';
import { useEditAt } from '../parts/useEditAt';
import { useFieldOver } from '../parts/useFieldOver';
import { ThreadTableButton } from './ThreadTableButton';
import './hub.css';

interface HubFieldsProps {
  axle: AxleName;
  of: VehicleAxle | undefined;
  /** How what is typed was taken. */
  taken: Taken;
  /** The bolt circle that the readings of the pattern make; null without. */
  readMm: number | null;
}

/** What is known of a hub: its readings, what fastens a wheel to it, and what its axle carries. */
export function HubFields({ axle, of, taken, readMm }: HubFieldsProps) {
  const lengths = useLengths();
  const editAt = useEditAt();
  const over = useFieldOver();
  const hub = of?.hub;
  const fastener = hub?.fastener;
  const at = (...keys: string[]) => ['vehicle', axle, 'hub', ...keys];
  const measured = (path: string[], value: number | null | undefined) => over(path, value, taken);
  return (
    <form key={axle} className="hub-fields" aria-label={`Hub, ${axle}`} onSubmit={(event) => event.preventDefault()}>
      <fieldset>
        <legend className="label">Pattern and bore</legend>
        <Reading of="hub.lugCount">
          <NumberField
            {...over(at('lugCount'), hub?.lugCount)}
            label="Lug count"
            range="lugCount"
            whole
            check={(count) => countFault(hub?.patternReadings ?? [], count)}
            width={3}
          />
        </Reading>
        <Reading of="hub.boltCircleMm">
          <LengthField
            {...measured(at('boltCircleMm'), hub?.boltCircleMm)}
            label="Bolt circle"
            range="boltCircleMm"
            placeholder={readMm === null ? '—' : lengths.figure(readMm)}
            assumed={readMm === null ? undefined : 'from readings'}
            check={(mm) => boreFault(hub?.boreMm, mm) && 'must be larger than the center bore'}
          />
        </Reading>
        <Reading of="hub.boreMm">
          <LengthField
            {...measured(at('boreMm'), hub?.boreMm)}
            label="Center bore"
            range="boreMm"
            check={(mm) => boreFault(mm, hub?.boltCircleMm ?? readMm)}
          />
        </Reading>
        <Reading of="hub.lipHeightMm">
          <LengthField {...measured(at('lipHeightMm'), hub?.lipHeightMm)} label="Hub lip" range="lipHeightMm" />
        </Reading>
        <ChoiceField
          label="Lip form"
          value={hub?.lipForm ?? null}
          choices={LIP_FORMS}
          commit={(value) => editAt(at('lipForm'), value)}
        />
      </fieldset>
      <fieldset>
        <legend className="label">Fasteners</legend>
        <ChoiceField
          label="Fastened by"
          value={fastener?.kind ?? null}
          choices={FASTENERS}
          commit={(value) => editAt(at('fastener', 'kind'), value)}
        />
        <ThreadField
          {...over(at('fastener', 'thread'), fastener?.thread || null)}
          label="Thread"
          aside={<ThreadTableButton />}
        />
        <Reading of="hub.fastener.lengthMm">
          <LengthField
            {...measured(at('fastener', 'lengthMm'), fastener?.lengthMm)}
            label={fastener?.kind === 'bolt' ? 'Bolt length' : 'Stud length'}
            range="fastenerLengthMm"
          />
        </Reading>
        <ChoiceField
          label="Lug seat"
          value={fastener?.seat ?? null}
          choices={SEATS}
          commit={(value) => editAt(at('fastener', 'seat'), value)}
        />
        <MeasureField
          {...over(at('fastener', 'torqueNm'), fastener?.torqueNm)}
          label="Torque, from the maker"
          quantity="torque"
          range="torqueNm"
          width={5}
        />
        {fastener?.kind !== 'bolt' && (
          <ChoiceField
            label="Nuts"
            value={fastener?.nut ?? null}
            choices={NUTS}
            commit={(value) => editAt(at('fastener', 'nut'), value)}
          />
        )}
        {fastener?.kind !== 'bolt' && fastener?.nut === 'closed' && (
          <LengthField
            {...measured(at('fastener', 'nutDepthMm'), fastener.nutDepthMm)}
            label="Thread depth in the nut"
            range="threadDepthMm"
          />
        )}
        {fastener?.kind === 'bolt' && (
          <LengthField
            {...measured(at('fastener', 'threadDepthMm'), fastener.threadDepthMm)}
            label="Thread depth in the hub"
            range="threadDepthMm"
          />
        )}
      </fieldset>
      <fieldset>
        <legend className="label">Axle</legend>
        <MeasureField
          {...over(['vehicle', axle, 'axleRatingKg'], of?.axleRatingKg)}
          label="Axle rating, from the plate"
          quantity="mass"
          range="axleRatingKg"
          width={6}
        />
        <MeasureField
          {...over(['vehicle', axle, 'pressureKpa'], of?.pressureKpa)}
          label="Cold pressure of the present tires"
          quantity="pressure"
          range="pressureKpa"
          width={6}
        />
        {axle === 'rear' && (
          <Check
            className="hub-dual"
            checked={of?.dual ?? false}
            onChange={({ target }) => editAt(['vehicle', 'rear', 'dual'], target.checked ? true : null)}
          >
            Dual wheels, two a side
          </Check>
        )}
      </fieldset>
      <details className="field-more">
        <summary>Flange and stud holes, for redrilling</summary>
        <div className="hub-more">
          <LengthField
            {...measured(at('flangeDiameterMm'), hub?.flangeDiameterMm)}
            label="Flange ⌀"
            range="flangeDiameterMm"
          />
          <LengthField {...measured(at('studHoleMm'), hub?.studHoleMm)} label="Stud hole ⌀" range="studHoleMm" />
        </div>
      </details>
    </form>
  );
}
