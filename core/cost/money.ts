/** Digits behind the point where a currency is not known by its code (most have two). */
const USUAL_DIGITS = 2;

const isCode = (currency: string | null): currency is string => currency !== null && /^[A-Z]{3}$/.test(currency);

/** Digits behind the point of a currency, by its ISO 4217 code; two for any other name of money. */
export function currencyDigits(currency: string | null): number {
  return formatIn(currency).resolvedOptions().maximumFractionDigits ?? USUAL_DIGITS;
}

/** Made once for each currency: it is asked for at every nudge. */
const formats = new Map<string | null, Intl.NumberFormat>();

function formatIn(currency: string | null): Intl.NumberFormat {
  const known = formats.get(currency);
  if (known) return known;
  const digits = { minimumFractionDigits: USUAL_DIGITS, maximumFractionDigits: USUAL_DIGITS };
  const made = new Intl.NumberFormat('en', isCode(currency) ? { style: 'currency', currency } : digits);
  if (formats.size > 20) formats.clear();
  formats.set(currency, made);
  return made;
}

/**
 * Money as whole numbers of a currency's smallest coin: sums are exact. Halves go away from zero (common practice of
 * invoices, no source).
 */
export interface Money {
  /** Of a price as it is written: the nearest coin. */
  coins(amount: number): number;
  /** Back to an amount as it is written. */
  amount(coins: number): number;
  /** So many percent of an amount in coins, to the coin. */
  percent(coins: number, pct: number): number;
}

/** How finely a percentage is kept: to a thousandth. */
const PER_PERCENT = 1000;

/** @param currency an ISO 4217 code, another name of money, or null */
export function moneyIn(currency: string | null): Money {
  const whole = 10 ** currencyDigits(currency);
  return {
    // A price is written with few digits: what a double adds to them is far below half a coin.
    coins: (amount) => rounded(Number((amount * whole).toPrecision(15))),
    amount: (coins) => coins / whole,
    percent: (coins, pct) => rounded((coins * rounded(pct * PER_PERCENT)) / (100 * PER_PERCENT)),
  };
}

const rounded = (value: number): number => Math.sign(value) * Math.round(Math.abs(value)) || 0;

/** Money as it is said: its sign before it, its name behind it. */
export const moneyText = (amount: number, currency: string | null): string => {
  const text = formatIn(currency).format(amount);
  if (currency === null || isCode(currency)) return text;
  return /^\p{Sc}$/u.test(currency) ? `${currency}${text}` : `${text} ${currency}`;
};
