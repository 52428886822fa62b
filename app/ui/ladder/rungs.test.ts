import { evaluatePresent, evaluateSetup } from '#core/evaluate';
import { KITE } from '#support/jobs';
import { chanceText, contactChance, orderedRungs, strainOf, type Rung } from './rungs';

const rungs: Rung[] = [
  { id: 'now', setup: null, report: evaluatePresent(KITE) },
  ...KITE.setups.map((setup) => ({ id: setup.id, setup, report: evaluateSetup(KITE, setup) })),
];
const ids = (ordered: readonly Rung[]) => ordered.map(({ id }) => id);

test('the car as it stands comes first, the setups as they were built', () =>
  expect(ids(orderedRungs(rungs, 'built', 'front'))).toEqual(['now', 'a', 'b', 'c', 'd']));

test.each([
  ['limit', ({ report }: Rung) => strainOf(report)],
  ['poke', ({ report }: Rung) => report.front.pokeMm!],
  ['cost', ({ report }: Rung) => report.cost.total ?? Infinity],
  ['sure', ({ report }: Rung) => contactChance(report)!],
] as const)('by %s, least first', (order, figure) => {
  const [now, ...rest] = orderedRungs(rungs, order, 'front');
  expect(now!.id).toBe('now');
  const figures = rest.map(figure);
  expect(figures).toEqual([...figures].sort((one, other) => one - other));
  expect(rest).toHaveLength(KITE.setups.length);
});

test('the likeliest contact is that of the check it is likeliest at; what touches surely does', () => {
  const chances = rungs.map(({ report }) => contactChance(report)!);
  expect(chances.every((chance) => chance >= 0 && chance <= 1)).toBe(true);
  expect(Math.max(...chances)).toBeGreaterThan(0.95);
  expect([chanceText(0), chanceText(0.004), chanceText(0.254), chanceText(1)]).toEqual([
    '0 %',
    '< 1 %',
    '25 %',
    '100 %',
  ]);
});
