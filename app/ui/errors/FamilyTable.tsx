import type { Calibration } from '#core/calibration';
import { FAMILIES, type Family, type OwnErrors } from '#core/fitting';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { biasWords, FAMILY_NAMES, familyText, followedWords, scaleWords } from './families';
import './errors.css';
import '../parts/partsTable.css';

const signed = (family: Family, value: number, lengths: Lengths): string =>
  `${value > 0 ? '+' : ''}${familyText(family, value, lengths)}`;

interface FamilyTableProps {
  families: Calibration['families'];
  family: Family;
  /** What the ± follow; null where they do not. */
  followed: OwnErrors | null;
  choose(family: Family): void;
}

/** Bias, scale and cover of every family of figures; one is chosen to be drawn. */
export function FamilyTable({ families, family, followed, choose }: FamilyTableProps) {
  const lengths = useLengths();
  return (
    <table className="parts-table error-table">
      <caption className="soft">
        Bias and its standard deviation by Bayes, about 0 by 2 mm before anything was read; of the ± 95 % should hold.
      </caption>
      <thead>
        <tr>
          <th scope="col">Figures</th>
          <th scope="col">Read</th>
          <th scope="col">Bias</th>
          <th scope="col">Within ±</th>
          <th scope="col">What it says</th>
          {followed && <th scope="col">± in use</th>}
        </tr>
      </thead>
      <tbody>
        {FAMILIES.map((one) => {
          const estimate = families[one];
          const { n, biasMm, biasSdMm, cover } = estimate;
          return (
            <tr key={one} data-chosen={one === family}>
              <td>
                <button
                  type="button"
                  className="parts-button"
                  aria-pressed={one === family}
                  onClick={() => choose(one)}
                >
                  <span aria-hidden>{one === family ? '●' : '○'}</span>
                  {FAMILY_NAMES[one]}
                </button>
              </td>
              <td className="figure" data-name="read">
                {n}
              </td>
              <td className="figure" data-name="bias">
                {n === 0 ? '—' : `${signed(one, biasMm, lengths)} ±${familyText(one, biasSdMm, lengths)}`}
              </td>
              <td className="figure" data-name="within ±">
                {cover === null ? '—' : `${Math.round(cover * 100)} %`}
              </td>
              <td className="error-words">
                {[biasWords(one, estimate, lengths), scaleWords(estimate)].filter(Boolean).join('; ')}
              </td>
              {followed && (
                <td className="figure" data-name="± in use">
                  {followed[one] ? followedWords(followed[one]) : '—'}
                </td>
              )}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
