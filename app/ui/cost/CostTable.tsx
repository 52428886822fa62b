import { moneyText, type Cost, type CostLine } from '#core/cost';
import { capital } from '#core/text';
import { CODE_NAMES } from '#core/cost';
import './cost.css';

/** What a setup costs, line by line, with who says so; what has no price says so. */
export function CostTable({ cost }: { cost: Cost }) {
  const { currency, lines, net, tax, total, missing } = cost;
  const money = (amount: number | null): string => (amount === null ? '—' : moneyText(amount, currency));
  if (lines.length === 0)
    return <p className="cost-none">Nothing is bought for this setup: it is what is on the car.</p>;
  return (
    <table className="cost-table">
      <caption className="soft">
        {missing.length > 0
          ? `At least: no price for ${missing.map((code) => CODE_NAMES[code]).join(', ')}.`
          : 'Every line has its price.'}
        {currency === null && ' The currency is set with the prices in Shop defaults.'}
      </caption>
      <thead>
        <tr>
          <th scope="col">For</th>
          <th scope="col">Count</th>
          <th scope="col">Each</th>
          <th scope="col">Total</th>
          <th scope="col">Price from</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, at) => (
          <Line key={at} line={line} money={money} />
        ))}
      </tbody>
      <tfoot>
        {tax !== null && (
          <>
            <Sum name="Net" amount={money(net)} />
            <Sum name="Tax" amount={money(tax)} />
          </>
        )}
        <Sum name={missing.length > 0 ? 'Total, at least' : 'Total'} amount={money(total)} isTotal />
      </tfoot>
    </table>
  );
}

function Line({
  line: { label, count, each, total, origin },
  money,
}: {
  line: CostLine;
  money(amount: number | null): string;
}) {
  return (
    <tr data-missing={each === null}>
      <th scope="row">{capital(label)}</th>
      <td className="figure">{count}</td>
      <td className="figure">{money(each)}</td>
      <td className="figure">{money(total)}</td>
      <td className="soft">{origin ?? 'no price yet'}</td>
    </tr>
  );
}

const Sum = ({ name, amount, isTotal = false }: { name: string; amount: string; isTotal?: boolean }) => (
  <tr className={isTotal ? 'cost-total' : ''}>
    <th scope="row" colSpan={3}>
      {name}
    </th>
    <td className="figure">{amount}</td>
    <td />
  </tr>
);
