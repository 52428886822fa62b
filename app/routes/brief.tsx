import { briefContradictions } from '#core/evaluate';
import { BRIEF_LIMITS } from '#core/verdict';
import { useDocument } from '../job/DocumentContext';
import { NumberField } from '../ui/fields/NumberField';
import { useEditAt } from '../ui/parts/useEditAt';
import { NextStep } from '../ui/frame/NextStep';
import { CustomerFields } from '../ui/brief/CustomerFields';
import { PokeTargets } from '../ui/brief/PokeTargets';
import { Notes } from '../ui/brief/Notes';
import { RequiredBackspacing } from '../ui/brief/RequiredBackspacing';
import { LimitTable } from '../ui/terms/LimitTable';
import { PriceFields } from '../ui/terms/PriceFields';
import { RemedyFields } from '../ui/terms/RemedyFields';
import { RuleFields } from '../ui/terms/RuleFields';
import { useBriefTerms } from '../ui/terms/useBriefTerms';
import '../ui/terms/terms.css';
import '../ui/terms/page.css';

/**
 * What is asked for: the poke target, what may touch, which modifications are allowed at what cost, and the limits.
 */
export default function BriefPage() {
  const { job } = useDocument();
  const editAt = useEditAt();
  const terms = useBriefTerms();
  const contradictions = briefContradictions(job);
  return (
    <div className="page terms-page">
      <h1>Brief</h1>
      <NextStep station="brief" />
      <p className="soft">What the customer wants. Anything left open follows the shop defaults.</p>
      <div className="terms-columns">
        <div>
          <PokeTargets contradictions={contradictions} />
          <section>
            <h2>Rub and cover</h2>
            <RuleFields terms={terms} keys={['rub', 'poses', 'cover', 'winter', 'spacers']} />
            {contradictions.length > 0 && (
              <p role="alert" className="terms-fault">
                {contradictions[0]!.message}. Set the target flush or tucked, or ask for no cover.
              </p>
            )}
            <p className="caution-note">
              Cover by (EU) 1009/2010, room for chains by SAE J1232, both from memory. Covers, poke and lifts are
              regulated differently in every place: check your local code.
            </p>
          </section>
          <section>
            <h2>Limits</h2>
            <LimitTable terms={terms} keys={BRIEF_LIMITS} label="Limits" />
          </section>
          <section>
            <h2>Lift kit requirement</h2>
            <RequiredBackspacing />
          </section>
        </div>
        <div>
          <section>
            <h2>Modifications</h2>
            <RemedyFields terms={terms} />
            <p className="caution-note">Structural cuts go to a qualified body shop and may need local approval.</p>
          </section>
          <section>
            <h2>Budget</h2>
            <div className="field-columns">
              <NumberField
                name="brief/budget"
                label="Budget for modifications"
                range="price"
                width={8}
                placeholder="open"
                unit={job.brief?.prices?.currency ?? job.house?.prices?.currency ?? ''}
                value={job.brief?.budget ?? null}
                commit={(value) => editAt(['brief', 'budget'], value)}
              />
            </div>
            {job.brief?.budget === 0 && (
              <p className="soft">
                Budget is zero: only free fixes fit it, such as another offset before wheels are bought.
              </p>
            )}
            <PriceFields terms={terms} keys={['labourPerHour', 'spacerEach', 'liftKitAxle', 'alignment']} />
          </section>
          <section>
            <h2>Wheel on hub</h2>
            <RuleFields terms={terms} keys={['centring', 'nearPatterns']} />
            <p className="caution-note">
              Practice is divided on both. A lug-centric wheel must be tightened in a star pattern, off the ground.
            </p>
          </section>
          <CustomerFields />
          <section>
            <h2>Notes</h2>
            <Notes
              value={job.brief?.notes ?? ''}
              commit={(text) => editAt(['brief', 'notes'], text === '' ? null : text)}
            />
          </section>
        </div>
      </div>
    </div>
  );
}
