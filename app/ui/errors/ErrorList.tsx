import { Link } from 'react-router';
import { CORNER_NAMES, placeOfCorner } from '#core/fitting';
import type { ShopError } from '#server/fittingErrors';
import { cornerSight, searchAfter } from '../../job/sight';
import { useLengths, type Lengths } from '../../preferences/PreferencesContext';
import { Moment } from '../parts/Moment';
import { familyText } from './families';
import './errors.css';

/** The fitting that an error was made at. */
const addressOf = ({ job, fitting, corner }: ShopError): string =>
  `/jobs/${job}/fit-up${searchAfter('', { ...cornerSight(placeOfCorner(corner)), fitting })}`;

function errorWords({ family, predicted, plusMinus, measured }: ShopError, lengths: Lengths): string {
  const text = (value: number) => familyText(family, value, lengths);
  return `predicted ${text(predicted)} ±${text(plusMinus)}, measured ${text(measured)}`;
}

/** One reading in words, and the way to its fitting. */
export function ErrorLine({ error }: { error: ShopError }) {
  const lengths = useLengths();
  const { car, number, corner, at } = error;
  return (
    <Link to={addressOf(error)} className="error-line" data-beyond={Math.abs(error.error) > error.plusMinus}>
      <b>{car || number}</b>, {CORNER_NAMES[corner]}, <Moment at={at} format="D MMM YYYY" />:{' '}
      <span>{errorWords(error, lengths)}</span>
    </Link>
  );
}

/** The readings of a family, the furthest off first: all of them, or the latest of very many. */
export function ErrorList({ errors, of }: { errors: readonly ShopError[]; of: number }) {
  const sorted = [...errors].sort(
    (one, other) => Math.abs(other.error) / other.plusMinus - Math.abs(one.error) / one.plusMinus,
  );
  return (
    <details className="error-list">
      <summary>
        {errors.length === 1 ? 'The one reading' : `${countText(errors.length, of)}, the furthest off first`}
      </summary>
      <ul>
        {sorted.map((error, at) => (
          <li key={at}>
            <ErrorLine error={error} />
          </li>
        ))}
      </ul>
    </details>
  );
}

const countText = (shown: number, all: number): string =>
  shown < all ? `The latest ${shown} of ${all.toLocaleString('en-US')} readings` : `All ${shown} readings`;
