import { Input } from 'antd';
import { useId, useState } from 'react';
import { HOUSE_LIMITS, type LimitKey } from '#core/verdict';
import { formatNumber } from '#core/units';
import { useJob } from '../job/JobContext';
import { useLengths } from '../preferences/PreferencesContext';
import { briefLine } from '../ui/frame/briefLine';
import { ChoiceField } from '../ui/fields/ChoiceField';
import { LengthField } from '../ui/fields/LengthField';
import { NumberField } from '../ui/fields/NumberField';
import { useEditAt } from '../ui/parts/useEditAt';
import { WishScale } from '../ui/stations/WishScale';
import { CENTRING_RULES, NEAR_RULES, SPACER_RULES } from '../ui/stations/choices';
import '../ui/stations/brief.css';

const LIMITS: readonly { key: LimitKey; label: string; meaning: string }[] = [
  {
    key: 'inboardMm',
    label: 'Inner gap, at rest',
    meaning: 'between the innermost place of tire or rim and the nearest part; parts that move with the wheel too',
  },
  { key: 'fullLockMm', label: 'Parts of the body', meaning: 'over all steer and travel, full lock among them' },
  { key: 'fenderAtBumpMm', label: 'Fender lip at bump', meaning: 'over all steer and travel' },
  { key: 'archMm', label: 'Arch gap, at rest', meaning: 'between tread and fender lip; bump travel comes out of it' },
  { key: 'brakeSpokeMm', label: 'Brake to spokes', meaning: 'in the half section, behind the whole stack' },
  { key: 'brakeBarrelMm', label: 'Brake to barrel', meaning: 'and to the balance weights on it' },
  {
    key: 'diameterPct',
    label: 'Diameter against now',
    meaning: 'either way; it changes speedometer, gearing and ride height',
  },
  {
    key: 'axleMatchPct',
    label: 'Front against rear diameter',
    meaning: 'where both axles are driven; care begins at half of it',
  },
];

/** What is asked for: where the face should stand, the limits to keep, and what else was said. */
export default function BriefPage() {
  const { job } = useJob();
  const lengths = useLengths();
  const editAt = useEditAt();
  const brief = job.brief ?? {};
  const end = (key: 'min' | 'max') => ({
    name: `brief/pokeMm/${key}`,
    value: brief.pokeMm?.[key] ?? null,
    commit: (value: number | null) => editAt(['brief', 'pokeMm', key], value),
  });
  const { min, max } = brief.pokeMm ?? {};
  return (
    <div className="page brief">
      <h1>Brief</h1>
      <p className="soft">What is asked for. The ledger names the wish and the limits wherever they hold.</p>

      <section>
        <h2>Where the face should stand</h2>
        <p className="soft">
          Against the fender&apos;s lip: 0 is level, minus is tucked inside, plus is proud. Now:{' '}
          {briefLine(job.brief, lengths)}.
        </p>
        <WishScale min={min ?? null} max={max ?? null} />
        <div className="brief-row">
          <LengthField
            {...end('min')}
            label="Not further in than"
            range="pokeMm"
            width={6}
            placeholder="open"
            check={(mm) => (max != null && mm > max ? 'lies outside the outer end' : null)}
          />
          <LengthField
            {...end('max')}
            label="Not further out than"
            range="pokeMm"
            width={6}
            placeholder={lengths.figure(0)}
            check={(mm) => (min != null && mm < min ? 'lies inside the inner end' : null)}
          />
        </div>
        <p className="caution-note">
          Covers, poke and lifts are regulated differently in every place: check your local code.
        </p>
      </section>

      <section>
        <h2>Limits</h2>
        <table className="limits">
          <thead>
            <tr>
              <th scope="col">Limit</th>
              <th scope="col">Value</th>
              <th scope="col">Origin</th>
            </tr>
          </thead>
          <tbody>
            {LIMITS.map(({ key, label, meaning }) => {
              const own = brief.limits?.[key] ?? null;
              const field = {
                name: `brief/limits/${key}`,
                value: own,
                commit: (value: number | null) => editAt(['brief', 'limits', key], value),
                label,
                bare: true,
                width: 6,
              };
              return (
                <tr key={key}>
                  <th scope="row">
                    {label}
                    <span className="soft">{meaning}</span>
                  </th>
                  <td>
                    {key === 'diameterPct' || key === 'axleMatchPct' ? (
                      <NumberField {...field} range={key} unit="± %" placeholder={formatNumber(HOUSE_LIMITS[key])} />
                    ) : (
                      <LengthField {...field} range="limitMm" placeholder={lengths.figure(HOUSE_LIMITS[key])} />
                    )}
                  </td>
                  <td>{own === null ? "the house's own" : 'this brief; empty it for the house limit'}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </section>

      <section>
        <h2>Wheel on hub</h2>
        <div className="brief-rules">
          <ChoiceField
            label="Centring"
            value={brief.rules?.centring ?? null}
            choices={CENTRING_RULES}
            placeholder="hub-centric required (house)"
            commit={(value) => editAt(['brief', 'rules', 'centring'], value)}
            width={280}
          />
          <ChoiceField
            label="Patterns less than 1 mm off"
            value={brief.rules?.nearPatterns ?? null}
            choices={NEAR_RULES}
            placeholder="allowed, with care (house)"
            commit={(value) => editAt(['brief', 'rules', 'nearPatterns'], value)}
            width={280}
          />
          <ChoiceField
            label="Spacers and adapters"
            value={brief.rules?.spacers ?? null}
            choices={SPACER_RULES}
            placeholder="accepted (house)"
            commit={(value) => editAt(['brief', 'rules', 'spacers'], value)}
            width={280}
          />
        </div>
        <p className="caution-note">
          Practice is divided on both. A wheel that only its nuts centre must be drawn down in a star, off the ground.
        </p>
      </section>

      <section>
        <h2>Notes</h2>
        <Notes value={brief.notes ?? ''} commit={(text) => editAt(['brief', 'notes'], text === '' ? null : text)} />
      </section>
    </div>
  );
}

const MOST_NOTES = 4000;

/** Notes are kept when the field is left; until then they are a draft that survives a change of station. */
function Notes({ value, commit }: { value: string; commit(text: string): void }) {
  const { drafts } = useJob();
  const id = useId();
  const [draft, setDraft] = useState(() => drafts.get('brief/notes') ?? null);
  const keep = (text: string | null) => {
    setDraft(text);
    if (text === null) drafts.delete('brief/notes');
    else drafts.set('brief/notes', text);
  };
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        What else was said: what may be cut, lifted, spent
      </label>
      <Input.TextArea
        id={id}
        value={draft ?? value}
        maxLength={MOST_NOTES}
        autoSize={{ minRows: 4, maxRows: 12 }}
        onChange={(event) => keep(event.target.value)}
        onBlur={() => {
          if (draft !== null && draft !== value) commit(draft);
          keep(null);
        }}
      />
    </div>
  );
}
