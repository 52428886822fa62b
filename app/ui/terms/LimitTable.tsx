import { roundTo } from '#core/units';
import type { ShopLimitKey } from '#core/verdict';
import { SHOP_LIMIT_FIELDS } from '#formats/fields';
import { Button } from '../controls/Button';
import { UndoOutlined } from '../controls/icons';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { fallbackLimit, fallbackName, type EditedTerms } from './terms';
import { LIMIT_WORDS, ORIGIN_NAMES } from './names';
import './terms.css';

/** Limits with what they mean, where they come from, and a way back. */
export function LimitTable({
  terms,
  keys,
  label,
}: {
  terms: EditedTerms;
  keys: readonly ShopLimitKey[];
  label: string;
}) {
  const lengths = useLengths();
  return (
    <table className="limits" aria-label={label}>
      <caption>Usual: common practice of the trade, no source.</caption>
      <thead>
        <tr>
          <th scope="col">Limit</th>
          <th scope="col">Value</th>
          <th scope="col">Origin</th>
        </tr>
      </thead>
      <tbody>
        {keys.map((key) => {
          const { label: name, meaning, unit } = LIMIT_WORDS[key];
          const own = (terms.own(['limits', key]) as number | null | undefined) ?? null;
          const fallback = fallbackLimit(terms, key);
          const usual = unit ? String(roundTo(fallback, 2)) : lengths.text(fallback);
          const field = {
            name: `${terms.of}/limits/${key}`,
            value: own,
            commit: (value: number | null) => terms.set(['limits', key], value),
            label: name,
            bare: true,
            width: 6,
            range: SHOP_LIMIT_FIELDS[key].range,
          };
          return (
            <tr key={key} data-limit={key}>
              <th scope="row">
                {name}
                <span className="soft">{meaning}</span>
              </th>
              <td>
                {unit ? (
                  <NumberField {...field} unit={unit} placeholder={usual} />
                ) : (
                  <LengthField {...field} placeholder={lengths.figure(fallback)} />
                )}
              </td>
              <td className="limit-origin">
                <span>{own === null ? ORIGIN_NAMES[fallbackName(terms, ['limits', key])] : OWN[terms.of]}</span>
                {own !== null && (
                  <Button
                    kind="text"
                    size="small"
                    icon={<UndoOutlined />}
                    onClick={() => terms.set(['limits', key], null)}
                    aria-label={`${name}: reset to ${usual}`}
                  >
                    reset to {usual}
                  </Button>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

const OWN = { brief: 'this brief', house: ORIGIN_NAMES.house } as const;
