import { allChecks, limitedBy, usedShare, type SetupReport } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { formatNumber } from '#core/units';
import { WORST_FIRST } from '#core/verdict';

/** A setup on the ladder. */
export interface Rung {
  id: string;
  /** Null for the present car. */
  setup: Setup | null;
  report: SetupReport;
}

/** How near a setup is to what limits it: worst verdict first, then least room left. */
export function strainOf(report: SetupReport): number {
  const held = limitedBy(report);
  return held ? (WORST_FIRST.length - WORST_FIRST.indexOf(held.verdict)) * 10 + (usedShare(held) ?? 0) : 0;
}

/** The likeliest contact of a setup, as a share, by the ± of its clearances; null while none is known. */
export function contactChance(report: SetupReport): number | null {
  const chances = allChecks(report).flatMap(({ touchProbability }) => touchProbability ?? []);
  return chances.length === 0 ? null : Math.max(...chances);
}

export const RUNG_ORDERS = ['built', 'limit', 'poke', 'cost', 'sure'] as const;
export type RungOrder = (typeof RUNG_ORDERS)[number];

export const ORDER_NAMES: readonly (readonly [RungOrder, string])[] = [
  ['built', 'as built'],
  ['limit', 'limit'],
  ['poke', 'poke'],
  ['cost', 'cost'],
  ['sure', 'certainty'],
];

/** What rungs are ordered by, least first; what is not known comes last. */
const FIGURES: Record<Exclude<RungOrder, 'built'>, (report: SetupReport, axle: AxleName) => number | null> = {
  limit: strainOf,
  poke: (report, axle) => report[axle].pokeMm,
  cost: ({ cost }) => cost.total,
  sure: contactChance,
};

/** Rungs in an order, the present car before all. */
export function orderedRungs(rungs: readonly Rung[], order: RungOrder, axle: AxleName): Rung[] {
  if (order === 'built') return [...rungs];
  const figure = ({ report }: Rung) => FIGURES[order](report, axle) ?? Infinity;
  return [
    ...rungs.filter(({ setup }) => setup === null),
    ...rungs.filter(({ setup }) => setup !== null).sort((one, other) => figure(one) - figure(other)),
  ];
}

/** A chance in whole percent; less than one says so. */
export const chanceText = (share: number): string =>
  share > 0 && share < 0.01 ? '< 1 %' : `${formatNumber(100 * share, 0)} %`;
