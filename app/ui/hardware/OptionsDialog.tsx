import { patternOptions, type PatternOptionKind, type PatternOption } from '#core/advice';
import { useState } from 'react';
import { hubPatternOf, usedShare, verdictWord } from '#core/evaluate';
import { patternOf } from '#core/hub';
import { priceInForce, type AxleName, type Setup } from '#core/job';
import { adaptersOnShelf, itemName, pieceFromShelf } from '#core/shelf';
import { offsetFigure } from '#core/units';
import { type Verdict } from '#core/verdict';
import { Button } from '../controls/Button';
import { OptionalChoice } from '../controls/OptionalChoice';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useShelf } from '../../job/ShelfContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { RingMark } from '../parts/Ring';
import { PriceField, type Price } from '../terms/PriceFields';
import { useBriefTerms } from '../terms/useBriefTerms';
import { faceText } from '../words';
import './hardware.css';

/** An option is judged as parts are that go together or do not. */
const judged = (verdict: Verdict) => ({ code: 'pattern', value: null, limit: null, margin: null, verdict });

/** What stands where an option makes no setup by itself. */
const WITHOUT: Record<PatternOptionKind, string> = {
  'near-pattern': 'the setup as it is',
  adapter: 'enter its thickness',
  'redrill-wheel': '',
  'redrill-hub': 'changes the car: enter it at Hub',
  'hub-swap': 'changes the car: enter it at Hub',
};

/** The price that each option's cost is worked out from. */
const PRICE_OF: Record<PatternOptionKind, Price> = {
  'near-pattern': 'fastenerSetAxle',
  adapter: 'adapterEach',
  'redrill-wheel': 'redrillWheelEach',
  'redrill-hub': 'redrillHubEach',
  'hub-swap': 'hubSwapEach',
};

/** The options for a wheel of another pattern, side by side. */
export function OptionsDialog({ setup, axle, close }: { setup: Setup; axle: AxleName; close(): void }) {
  const { job } = useDocument();
  const put = usePutSetup();
  const lengths = useLengths();
  const [adapterMm, setAdapterMm] = useState<number | null>(null);
  const [hubFaceShiftMm, setHubFaceShiftMm] = useState<number | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const hub = job.vehicle[axle]?.hub;
  const wheel = setup[axle]?.wheel;
  const kept = adaptersOnShelf(useShelf(), hub ? hubPatternOf(hub).pattern : {}, patternOf(wheel));
  const item = chosen === null ? undefined : kept[chosen];
  const adapterKept = item
    ? { piece: pieceFromShelf(item), name: itemName(item), priceEach: item.priceEach ?? null }
    : null;
  const options = patternOptions({
    job,
    setup,
    axle,
    choices: { adapterMm, adapterKept, hubFaceShiftMm },
    unit: lengths.unit,
  });
  const terms = useBriefTerms();
  const currency = priceInForce('currency', job) ?? '';
  const take = (option: PatternOption) =>
    put({
      setup: { ...setup, [axle]: option.candidate! },
      label: `${setup.label || setup.id.toUpperCase()}, ${option.title.toLowerCase()}`,
      after: setup.id,
    });
  return (
    <Dialog
      onCancel={close}
      footer={<Button onClick={close}>Close</Button>}
      title={`Different bolt pattern, ${axle}: options`}
      width={1120}
    >
      <div className="options">
        <table>
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Row</span>
              </th>
              {options.map((option) => (
                <th key={option.kind} scope="col">
                  <span className={`options-head is-${option.verdict}`}>
                    <RingMark
                      verdict={option.verdict}
                      used={usedShare(judged(option.verdict))}
                      word={verdictWord(judged(option.verdict))}
                    />
                    <span>
                      {option.title}
                      <small>{verdictWord(judged(option.verdict))}</small>
                    </span>
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">Geometry</th>
              {options.map((option) => (
                <td key={option.kind}>
                  {option.lines.map((line) => (
                    <p key={line}>{line}</p>
                  ))}
                  {option.kind === 'adapter' && kept.length > 0 && (
                    <OptionalChoice
                      size="small"
                      aria-label="Adapter from the shelf"
                      placeholder="from its thickness"
                      value={chosen === null ? null : String(chosen)}
                      style={{ width: '100%' }}
                      options={kept.map((one, at) => ({ value: String(at), label: itemName(one) }))}
                      onChange={(at) => setChosen(at === null ? null : Number(at))}
                    />
                  )}
                  {option.kind === 'adapter' && chosen === null && (
                    <LengthField
                      name={`options/${setup.id}/${axle}/adapter`}
                      value={adapterMm}
                      commit={setAdapterMm}
                      label="Thickness"
                      range="thicknessMm"
                      width={6}
                      check={(mm) => (mm > 0 ? null : 'a thickness must be more than 0')}
                    />
                  )}
                  {option.kind === 'hub-swap' && (
                    <LengthField
                      name={`options/${setup.id}/${axle}/shift`}
                      value={hubFaceShiftMm}
                      commit={setHubFaceShiftMm}
                      label="Hub face further out by"
                      range="faceShiftMm"
                      width={6}
                    />
                  )}
                </td>
              ))}
            </tr>
            {ROWS.map(([name, show]) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {options.map((option) => (
                  <td key={option.kind} className="figure">
                    {option.position ? show(option.position, lengths) : '—'}
                  </td>
                ))}
              </tr>
            ))}
            <tr>
              <th scope="row">Cost, the axle</th>
              {options.map((option) => (
                <td key={option.kind} className="figure">
                  {option.cost === null ? <span className="soft">no price yet</span> : `${option.cost} ${currency}`}
                  <PriceField terms={terms} of={PRICE_OF[option.kind]} />
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">Watch out</th>
              {options.map((option) => (
                <td key={option.kind} className="soft">
                  {option.caution}
                </td>
              ))}
            </tr>
            <tr>
              <th scope="row">
                <span className="visually-hidden">Use</span>
              </th>
              {options.map((option) => (
                <td key={option.kind}>
                  {option.candidate && option.kind !== 'near-pattern' ? (
                    <Button size="small" onClick={() => take(option)}>
                      Make a setup
                    </Button>
                  ) : (
                    <span className="soft">
                      {option.kind === 'near-pattern' && option.verdict === 'fail' ? '' : WITHOUT[option.kind]}
                    </span>
                  )}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
        <p className="caution-note">
          Fasteners and hubs are safety parts. Redrilling and welding need licensed work and local approval.
        </p>
      </div>
    </Dialog>
  );
}

type Show = (position: NonNullable<PatternOption['position']>, lengths: ReturnType<typeof useLengths>) => string;
const ROWS: readonly (readonly [string, Show])[] = [
  ['Effective offset', ({ effectiveOffsetMm: mm }) => (mm === null ? '—' : `${offsetFigure(mm)} mm`)],
  ['Poke', ({ pokeMm }, lengths) => faceText(pokeMm, lengths)],
  ['Inner clearance', ({ inboardGapMm }, lengths) => lengths.text(inboardGapMm)],
];
