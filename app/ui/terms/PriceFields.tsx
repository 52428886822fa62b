import type { Prices } from '#core/job';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { fallbackPrice, type EditedTerms } from './terms';
import { PRICE_NAMES } from './names';

export type Price = Exclude<keyof Prices, 'currency'>;

const ownCurrency = (terms: EditedTerms) => (terms.own(['prices', 'currency']) as string | null | undefined) ?? null;

/** One price; one nobody gave leaves a cost unknown. */
export const PriceField = ({ terms, of }: { terms: EditedTerms; of: Price }) => (
  <NumberField
    name={`${terms.of}/prices/${of}`}
    label={PRICE_NAMES[of]}
    range={of === 'taxPct' ? 'taxPct' : 'price'}
    width={7}
    unit={of === 'taxPct' ? '%' : (ownCurrency(terms) ?? terms.behind.prices?.currency ?? '')}
    placeholder={fallbackPrice(terms, of)?.toString() ?? '—'}
    value={(terms.own(['prices', of]) as number | null | undefined) ?? null}
    commit={(value) => terms.set(['prices', of], value)}
  />
);

/** Prices of hardware and labor, and the currency they are in. */
export function PriceFields({ terms, keys }: { terms: EditedTerms; keys: readonly Price[] }) {
  const currency = ownCurrency(terms);
  return (
    <div className="field-columns">
      <TextField
        name={`${terms.of}/prices/currency`}
        label="Currency"
        width={5}
        most={8}
        placeholder={terms.behind.prices?.currency ?? '—'}
        value={currency}
        commit={(value) => terms.set(['prices', 'currency'], value)}
      />
      {keys.map((key) => (
        <PriceField key={key} terms={terms} of={key} />
      ))}
    </div>
  );
}
