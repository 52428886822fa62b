import { Checkbox } from 'antd';
import { memo, type ReactNode } from 'react';
import { useSight } from '../../job/useSight';
import { WordSwitch } from '../parts/WordSwitch';
import {
  BODY_LOOKS,
  BODY_NAMES,
  FIGURE_NAMES,
  FIGURES,
  FLUSH,
  PAIRING_NAMES,
  PAIRINGS,
  type BodyLook,
  type Figures,
  type Flush,
  type Pairing,
} from './sights';
import './stance.css';

/** Choices of what the picture shows. */
export const WhatIsShown = memo(({ isPair }: { isPair: boolean }) => {
  const [pairing, setPairing] = useSight<Pairing>('pairing', PAIRINGS);
  const [body, setBody] = useSight<BodyLook>('body', BODY_LOOKS);
  const [figures, setFigures] = useSight<Figures>('figures', FIGURES);
  const [flush, setFlush] = useSight<Flush>('flush', FLUSH);
  return (
    <section aria-label="What is shown">
      <h2 className="label">What is shown</h2>
      <div className="stance-shown">
        {isPair && (
          <Shown name="Both">
            <WordSwitch<Pairing>
              label="Both"
              tip="On either side of a divider, or laid over each other"
              options={PAIRING_NAMES}
              value={pairing}
              choose={setPairing}
            />
          </Shown>
        )}
        <Shown name="Body">
          <WordSwitch<BodyLook>
            label="Body"
            tip="See-through or off shows the measured parts behind it too"
            options={BODY_NAMES}
            value={body}
            choose={setBody}
          />
        </Shown>
        <Shown name="Figures">
          <WordSwitch<Figures>
            label="Figures"
            tip="What is written on the picture"
            options={FIGURE_NAMES}
            value={figures}
            choose={setFigures}
          />
        </Shown>
        <Checkbox checked={flush === 'on'} onChange={({ target }) => setFlush(target.checked ? 'on' : 'off')}>
          Flush plane through the fender lips
        </Checkbox>
      </div>
    </section>
  );
});
WhatIsShown.displayName = 'WhatIsShown';

/** A choice under its name. */
const Shown = ({ name, children }: { name: string; children: ReactNode }) => (
  <div>
    <span className="label" aria-hidden>
      {name}
    </span>
    {children}
  </div>
);
