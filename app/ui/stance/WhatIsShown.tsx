import { memo } from 'react';
import { Check } from '../controls/Check';
import { useSight } from '../../job/useSight';
import { WordSwitch } from '../parts/WordSwitch';
import { BODY_LOOKS, BODY_NAMES, FIGURE_NAMES, FIGURES, FLUSH, PAIRING_NAMES, PAIRINGS, type Flush } from './sights';
import './stance.css';

/** Choices of what the picture shows. */
export const WhatIsShown = memo(({ isPair }: { isPair: boolean }) => {
  const [flush, setFlush] = useSight<Flush>('flush', FLUSH);
  return (
    <section aria-label="What is shown">
      <h2 className="label">What is shown</h2>
      <div className="stance-shown">
        {isPair && (
          <Choice
            name="Both"
            tip="On either side of a divider, or laid over each other"
            sight="pairing"
            words={PAIRINGS}
            names={PAIRING_NAMES}
          />
        )}
        <Choice
          name="Body"
          tip="See-through or off shows the measured parts behind it too"
          sight="body"
          words={BODY_LOOKS}
          names={BODY_NAMES}
        />
        <Choice
          name="Figures"
          tip="What is written on the picture"
          sight="figures"
          words={FIGURES}
          names={FIGURE_NAMES}
        />
        <Check checked={flush === 'on'} onChange={({ target }) => setFlush(target.checked ? 'on' : 'off')}>
          Flush plane through the fender lips
        </Check>
      </div>
    </section>
  );
});
WhatIsShown.displayName = 'WhatIsShown';

interface ChoiceProps<T extends string> {
  name: string;
  tip: string;
  /** The word of the address that keeps it. */
  sight: string;
  words: readonly [T, ...T[]];
  names: readonly (readonly [T, string])[];
}

/** A choice under its name. */
function Choice<T extends string>({ name, tip, sight, words, names }: ChoiceProps<T>) {
  const [value, choose] = useSight<T>(sight, words);
  return (
    <div>
      <span className="label" aria-hidden>
        {name}
      </span>
      <WordSwitch<T> label={name} tip={tip} options={names} value={value} choose={choose} />
    </div>
  );
}
