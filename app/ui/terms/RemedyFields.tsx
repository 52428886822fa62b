import { BODY_WORK } from '#core/remedy';
import type { SuspensionChangeKind } from '#core/suspension';
import { useLengths } from '../../preferences/PreferencesContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { WordSwitch } from '../parts/WordSwitch';
import { at, type EditedTerms } from './terms';
import { LIFT_KINDS, WORK_NAMES } from './names';
import './terms.css';

type Said = 'yes' | 'no' | 'open';

/** Modifications allowed to make a target fit: kind by kind, and a lift. */
export function RemedyFields({ terms }: { terms: EditedTerms }) {
  const lengths = useLengths();
  const lift = (key: string) => terms.own(['remedies', 'lift', key]);
  const houseLift = at(terms.behind, ['remedies', 'lift', 'mostMm']) as number | null | undefined;
  return (
    <>
      <ul className="remedy-rules">
        {BODY_WORK.map((work) => {
          const own = terms.own(['remedies', work]) as boolean | undefined;
          const behind = (at(terms.behind, ['remedies', work]) as boolean | undefined) ?? false;
          const { label, meaning } = WORK_NAMES[work];
          return (
            <li key={work} data-work={work}>
              <span>
                {label}
                <span className="soft">{meaning}</span>
              </span>
              <WordSwitch<Said>
                label={label}
                value={own === undefined ? 'open' : own ? 'yes' : 'no'}
                tip={meaning}
                options={[
                  ['yes', 'allowed'],
                  ['no', 'not allowed'],
                  [
                    'open',
                    `${terms.of === 'brief' ? 'shop default' : 'usual'} (${behind ? 'allowed' : 'not allowed'})`,
                  ],
                ]}
                choose={(said) => terms.set(['remedies', work], said === 'open' ? null : said === 'yes')}
              />
            </li>
          );
        })}
      </ul>
      <div className="field-columns">
        <LengthField
          name={`${terms.of}/remedies/lift/mostMm`}
          label="Lift, at most"
          range="liftMm"
          width={6}
          placeholder={houseLift == null ? 'none' : lengths.figure(houseLift)}
          value={(lift('mostMm') as number | null | undefined) ?? null}
          commit={(value) => terms.set(['remedies', 'lift', 'mostMm'], value)}
        />
        <ChoiceField<SuspensionChangeKind>
          label="How it is lifted"
          value={(lift('kind') as SuspensionChangeKind | undefined) ?? null}
          choices={LIFT_KINDS}
          placeholder="at the spring (usual)"
          commit={(value) => terms.set(['remedies', 'lift', 'kind'], value)}
          width={190}
        />
      </div>
    </>
  );
}
