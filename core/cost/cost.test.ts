import fc from 'fast-check';
import { bignumber, create, all, type BigNumber } from 'mathjs';
import type { Job, Prices, Setup, SetupAxle } from '#core/job';
import { wordsIn } from '#core/units';
import { costOf, currencyDigits, moneyIn, moneyText, type Cost } from '.';

const math = create(all!, { number: 'BigNumber', precision: 40 });

const OLD: SetupAxle = {
  wheel: { rimDiameterIn: 15, rimWidthIn: 6, offsetMm: 38, lugCount: 4, boltCircleMm: 108 },
  tire: { size: '195/60R15' },
};
const NEW: SetupAxle = {
  wheel: { rimDiameterIn: 17, rimWidthIn: 7.5, offsetMm: 40, priceEach: 189.9, priceFrom: 'shelf' },
  tire: { label: 'Ostrik Road', size: '215/45R17', priceEach: 96.45 },
};
const PRICES: Prices = { currency: 'EUR', mountBalanceEach: 18, spacerEach: 24.95, taxPct: 19 };

function job(prices: Prices, setup: Omit<Setup, 'id'>, change: Partial<Job['vehicle']> = {}): [Job, Setup] {
  const own: Setup = { id: 'a', ...setup };
  const axle = { baseline: OLD, hub: { lugCount: 4 } };
  return [
    {
      format: 'scoval.job',
      version: 1,
      vehicle: { front: axle, rear: axle, ...change },
      house: { prices },
      setups: [own],
    },
    own,
  ];
}
const cost = (...[of, setup]: [Job, Setup]): Cost => costOf({ job: of, setup, words: wordsIn('mm') });

test('a whole setup, worked by hand: parts, mounting, tax', () => {
  const stack = [{ kind: 'slip-on' as const, thicknessMm: 5 }];
  const found = cost(...job(PRICES, { front: { ...NEW, stack }, rear: NEW }));
  expect(found.lines).toEqual([
    { code: 'wheels', label: 'wheel 17 × 7.5 +40', count: 4, each: 189.9, total: 759.6, origin: 'shelf' },
    { code: 'tires', label: 'Ostrik Road 215/45R17', count: 4, each: 96.45, total: 385.8, origin: 'typed' },
    { code: 'spacers', label: 'spacer 5.0 mm', count: 2, each: 24.95, total: 49.9, origin: 'shop defaults' },
    { code: 'mounting', label: 'mounting and balancing', count: 4, each: 18, total: 72, origin: 'shop defaults' },
  ]);
  // 759.60 + 385.80 + 49.90 + 72.00 = 1,267.30; 19 % of it 240.787.
  expect([found.net, found.tax, found.total]).toEqual([1267.3, 240.79, 1508.09]);
  expect([found.currency, found.missing]).toEqual(['EUR', []]);
});

test('what is on the car already costs nothing; nothing to buy is 0, not unknown', () => {
  expect(cost(...job(PRICES, { front: OLD, rear: OLD }))).toMatchObject({ lines: [], net: 0, tax: 0, total: 0 });
  const tires = cost(...job(PRICES, { front: { ...OLD, tire: NEW.tire } }));
  expect(tires.lines.map(({ code, count }) => [code, count])).toEqual([
    ['tires', 2],
    ['mounting', 2],
  ]);
  // Another set of the same wheel: a price says that it is bought.
  const again = { ...OLD, wheel: { ...OLD.wheel, priceEach: 80 } };
  expect(cost(...job(PRICES, { front: again })).lines[0]).toMatchObject({ code: 'wheels', total: 160 });
});

test('a price that is missing is missing: the sum is of what is known, and unknown where nothing is', () => {
  const { priceEach: _, ...wheel } = NEW.wheel!;
  const some = cost(...job(PRICES, { front: { ...NEW, wheel } }));
  expect(some.missing).toEqual(['wheels']);
  expect(some.lines[0]).toMatchObject({ each: null, total: null, origin: null });
  expect(some.net).toBe(2 * 96.45 + 36);
  const none = cost(...job({}, { front: { wheel } }));
  expect(none).toMatchObject({ currency: null, net: null, tax: null, total: null, missing: ['wheels', 'mounting'] });
});

test('a dual axle has four wheels and two stacks; each piece by its own price, else its kind’s', () => {
  const rear = { baseline: OLD, dual: true, hub: { lugCount: 6 } };
  const stack: SetupAxle['stack'] = [
    { kind: 'bolt-on', label: 'Ostrik adapter', thicknessMm: 30, priceEach: 61, priceFrom: 'Harrow parts' },
    { kind: 'ring', outerMm: 73.1, innerMm: 66.6 },
    { kind: 'bolt-on', thicknessMm: 25 },
  ];
  const prices = { ...PRICES, ringEach: 4.5, adapterEach: 55 };
  const { lines } = cost(...job(prices, { rear: { ...NEW, stack, dualSpacerMm: 8 } }, { rear }));
  expect(lines.map(({ code, label, count, each, origin }) => [code, label, count, each, origin])).toEqual([
    ['wheels', 'wheel 17 × 7.5 +40', 4, 189.9, 'shelf'],
    ['tires', 'Ostrik Road 215/45R17', 4, 96.45, 'typed'],
    ['spacers', 'spacer between duals 8.0 mm', 2, 24.95, 'shop defaults'],
    ['adapters', 'Ostrik adapter', 2, 61, 'Harrow parts'],
    ['adapters', 'adapter 25.0 mm', 2, 55, 'shop defaults'],
    ['rings', 'hub ring 73.1–66.6', 2, 4.5, 'shop defaults'],
    ['mounting', 'mounting and balancing', 4, 18, 'shop defaults'],
  ]);
});

test('fasteners by the lugs of the hub; sensors; suspension with its alignment; extras by price or time', () => {
  const prices = {
    ...PRICES,
    sensorEach: 31.5,
    liftKitAxle: 220,
    alignment: 89,
    labourPerHour: 90,
    disposalEach: 3,
    shipping: 25,
  };
  const { lines } = cost(
    ...job(prices, {
      front: { ...OLD, fastener: { thread: 'M12x1.25', lengthMm: 43, priceEach: 2.2 } },
      rear: { ...OLD, tire: NEW.tire },
      sensors: { from: 'order' },
      suspensionChange: { front: { kind: 'spring', mm: 30 }, rear: { kind: 'spring', mm: 0 } },
      extras: [
        { id: 'x1', label: 'Roll the lip', minutes: 40 },
        { id: 'x2', label: 'Valve caps', count: 4, priceEach: 0.5 },
        { id: 'x3', label: 'Paint' },
      ],
    }),
  );
  expect(lines.map(({ code, count, total }) => [code, count, total])).toEqual([
    ['tires', 2, 192.9],
    ['fasteners', 8, 17.6],
    ['sensors', 4, 126],
    ['mounting', 2, 36],
    ['disposal', 2, 6],
    ['lift', 1, 220],
    ['alignment', 1, 89],
    ['extra', 1, 60],
    ['extra', 4, 2],
    ['extra', 1, null],
    ['shipping', 1, 25],
  ]);
  const body = cost(...job(prices, { suspensionChange: { front: { kind: 'body', mm: 50 } } }));
  expect(body.lines.map(({ code }) => code)).toEqual(['lift']);
});

test('the brief’s prices go before the shop’s', () => {
  const [own, setup] = job(PRICES, { front: { ...OLD, stack: [{ kind: 'slip-on', thicknessMm: 5 }] } });
  const { lines } = cost({ ...own, brief: { prices: { spacerEach: 20 } } }, setup);
  expect(lines).toMatchObject([{ each: 20, total: 40, origin: 'brief' }]);
});

describe('money', () => {
  // ISO 4217, table A.1, minor units (from memory).
  test.each([
    ['JPY', 0],
    ['KRW', 0],
    ['CLP', 0],
    ['EUR', 2],
    ['USD', 2],
    ['CHF', 2],
    ['KWD', 3],
    ['TND', 3],
    ['BHD', 3],
  ])('%s has %d digits', (code, digits) => expect(currencyDigits(code)).toBe(digits));
  test('any other name of money has two', () =>
    expect([currencyDigits(null), currencyDigits('credits'), currencyDigits('€')]).toEqual([2, 2, 2]));
  test('as it is said', () => {
    expect(moneyText(1508.09, 'EUR')).toBe('€1,508.09');
    expect(moneyText(1508, 'JPY')).toBe('¥1,508');
    expect(moneyText(1508.5, 'credits')).toBe('1,508.50 credits');
    expect(moneyText(0.5, null)).toBe('0.50');
    expect(moneyText(12, '£')).toBe('£12.00');
  });
  test('halves go away from zero', () => {
    const { coins, percent } = moneyIn('EUR');
    expect([coins(1.005), coins(2.675), coins(-1.005), coins(0.29)]).toEqual([101, 268, -101, 29]);
    expect([percent(50, 1), percent(150, 1), percent(-50, 1)]).toEqual([1, 2, -1]);
  });
  // Source: mathjs, BigNumber of 40 digits.
  test('sums and tax as a library of big numbers has them', () => {
    const price = fc.integer({ min: 0, max: 9_999_999 }).map((coins) => coins / 100);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(price, fc.integer({ min: 1, max: 40 })), { minLength: 1, maxLength: 30 }),
        fc.integer({ min: 0, max: 30_000 }).map((part) => part / 1000),
        (rows, taxPct) => {
          const extras = rows.map(([priceEach, count], at) => ({ id: `x${at}`, label: `x${at}`, count, priceEach }));
          const found = cost(...job({ currency: 'EUR', taxPct }, { extras }));
          const net = rows.reduce<BigNumber>(
            (sum, [each, count]) =>
              math.add(sum, math.multiply(bignumber(String(each)), bignumber(count))) as BigNumber,
            bignumber(0),
          );
          const tax = math.round(
            math.divide(math.multiply(net, bignumber(String(taxPct))), bignumber(100)) as BigNumber,
            2,
          );
          expect(String(found.net)).toBe(net.toString());
          expect(String(found.tax)).toBe(tax.toString());
          expect(found.total).toBe(Number((math.add(net, tax) as BigNumber).toString()));
        },
      ),
    );
  });
});
