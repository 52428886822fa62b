import { USUAL_RETORQUE } from '#core/fitting';
import { ChoiceField } from '../fields/ChoiceField';
import { MeasureField } from '../fields/MeasureField';
import { NumberField } from '../fields/NumberField';
import { formatMeasure } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import type { EditedTerms } from './terms';

const ANTI_SEIZE = [
  ['film', 'a thin film on mating faces'],
  ['none', 'none'],
] as const;
const THREADLOCK = [
  ['maker', 'where its maker asks'],
  ['never', 'never'],
] as const;

/** How the shop works at the car: when torque is checked again, what goes on faces and threads. */
export function FitUpFields({ terms }: { terms: EditedTerms }) {
  const { units: unit } = useLengths();
  const own = <T,>(key: string) => ({
    name: `${terms.of}/fitUp/${key}`,
    value: (terms.own(['fitUp', key]) as T | null | undefined) ?? null,
    commit: (value: T | null) => terms.set(['fitUp', key], value),
  });
  return (
    <div className="field-columns">
      <NumberField
        {...own<number>('retorqueDays')}
        label="Retorque after"
        range="retorqueDays"
        unit="days"
        width={5}
        whole
        placeholder={String(USUAL_RETORQUE.days)}
      />
      <MeasureField
        {...own<number>('retorqueKm')}
        label="or"
        quantity="distance"
        range="retorqueKm"
        width={6}
        placeholder={formatMeasure({ quantity: 'distance', value: USUAL_RETORQUE.km, unit }).split(' ')[0]!}
      />
      <ChoiceField
        {...own<(typeof ANTI_SEIZE)[number][0]>('antiSeize')}
        label="Anti-seize"
        choices={ANTI_SEIZE}
        placeholder={`${ANTI_SEIZE[0][1]} (usual)`}
        width={290}
      />
      <ChoiceField
        {...own<(typeof THREADLOCK)[number][0]>('threadlock')}
        label="Threadlock"
        choices={THREADLOCK}
        placeholder={`${THREADLOCK[0][1]} (usual)`}
        width={290}
      />
    </div>
  );
}
