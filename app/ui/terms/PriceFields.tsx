import type { Prices } from '#core/job';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { fallbackPrice, type EditedTerms } from './terms';
import { PRICE_NAMES } from './names';

/** Prices of hardware and work; a price nobody gave leaves a cost unknown. */
export function PriceFields({
  terms,
  keys,
}: {
  terms: EditedTerms;
  keys: readonly Exclude<keyof Prices, 'currency'>[];
}) {
  const currency = (terms.own(['prices', 'currency']) as string | null | undefined) ?? null;
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
        <NumberField
          key={key}
          name={`${terms.of}/prices/${key}`}
          label={PRICE_NAMES[key]}
          range="price"
          width={7}
          unit={currency ?? terms.behind.prices?.currency ?? ''}
          placeholder={fallbackPrice(terms, key)?.toString() ?? '—'}
          value={(terms.own(['prices', key]) as number | null | undefined) ?? null}
          commit={(value) => terms.set(['prices', key], value)}
        />
      ))}
    </div>
  );
}
