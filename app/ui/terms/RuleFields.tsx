import type { Rules } from '#core/job';
import { ChoiceField } from '../fields/ChoiceField';
import { fallbackName, fallbackRule, type EditedTerms } from './terms';
import {
  CENTERING_RULES,
  COVER_RULES,
  NEAR_RULES,
  ORIGIN_NAMES,
  POSE_RULES,
  RUB_RULES,
  SPACER_RULES,
  WINTER_RULES,
} from './names';
import './terms.css';

type Choices = readonly (readonly [string, string])[];

const RULES: Record<keyof Rules, { label: string; choices: Choices }> = {
  rub: { label: 'Rub', choices: RUB_RULES },
  cover: { label: 'Cover by the fender', choices: COVER_RULES },
  winter: { label: 'Winter traction', choices: WINTER_RULES },
  poses: { label: 'Steering and travel counted', choices: POSE_RULES },
  spacers: { label: 'Spacers and adapters', choices: SPACER_RULES },
  centring: { label: 'Centering', choices: CENTERING_RULES },
  nearPatterns: { label: 'Patterns less than 1 mm off', choices: NEAR_RULES },
};

/** Choices between the schools of the trade; what is left open follows the shop defaults, or what is usual. */
export function RuleFields({ terms, keys }: { terms: EditedTerms; keys: readonly (keyof Rules)[] }) {
  return (
    <div className="brief-rules">
      {keys.map((key) => {
        const { label, choices } = RULES[key];
        const fallback = choices.find(([value]) => value === fallbackRule(terms, key))![1];
        return (
          <ChoiceField
            key={key}
            label={label}
            value={(terms.own(['rules', key]) as string | null | undefined) ?? null}
            choices={choices}
            placeholder={`${fallback} (${ORIGIN_NAMES[fallbackName(terms, ['rules', key])]})`}
            commit={(value) => terms.set(['rules', key], value)}
            width={230}
          />
        );
      })}
    </div>
  );
}
