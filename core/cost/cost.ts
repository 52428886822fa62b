import { priceInForce } from '#core/job';
import { moneyIn } from './money';
import type { Cost, CostLine, Wanted } from './records';
import { COST_RULES, type CostCase } from './rules';

/**
 * What a setup costs: everything that it needs and the car has not, counted by the car, each with its price and who
 * says so. Sums in whole coins of the currency; tax on the net sum, to the coin. A price that is missing is missing,
 * never 0.
 */
export function costOf(one: CostCase): Cost {
  const { job } = one;
  const currency = priceInForce('currency', job) ?? null;
  const money = moneyIn(currency);
  const wanted = COST_RULES.flatMap(({ code, of }) => of(one).map((line): Wanted => ({ code, ...line })));
  let net = 0;
  const lines = united(wanted).map(({ code, label, count, price }): CostLine => {
    if (!price) return { code, label, count, each: null, total: null, origin: null };
    const each = money.coins(price.each);
    net += count * each;
    return {
      code,
      label,
      count,
      each: money.amount(each),
      total: money.amount(count * each),
      origin: price.origin,
    };
  });
  const missing = [...new Set(lines.flatMap(({ code, each }) => (each === null ? [code] : [])))];
  const isUnknown = lines.length > 0 && lines.every(({ each }) => each === null);
  const rate = priceInForce('taxPct', job);
  const tax = rate == null || isUnknown ? null : money.percent(net, rate);
  return {
    currency,
    lines,
    net: isUnknown ? null : money.amount(net),
    tax: tax === null ? null : money.amount(tax),
    total: isUnknown ? null : money.amount(net + (tax ?? 0)),
    missing,
  };
}

/** The same part on both axles is one line. */
function united(wanted: readonly Wanted[]): Wanted[] {
  const lines = new Map<string, Wanted>();
  for (const line of wanted) {
    const key = JSON.stringify([line.code, line.label, line.price]);
    const known = lines.get(key);
    lines.set(key, known ? { ...known, count: known.count + line.count } : line);
  }
  return [...lines.values()];
}
