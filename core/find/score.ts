import { moneyIn } from '#core/cost';
import { pokeTargetOf, priceInForce, type AxleName, type Brief, type Job } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import { outerEndMm, WORST_FIRST, type Verdict } from '#core/verdict';
import { axlesOf } from './made';
import { FIND_WEIGHTS, USUAL_WEIGHTS, type FindAsk, type FindWeights } from './records';

/** So far from the target, and further, counts in full, mm. */
const FAR_MM = 25;

/** What a combination is ranked by, each from 0, the best, to 1. */
export type Terms = Record<keyof FindWeights, number>;

/** The poke that an axle is meant to have, mm: the middle of the target, flush or its outer end where it is open. */
export function targetPokeMm(brief: Brief | undefined, axle: AxleName): number {
  const target = pokeTargetOf(brief, axle);
  const outer = outerEndMm(target);
  return target.min === null ? outer : (target.min + outer) / 2;
}

export const targetTerm = (offTargetMm: number | null): number =>
  offTargetMm === null ? 1 : Math.min(1, Math.abs(offTargetMm) / FAR_MM);

/** Verdicts from best to worst: a combination is ranked by its own first. */
export const rankOf = (verdict: Verdict): number => WORST_FIRST.length - 1 - WORST_FIRST.indexOf(verdict);

/** From least to most of what there is: where a figure stands between, 0 to 1; one that is not known comes last. */
export interface Range {
  least: number;
  most: number;
}
export const within = ({ least, most }: Range, value: number | null): number => {
  if (value === null) return 1;
  return most > least ? Math.min(1, Math.max(0, (value - least) / (most - least))) : 0;
};

/** What the cheapest and dearest, lightest and heaviest on a shelf come to, put together for the wheels looked for. */
export function rangesOf({ job, axle, shelf }: Pick<FindAsk, 'job' | 'axle' | 'shelf'>): { cost: Range; mass: Range } {
  const money = moneyIn(priceInForce('currency', job) ?? null);
  const axles = axlesOf(axle);
  const wheels = axles.reduce((sum, one) => sum + (job.vehicle[one]?.dual ? 4 : 2), 0);
  const hubs = 2 * axles.length;
  const many = axles.some((one) => job.vehicle[one]?.dual) ? 2 : 1;
  const ends = (kinds: readonly ShelfItem['kind'][], of: (item: ShelfItem) => number | null | undefined): Range => {
    const known = shelf.flatMap((item) => (kinds.includes(item.kind) ? (of(item) ?? []) : []));
    return { least: known.reduce((one, other) => Math.min(one, other), Infinity), most: Math.max(0, ...known) };
  };
  const coins = ({ priceEach }: ShelfItem) => (priceEach == null ? null : money.coins(priceEach));
  const mass = ({ massKg }: ShelfItem) => massKg;
  const [wheel, tire, piece] = [ends(['wheel'], coins), ends(['tire'], coins), ends(['spacer', 'adapter'], coins)];
  const [heavy, rubber, metal] = [ends(['wheel'], mass), ends(['tire'], mass), ends(['spacer', 'adapter'], mass)];
  return {
    cost: { least: wheels * (wheel.least + tire.least), most: wheels * (wheel.most + tire.most) + hubs * piece.most },
    mass: { least: many * (heavy.least + rubber.least), most: many * (heavy.most + rubber.most) + metal.most },
  };
}

/** The weights in force: those that are asked for, else the brief's, else the usual ones. */
export const weightsOf = ({ job, weights }: Pick<FindAsk, 'job' | 'weights'>): FindWeights => {
  const kept = (job as Job).brief?.find;
  if (weights) return weights;
  const set = FIND_WEIGHTS.map((key) => [key, kept?.[key] ?? USUAL_WEIGHTS[key]]);
  return Object.fromEntries(set) as Record<keyof FindWeights, number>;
};

/** Σ weight · term / Σ weight; 0 where nothing weighs. */
export function scoreOf(terms: Terms, weights: FindWeights): number {
  let [sum, whole] = [0, 0];
  for (const key of FIND_WEIGHTS) {
    sum += weights[key] * terms[key];
    whole += weights[key];
  }
  return whole === 0 ? 0 : sum / whole;
}

/** Verdict first, then score, as one figure: less is better. */
export const keyOf = (rank: number, score: number): number => 2 * rank + score;
