import { BODY_WORK } from '#core/remedy';
import type { ShopDefaults } from '#core/job';
import { at, fallbackLimit, fallbackName, fallbackPrice, fallbackRule, NO_DEFAULTS, type EditedTerms } from './terms';
import { LIMIT_WORDS, PRICE_NAMES, WORK_NAMES } from './names';
import { SHOP_LIMITS } from '#core/verdict';

const shop: ShopDefaults = {
  limits: { archMm: 9, edgeMm: null },
  rules: { rub: 'plastic' },
  remedies: { heat: true },
  prices: { labourPerHour: 60 },
};
const brief = (behind: ShopDefaults): EditedTerms => ({ of: 'brief', own: () => undefined, set: () => {}, behind });
const house: EditedTerms = { of: 'house', own: (path) => at(shop, path), set: () => {}, behind: NO_DEFAULTS };

test('what stands behind a brief: the shop where it says something, else what is usual', () => {
  const terms = brief(shop);
  expect([fallbackLimit(terms, 'archMm'), fallbackName(terms, ['limits', 'archMm'])]).toEqual([9, 'house']);
  expect([fallbackLimit(terms, 'edgeMm'), fallbackName(terms, ['limits', 'edgeMm'])]).toEqual([6, 'usual']);
  expect([fallbackRule(terms, 'rub'), fallbackName(terms, ['rules', 'rub'])]).toEqual(['plastic', 'house']);
  expect([fallbackRule(terms, 'cover'), fallbackName(terms, ['rules', 'cover'])]).toEqual(['none', 'usual']);
  expect([fallbackPrice(terms, 'labourPerHour'), fallbackPrice(terms, 'alignment')]).toEqual([60, null]);
  expect(fallbackName(terms, ['remedies', 'heat'])).toBe('house');
});
test('behind the shop stands what is usual, whatever it says itself', () => {
  expect(house.own(['limits', 'archMm'])).toBe(9);
  expect([fallbackLimit(house, 'archMm'), fallbackName(house, ['limits', 'archMm'])]).toEqual([3, 'usual']);
  expect(fallbackRule(house, 'rub')).toBe('none');
});
test('a place of a document, and one that is not there', () => {
  expect(at(shop, ['prices', 'labourPerHour'])).toBe(60);
  for (const path of [
    ['prices', 'none'],
    ['prices', 'labourPerHour', 'deeper'],
    ['none', 'at', 'all'],
  ])
    expect(at(shop, path)).toBeUndefined();
  expect(at(undefined, ['limits'])).toBeUndefined();
});
test('every limit, work and price has its words, none like another', () => {
  const labels = [...Object.values(LIMIT_WORDS).map(({ label }) => label), ...Object.values(PRICE_NAMES)];
  expect(new Set(labels).size).toBe(labels.length);
  expect(Object.keys(LIMIT_WORDS).sort()).toEqual(Object.keys(SHOP_LIMITS).sort());
  expect(Object.keys(WORK_NAMES)).toEqual([...BODY_WORK]);
});
