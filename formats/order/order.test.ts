import Papa from 'papaparse';
import type { OrderLine } from '#core/order';
import { orderCsv } from '.';

const line: OrderLine = {
  code: 'wheels',
  label: 'wheel 17 × 7.5 +40',
  figures: '17×7.5 4×108 ET40',
  count: 4,
  onShelf: 1,
  fromShelf: 1,
  toBuy: 3,
  reserved: 1,
  used: 0,
  shelf: { kind: 'wheel', name: 'Gale' },
  each: 189.9,
};

test('read back whole; what has no price has no currency, and nothing is run as a formula', () => {
  const lines = [line, { ...line, figures: '=HYPERLINK("x")', each: null }];
  const { data } = Papa.parse<string[]>(orderCsv(lines, 'EUR'));
  expect(data).toEqual([
    ['what', 'figures', 'count', 'fromShelf', 'reserved', 'used', 'toBuy', 'priceEach', 'currency'],
    ['wheel 17 × 7.5 +40', '17×7.5 4×108 ET40', '4', '1', '1', '0', '3', '189.9', 'EUR'],
    ['wheel 17 × 7.5 +40', `'=HYPERLINK("x")`, '4', '1', '1', '0', '3', '', ''],
  ]);
});
