import { Button } from '../controls/Button';
import { useShelfState } from '../../job/ShelfContext';
import type { FitWindow, Shut, WindowRow, WindowSpan } from '#core/advice/window';
import { FITS } from '#core/evaluate';
import { formatNumber, offsetFigure, rimFigure } from '#core/units';
import { useLengths } from '../../preferences/PreferencesContext';
import { RingMark } from '../parts/Ring';
import { limitsAt, type StockPoint } from './places';
import type { Place } from './chartScale';
import '../parts/partsTable.css';
import './window.css';

/** The place that is pointed at: what the row is, and whether it meets every limit. */
export function AtPlace({
  place,
  row,
  make,
}: {
  place: Place | null;
  row: WindowRow | undefined;
  make(place: Place): void;
}) {
  const lengths = useLengths();
  if (!place || !row)
    return (
      <section className="window-at" aria-label="Place">
        <h2 className="label">Place</h2>
        <p className="soft">Point at the window, or choose a row below. A double click, or N, makes a setup there.</p>
      </section>
    );
  const { holds, byMm, edge } = limitsAt(row, place.offsetMm);
  return (
    <section className="window-at" aria-label="Place">
      <h2 className="label">Place</h2>
      <p>
        <b className="figure">
          {rimFigure(place.rimWidthIn)} in, {offsetFigure(place.offsetMm)} mm
        </b>{' '}
        <span className="soft">{row.tire}</span>
      </p>
      <p className={holds ? 'is-ok' : 'is-fail'}>
        {holds ? 'meets every limit' : 'outside the window'}
        {byMm !== null && edge && (
          <span className="soft">
            {holds
              ? `: ${lengths.text(byMm)} to ${edge.label.toLowerCase()}`
              : `: ${edge.label.toLowerCase()} by ${lengths.text(byMm)}`}
          </span>
        )}
        {!holds && row.spans.length === 0 && row.closedBy.length > 0 && (
          <span className="soft">: {row.closedBy.join(', ').toLowerCase()}</span>
        )}
      </p>
      <Button size="small" onClick={() => make(place)}>
        New setup here (N)
      </Button>
    </section>
  );
}

const spanText = ({ fromMm, toMm, low, high }: WindowSpan): string =>
  `${low ? '' : '≤ '}${offsetFigure(Math.ceil(fromMm * 10) / 10)} to` +
  ` ${offsetFigure(Math.floor(toMm * 10) / 10)}${high ? '' : ' ≥'}`;

/** Every row in words: tire, offsets that meet every limit, and what limits them. */
export function RowTable({ window, eased, point }: { window: FitWindow; eased: boolean; point(place: Place): void }) {
  return (
    <section aria-label="Rows">
      <h2 className="label">Rows</h2>
      <table className="parts-table" aria-label="Offsets that meet every limit">
        <thead>
          <tr>
            <th scope="col">Rim, in</th>
            <th scope="col">Offset, mm</th>
            <th scope="col">limited by</th>
          </tr>
        </thead>
        <tbody>
          {window.rows
            .filter(({ spans, eased: more }) => spans.length > 0 || (eased && (more?.length ?? 0) > 0))
            .map((row) => {
              const shown = row.spans.length > 0 ? row.spans : row.eased!;
              const [first] = shown;
              return (
                <tr key={row.rimWidthIn} data-row={row.rimWidthIn}>
                  <td>
                    <button
                      type="button"
                      className="parts-button figure"
                      onClick={() =>
                        point({ rimWidthIn: row.rimWidthIn, offsetMm: Math.round((first!.fromMm + first!.toMm) / 2) })
                      }
                    >
                      {formatNumber(row.rimWidthIn)}
                    </button>
                  </td>
                  <td className="figure">
                    {row.spans.length > 0 ? row.spans.map(spanText).join('; ') : '—'}
                    {eased && row.eased && row.eased.map(spanText).join() !== row.spans.map(spanText).join() && (
                      <small className="soft window-eased-text">
                        {row.eased.map(spanText).join('; ')} with modifications
                      </small>
                    )}
                  </td>
                  <td className="window-holders">
                    {[...new Set(shown.flatMap(({ low, high }) => [low?.label, high?.label]).filter(Boolean))].join(
                      ' / ',
                    )}
                  </td>
                </tr>
              );
            })}
        </tbody>
      </table>
      {window.rows.every(({ spans }) => spans.length === 0) && !eased && <p className="soft">No rim width works.</p>}
    </section>
  );
}

/** What holds an empty window shut, and which single change would open it. */
export function ShutNote({ shut }: { shut: Shut }) {
  const lengths = useLengths();
  return (
    <section className="window-shut" role="status">
      <h2>No wheel meets every limit</h2>
      <p>
        Nearest at {rimFigure(shut.rimWidthIn)} in: {shut.holders.join(' and ').toLowerCase()}.
      </p>
      {shut.opens.length === 0 ? (
        <p>No single change is enough.</p>
      ) : (
        <ul>
          {shut.opens.slice(0, 4).map(({ code, label, byMm, rimWidthIn }) => (
            <li key={code}>
              {label}
              {byMm === null ? ' left out' : `: ${lengths.text(byMm)} more`} opens {rimFigure(rimWidthIn)} in
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Wheels on the shelf in the window, those that fit first. */
export function StockList({ stock, make }: { stock: readonly StockPoint[]; make(wheel: StockPoint): void }) {
  const order = ['ok', 'caution', 'unknown', 'fail'];
  const { come } = useShelfState();
  const sorted = [...stock].sort((one, other) => order.indexOf(one.verdict) - order.indexOf(other.verdict));
  return (
    <section aria-label="Wheels on the shelf">
      <h2 className="label">Wheels on the shelf</h2>
      {come && sorted.length === 0 && <p className="soft">No wheel of this diameter is on the shelf.</p>}
      <ul className="window-stock-list">
        {sorted.map((wheel) => (
          <li key={wheel.name}>
            <RingMark
              verdict={wheel.verdict}
              used={wheel.verdict === 'ok' ? 0 : wheel.verdict === 'caution' ? 0.5 : 1}
              word={FITS[wheel.verdict]}
            />
            <span>
              {wheel.name}
              <small className="soft">
                {rimFigure(wheel.rimWidthIn)} in {offsetFigure(wheel.offsetMm)} · {FITS[wheel.verdict]}
                {wheel.held.length > 0 && `: ${wheel.held.join(', ').toLowerCase()}`}
              </small>
            </span>
            <Button size="small" kind="text" onClick={() => make(wheel)} aria-label={`make a setup of ${wheel.name}`}>
              make a setup
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
